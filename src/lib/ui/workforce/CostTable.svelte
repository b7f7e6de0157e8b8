<script lang="ts">
	import type { ReportedPurchase } from '$lib/core/workforce';
	import { costOf } from './report-words';
	import { codeWords, money, number } from './words';

	let { purchases }: { purchases: readonly ReportedPurchase[] } = $props();

	const cost = $derived(costOf(purchases));
	const price = (cents: number | null, currency: string | null) =>
		cents === null || currency === null ? 'no price known' : money(cents, currency);
</script>

{#if purchases.length === 0}
	<p class="mt-2">No thing that is sold would help five people or more.</p>
{:else}
	<table>
		<thead>
			<tr>
				<th scope="col">Thing</th>
				<th scope="col">People whom it helps</th>
				<th scope="col">One</th>
				<th scope="col">Together</th>
			</tr>
		</thead>
		<tbody>
			{#each purchases as { purchase, people, cents, currency } (purchase)}
				<tr>
					<th scope="row">{codeWords(purchase)}</th>
					<td>{number(people)}</td>
					<td>{price(cents, currency)}</td>
					<td>{cents === null ? '' : price(cents * people, currency)}</td>
				</tr>
			{/each}
		</tbody>
		{#if cost}
			<tfoot
				><tr
					><th scope="row">All with a price</th><td></td><td></td><td
						><strong>{money(cost.cents, cost.currency)}</strong></td
					></tr
				></tfoot
			>
		{/if}
	</table>
{/if}

<style>
	table {
		width: 100%;
		margin-top: 0.5rem;
		border-collapse: collapse;
		break-inside: avoid;
	}
	th,
	td {
		padding: 0.3rem 0.75rem 0.3rem 0;
		border-bottom: 1px solid var(--rule);
		text-align: left;
		font-weight: 400;
	}
	thead th {
		font-size: var(--text-note);
		color: var(--ink-soft);
	}
	tfoot th,
	tfoot td {
		border-top: 1.5px solid var(--ink);
	}
</style>
