<script lang="ts">
	import type { LengthUnit } from '$lib/core/length';
	import type { Catalogue } from '$lib/messages';
	import CasePane from '../cases/CasePane.svelte';
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

{#if sheet.here}
	{@const { here, brief } = sheet}
	<aside class="beside" aria-label={texts.theCaseOf(here.name)}>
		{#if brief && brief.id === here.personId}
			{#key brief.id}
				<CasePane {brief} {t} {unit} {today} {userId} sent={() => sheet.focusLine()} />
			{/key}
		{:else if sheet.hasBriefFault}
			<p class="text-note text-ink-soft">{texts.theCaseCouldNot}</p>
		{:else}
			<h2 class="text-lead">{here.name}</h2>
			<p class="text-note text-ink-soft">{texts.openingTheCase}</p>
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
