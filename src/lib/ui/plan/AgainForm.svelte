<script lang="ts">
	import type { PlanVisit } from './plan-visit.svelte';
	import { untrack } from 'svelte';
	import { enhance } from '$app/forms';
	import type { LengthUnit } from '$lib/core/length';
	import type { Catalogue } from '$lib/messages';
	import { issueWords } from '../walk/issue-words';
	import { typedEarly } from '../walk/typed-early';
	import type { Again } from './again.svelte';

	interface Props {
		again: Again;
		t: Catalogue;
		unit: LengthUnit;
		/** What became of the last keeping: nothing yet, with the server, or on this device until the network is back. */
		kept: PlanVisit['keptState'];
		touch: () => void;
		/** Keeps the heights, with or without network. */
		keep: (texts: Readonly<Record<string, string>>) => void;
	}

	let { again, t, unit, kept, touch, keep }: Props = $props();

	const early = typedEarly('form.again');
	untrack(() => {
		for (const field of again.fields) if (early[field] !== undefined) again.set(field, early[field]);
	});
</script>

<form
	class="again"
	method="POST"
	action="?/again"
	novalidate
	use:enhance={({ cancel, formElement }) => {
		cancel();
		const { texts } = again;
		if (texts) keep(texts);
		else formElement.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus();
	}}
>
	<p class="text-ink-soft">{t.again.lead}</p>
	{#each again.fields as field (field)}
		{@const issue = again.issue(field)}
		<div class="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-b border-rule py-2">
			<label for="again-{field}" class="min-w-48 flex-1">
				<span class="font-semibold">{t.again.fields[field]}</span>
				{#if t.again.hints[field]}<span class="block text-note text-ink-soft">{t.again.hints[field]}</span
					>{/if}
			</label>
			<span class="relative w-36">
				<input
					id="again-{field}"
					name={field}
					class="field num pr-11 font-semibold"
					inputmode="decimal"
					maxlength="40"
					autocomplete="off"
					value={again.text(field)}
					aria-invalid={issue !== null}
					aria-describedby={issue ? `again-${field}-issue` : undefined}
					oninput={(event) => {
						again.set(field, event.currentTarget.value);
						touch();
					}}
				/>
				<span
					class="pointer-events-none absolute inset-y-0 right-3 flex items-center text-ink-soft"
					aria-hidden="true">{unit}</span
				>
			</span>
			{#if issue}<p
					id="again-{field}-issue"
					class="w-full border-l-4 border-warm bg-warm-wash px-3 py-1 text-note"
				>
					{issueWords(issue, t, unit)}
				</p>{/if}
		</div>
	{/each}
	<div class="mt-4 flex flex-wrap items-center gap-3">
		<button class="btn btn-main">{t.again.keep}</button>
		<span role="status">{kept === 'sent' ? t.again.kept : kept === 'here' ? t.again.keptHere : ''}</span>
	</div>
</form>
