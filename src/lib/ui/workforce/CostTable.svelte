<script lang="ts">
	import { costOf } from '$lib/core/workforce/report-decisions';
	import type { ReportedPurchase } from '$lib/core/workforce/report';
	import { codeWords, money, formattedNumber } from '$lib/messages/desk/workforce-words';
	import DataTable from '../platform/kit/DataTable.svelte';
	import type { TableColumn } from '../platform/kit/data-table';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	let { purchases }: { purchases: readonly ReportedPurchase[] } = $props();

	const cost = $derived(costOf(purchases));
	const price = (cents: number | null, currency: string | null) =>
		cents === null || currency === null ? texts.noPrice : money(cents, currency);
	const together = ({ cents, people }: ReportedPurchase) => (cents === null ? null : cents * people);
	const columns: readonly TableColumn<ReportedPurchase>[] = [
		{
			id: 'thing',
			head: texts.thing,
			words: ({ purchase }) => codeWords(purchase),
			sortValue: ({ purchase }) => codeWords(purchase),
			isRowHead: true
		},
		{
			id: 'people',
			head: texts.peopleHelped,
			words: ({ people }) => formattedNumber(people),
			sortValue: ({ people }) => people,
			isLargestFirst: true,
			isNumber: true
		},
		{
			id: 'one',
			head: texts.priceEach,
			words: ({ cents, currency }) => price(cents, currency),
			sortValue: ({ cents }) => cents,
			isLargestFirst: true,
			isNumber: true
		},
		{
			id: 'together',
			head: texts.total,
			words: (line) => (together(line) === null ? '' : price(together(line), line.currency)),
			sortValue: together,
			isLargestFirst: true,
			isNumber: true
		}
	];
</script>

{#if purchases.length === 0}
	<p class="mt-2">{texts.purchasesHidden}</p>
{:else}
	<p class="mt-4 text-note text-ink-soft">{texts.peopleHelpedHint}</p>
	<div class="mt-2">
		<DataTable {columns} rows={purchases} keyOf={({ purchase }) => purchase} foot={cost ? sum : undefined} />
	</div>
{/if}

{#snippet sum()}
	{#if cost}<tr
			><th scope="row">{texts.totalPriced}</th><td></td><td></td><td class="number"
				><strong>{money(cost.cents, cost.currency)}</strong></td
			></tr
		>{/if}
{/snippet}
