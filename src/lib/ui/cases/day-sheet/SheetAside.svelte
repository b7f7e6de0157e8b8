<script lang="ts">
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { Catalogue } from '$lib/messages/shapes';
	import { on } from 'svelte/events';
	import { CARRIED_OUT } from '../case-form.svelte';
	import CasePane from '../CasePane.svelte';
	import Button from '../../platform/kit/Button.svelte';
	import Notice from '../../platform/kit/Notice.svelte';
	import type { DaySheet } from './day-sheet.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.daySheet;

	interface Props {
		sheet: DaySheet;
		t: Catalogue;
		unit: LengthUnit;
		today: string;
		userId: string | null;
	}

	let { sheet, t, unit, today, userId }: Props = $props();
</script>

{#if sheet.beside}
	{@const { beside, brief, typedOver } = sheet}
	<aside
		class="beside"
		aria-label={texts.caseOf(beside.name)}
		oninput={({ currentTarget }) => sheet.typed(currentTarget)}
		{@attach (pane) => on(pane, CARRIED_OUT, sheet.endTyping)}
	>
		<div role="status">
			{#if typedOver}
				<Notice kind="note">
					<p>{texts.typedOver[typedOver](beside.name)}</p>
					{#if typedOver === 'gone'}
						<Button type="button" size="desk" onclick={sheet.endTyping}>{texts.discardAndClose}</Button>
					{/if}
				</Notice>
			{/if}
		</div>
		{#if brief && brief.id === beside.id}
			{#key brief.id}
				<CasePane
					{brief}
					{t}
					{unit}
					{today}
					{userId}
					sent={() => sheet.focusLine()}
					isTyped={sheet.isTyped}
				/>
			{/key}
		{:else if sheet.hasBriefFault}
			<p class="text-note text-ink-soft">{texts.caseNotLoaded}</p>
		{:else}
			<h2 class="text-lead">{beside.name}</h2>
			<p class="text-note text-ink-soft">{texts.openingCase}</p>
		{/if}
	</aside>
{/if}

<style>
	@media (min-width: 72rem) {
		.beside {
			position: sticky;
			top: 1rem;
			align-self: start;
			max-height: calc(100dvh - 2rem);
			padding: 0.9rem 1rem;
			overflow-y: auto;
			border: 1px solid var(--rule);
			background: var(--sheet);
		}
	}
</style>
