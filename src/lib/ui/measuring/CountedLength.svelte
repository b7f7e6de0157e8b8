<script lang="ts">
	import { LENGTH_FIELDS, readLength, type LengthFieldName } from '$lib/core/answers';
	import { formatLength } from '$lib/core/length';
	import { sheetsLength, spansLength } from '$lib/core/measuring';
	import type { Catalogue } from '$lib/messages';
	import type { Draft } from '../walk/draft.svelte';

	interface Props {
		name: LengthFieldName;
		/** What is counted. */
		by: 'a4-sheets' | 'hand-span';
		draft: Draft;
		t: Catalogue;
	}

	let { name, by, draft, t }: Props = $props();

	let counted = $state({ long: '', short: '', spans: '' });

	const number = (text: string) => Number(text.replace(',', '.') || 0);
	const span = $derived(readLength('handSpan', draft.answers.handSpan, draft.unit, LENGTH_FIELDS.handSpan));

	function take() {
		const mm =
			by === 'a4-sheets'
				? sheetsLength(number(counted.long), number(counted.short))
				: span.ok
					? spansLength(number(counted.spans), span.mm)
					: 0;
		if (mm > 0) draft.set(name, formatLength(mm, draft.unit, { withUnit: false }));
	}
</script>

<div class="needs-js mt-1.5 flex flex-wrap items-end gap-3 text-note">
	{#if by === 'a4-sheets'}
		{#each ['long', 'short'] as const as side (side)}
			<label>
				{side === 'long' ? t.measure.sheetsLong : t.measure.sheetsShort}: {t.fields[name]}
				<input
					class="field num block w-24"
					inputmode="decimal"
					maxlength="6"
					bind:value={counted[side]}
					oninput={take}
				/>
			</label>
		{/each}
	{:else}
		<label>
			{t.measure.span}, {draft.unit}: {t.fields[name]}
			<input
				class="field num block w-28"
				inputmode="decimal"
				maxlength="20"
				value={draft.answers.handSpan ?? ''}
				oninput={(event) => (draft.set('handSpan', event.currentTarget.value), take())}
			/>
		</label>
		<label>
			{t.measure.spans}: {t.fields[name]}
			<input
				class="field num block w-24"
				inputmode="decimal"
				maxlength="6"
				bind:value={counted.spans}
				oninput={take}
			/>
		</label>
	{/if}
</div>
