<script lang="ts">
	import type { ReportedPurchase } from '$lib/core/workforce';
	import { costOf } from '$lib/messages/desk/report-words';
	import { codeWords, money, formattedNumber } from '$lib/messages/desk/workforce-words';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.workforce;

	let { purchases }: { purchases: readonly ReportedPurchase[] } = $props();

	const cost = $derived(costOf(purchases));
	const price = (cents: number | null, currency: string | null) =>
		cents === null || currency === null ? texts.noPriceKnown : money(cents, currency);
</script>

{#if purchases.length === 0}
	<p class="mt-2">{texts.noThingThatIs}</p>
{:else}
	<table class="kit-sums mt-2">
		<thead>
			<tr>
				<th scope="col">{texts.thing}</th>
				<th scope="col">{texts.peopleWhomItHelps}</th>
				<th scope="col">{texts.one}</th>
				<th scope="col">{texts.together}</th>
			</tr>
		</thead>
		<tbody>
			{#each purchases as { purchase, people, cents, currency } (purchase)}
				<tr>
					<th scope="row">{codeWords(purchase)}</th>
					<td>{formattedNumber(people)}</td>
					<td>{price(cents, currency)}</td>
					<td>{cents === null ? '' : price(cents * people, currency)}</td>
				</tr>
			{/each}
		</tbody>
		{#if cost}
			<tfoot
				><tr
					><th scope="row">{texts.allWithAPrice}</th><td></td><td></td><td
						><strong>{money(cost.cents, cost.currency)}</strong></td
					></tr
				></tfoot
			>
		{/if}
	</table>
{/if}
