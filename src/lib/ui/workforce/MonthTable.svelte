<script lang="ts">
	import type { OverviewPoint } from '$lib/core/workforce/overview';
	import { dayWords } from '$lib/messages/dates';
	import { deskWords } from '$lib/messages/desk';
	import { money, percent } from '$lib/messages/desk/workforce-words';
	import DataTable from '../platform/kit/DataTable.svelte';
	import type { TableColumn } from '../platform/kit/data-table';

	const texts = deskWords.workforce;

	interface Props {
		/** Month ends, oldest first. */
		points: readonly OverviewPoint[];
		currency: string | null;
	}

	let { points, currency }: Props = $props();

	const { hidden } = deskWords.effect;
	const shareColumn = (
		id: 'answered' | 'problem' | 'hurts' | 'stands',
		of: (point: OverviewPoint) => OverviewPoint['answered'] | undefined
	): TableColumn<OverviewPoint> => ({
		id,
		head: texts.monthHeads[id],
		words: (point) => {
			const figure = of(point);
			return figure ? percent(figure.share) : hidden;
		},
		isNumber: true
	});
	const columns: readonly TableColumn<OverviewPoint>[] = $derived([
		{ id: 'on', head: texts.monthEnd, words: ({ on }) => dayWords(on), isRowHead: true },
		shareColumn('answered', ({ answered }) => answered),
		shareColumn('problem', ({ heights }) => heights?.problem),
		shareColumn('hurts', ({ hurts }) => hurts),
		shareColumn('stands', ({ stands }) => stands),
		{
			id: 'money',
			head: texts.monthHeads.money,
			words: ({ openCents }) =>
				openCents === null || currency === null ? hidden : money(openCents, currency),
			isNumber: true
		}
	]);
</script>

<div class="mt-2 text-note">
	<DataTable {columns} rows={points} keyOf={({ on }) => on} label={texts.lastMonths} />
</div>
