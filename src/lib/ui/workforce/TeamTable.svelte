<script lang="ts">
	import type { WorkforceReport } from '$lib/core/workforce/report';
	import { deskWords } from '$lib/messages/desk';
	import { ofWords, percent } from '$lib/messages/desk/workforce-words';
	import DataTable from '../platform/kit/DataTable.svelte';
	import type { TableColumn } from '../platform/kit/data-table';

	const texts = deskWords.workforce;

	let { teams }: { teams: WorkforceReport['teams'] } = $props();

	type Figure = WorkforceReport['teams']['answered'][number]['figure'];

	interface Row {
		readonly team: string;
		readonly answered: Figure;
		readonly hurts: Figure;
	}

	const rows = $derived(
		[...new Set([...teams.answered, ...teams.hurts].map(({ team }) => team))]
			.map((team): Row => ({
				team,
				answered: teams.answered.find((one) => one.team === team)?.figure ?? null,
				hurts: teams.hurts.find((one) => one.team === team)?.figure ?? null
			}))
			.sort((a, b) => (a.team < b.team ? -1 : 1))
	);
	const shown = $derived(rows.filter(({ answered, hurts }) => answered !== null || hurts !== null));
	const words = (figure: Figure) =>
		figure ? `${percent(figure.share)} (${ofWords(figure)})` : deskWords.effect.hidden;
	const columns: readonly TableColumn<Row>[] = [
		{
			id: 'team',
			head: texts.team,
			words: ({ team }) => team || deskWords.effect.noTeam,
			sortValue: ({ team }) => team,
			isRowHead: true
		},
		{
			id: 'answered',
			head: texts.monthHeads.answered,
			words: ({ answered }) => words(answered),
			sortValue: ({ answered }) => answered?.share ?? null,
			isLargestFirst: true,
			isNumber: true
		},
		{
			id: 'hurts',
			head: texts.monthHeads.hurts,
			words: ({ hurts }) => words(hurts),
			sortValue: ({ hurts }) => hurts?.share ?? null,
			isLargestFirst: true,
			isNumber: true
		}
	];
</script>

{#if shown.length > 0}
	<DataTable {columns} rows={shown} keyOf={({ team }) => team} label={texts.teamFigures} />
{/if}
{#if shown.length < rows.length}
	<p class="mt-1 break-before-avoid text-note text-ink-soft">
		{texts.teamsHidden(rows.length - shown.length)}
	</p>
{/if}
