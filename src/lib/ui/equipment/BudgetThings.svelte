<script lang="ts">
	import type { PurchaseId } from '$lib/core/plan';
	import type { Catalogue } from '$lib/messages';
	import { deskWords } from '$lib/messages/desk';
	import { money } from '$lib/messages/desk/workforce-words';

	interface Props {
		things: readonly {
			readonly thing: PurchaseId;
			readonly n: number;
			/** Whole cents of one. */
			readonly each: number;
			/** How many of them come from stock, and cost nothing. */
			readonly fromStock: number;
		}[];
		spent: number;
		currency: string;
		t: Catalogue;
	}

	let { things, spent, currency, t }: Props = $props();

	const texts = deskWords.equipment.budget;
</script>

<table class="kit-sums">
	<thead>
		<tr>
			<th scope="col">{texts.whatToBuy}</th>
			<th scope="col" class="number">{texts.howMany}</th>
			<th scope="col" class="number">{texts.together}</th>
		</tr>
	</thead>
	<tbody>
		{#each things as { thing, n, each, fromStock } (thing)}
			<tr>
				<th scope="row">
					{t.open.buy[thing]}{#if fromStock > 0}<span class="soft">{texts.fromStock(fromStock)}</span>{/if}
				</th>
				<td class="number"
					>{#if n > fromStock}{n - fromStock} × {money(each, currency)}{/if}</td
				>
				<td class="number">{money((n - fromStock) * each, currency)}</td>
			</tr>
		{/each}
	</tbody>
	<tfoot>
		<tr>
			<th scope="row">{texts.together}</th>
			<td></td>
			<td class="number"><strong>{money(spent, currency)}</strong></td>
		</tr>
	</tfoot>
</table>
