<script lang="ts">
	import type { PurchaseId } from '$lib/core/plan/purchases';
	import type { Catalogue } from '$lib/messages/shapes';
	import { deskWords } from '$lib/messages/desk';
	import DataTable from '../../platform/kit/DataTable.svelte';
	import type { TableColumn } from '../../platform/kit/data-table';
	import { money } from '$lib/messages/desk/workforce-words';

	interface Line {
		readonly thing: PurchaseId;
		readonly n: number;
		/** Whole cents for one. */
		readonly each: number;
		/** How many of them come from stock, and cost nothing. */
		readonly fromStock: number;
	}

	interface Props {
		things: readonly Line[];
		spent: number;
		currency: string;
		t: Catalogue;
	}

	let { things, spent, currency, t }: Props = $props();

	const texts = deskWords.equipment.budget;
	const toPay = ({ n, fromStock, each }: Line) => (n - fromStock) * each;
	const columns: readonly TableColumn<Line>[] = $derived([
		{
			id: 'thing',
			head: texts.whatToBuy,
			cell: name,
			sortValue: ({ thing }) => t.open.buy[thing],
			isRowHead: true
		},
		{
			id: 'count',
			head: texts.howMany,
			words: ({ n, fromStock, each }) => (n > fromStock ? `${n - fromStock} × ${money(each, currency)}` : ''),
			sortValue: ({ n, fromStock }) => n - fromStock,
			isLargestFirst: true,
			isNumber: true
		},
		{
			id: 'together',
			head: texts.together,
			words: (line) => money(toPay(line), currency),
			sortValue: toPay,
			isLargestFirst: true,
			isNumber: true
		}
	]);
</script>

<DataTable {columns} rows={things} keyOf={({ thing }) => thing} {foot} />

{#snippet name({ thing, fromStock }: Line)}
	{t.open.buy[thing]}{#if fromStock > 0}<span class="soft">{texts.fromStock(fromStock)}</span>{/if}
{/snippet}

{#snippet foot()}
	<tr>
		<th scope="row">{texts.together}</th>
		<td></td>
		<td class="number"><strong>{money(spent, currency)}</strong></td>
	</tr>
{/snippet}
