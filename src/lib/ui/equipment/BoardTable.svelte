<script lang="ts">
	import type { CheckId } from '$lib/core/checks';
	import type { FindingId } from '$lib/core/checklist';
	import type { RequestableItem, RequestState } from '$lib/core/equipment';
	import type { Catalogue } from '$lib/messages';
	import { dayWords } from '$lib/messages/desk-dates';
	import { codeWords, money } from '$lib/messages/desk/workforce-words';
	import RequestActs from './RequestActs.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.equipment;

	interface Line {
		readonly id: string;
		readonly purchase: RequestableItem;
		readonly state: RequestState;
		readonly reason: string;
		readonly supplier: string;
		readonly orderNumber: string;
		readonly costCents: number | null;
		readonly currency: string;
		readonly since: Date;
		readonly version: number;
		readonly personId: string;
		readonly name: string;
		readonly team: string;
		readonly closes: readonly CheckId[];
		/** Findings beside the heights that it is for. */
		readonly findings: readonly FindingId[];
		readonly fromStore: boolean;
		readonly backBy: string | null;
	}

	interface Props {
		title: string;
		lines: readonly Line[];
		/** What things usually cost. */
		prices: readonly {
			readonly purchase: RequestableItem;
			readonly cents: number;
			readonly currency: string;
		}[];
		/** What lies in the store. */
		store: readonly { readonly thing: RequestableItem; readonly onHand: number }[];
		now: Date;
		t: Catalogue;
	}

	let { title, lines, prices, store, now, t }: Props = $props();

	const today = $derived(now.toISOString().slice(0, 10));
	/** What they come to, as far as prices are known, by currency. */
	const sums = $derived.by(() => {
		const found: Record<string, number> = {};
		for (const { costCents, currency, purchase } of lines) {
			const price = costCents === null ? priceOf(purchase) : { cents: costCents, currency };
			if (price) found[price.currency] = (found[price.currency] ?? 0) + price.cents;
		}
		return Object.entries(found).map(([currency, cents]) => money(cents, currency));
	});
	const DAY_MS = 86_400_000;
	const priceOf = (purchase: RequestableItem) => prices.find((price) => price.purchase === purchase);
	const days = (since: Date) => {
		const n = Math.max(0, Math.floor((Number(now) - Number(since)) / DAY_MS));
		return n === 0 ? 'today' : n === 1 ? '1 day' : `${n} days`;
	};
	/** What it costs, or usually costs; nothing where nobody said. */
	function cost({ costCents, currency, purchase }: Line): string {
		if (costCents !== null) return money(costCents, currency);
		const price = priceOf(purchase);
		return price ? `about ${money(price.cents, price.currency)}` : '';
	}
	const usual = (purchase: RequestableItem) => {
		const price = priceOf(purchase);
		return price
			? { cost: (price.cents / 100).toFixed(2), currency: price.currency }
			: { cost: '', currency: '' };
	};
	const order = ({ supplier, orderNumber }: Line) =>
		[supplier, orderNumber].filter((one) => one !== '').join(', ');
</script>

<section class="mt-5">
	<h2 class="text-lead first-letter:uppercase">
		{title}
		<span class="count">{texts.about(lines.length, sums)}</span>
	</h2>
	<table>
		<thead>
			<tr>
				<th scope="col">{texts.thing}</th>
				<th scope="col">{texts.forWord}</th>
				<th scope="col">{texts.why}</th>
				<th scope="col">{texts.orderAndCost}</th>
				<th scope="col">{texts.since}</th>
				<th scope="col">{texts.next}</th>
			</tr>
		</thead>
		<tbody>
			{#each lines as line (line.id)}
				<tr>
					<th scope="row">{t.open.buy[line.purchase]}</th>
					<td
						><a href="/desk/cases/{line.personId}">{line.name}</a>{#if line.team}<br /><span class="soft"
								>{line.team}</span
							>{/if}</td
					>
					<td
						>{#if line.closes.length > 0}{t.open.closes(
								line.closes.map((id) => t.checks.names[id].toLowerCase()).join(', ')
							)}{:else if line.findings.length > 0}{line.findings
								.map((id) => codeWords(id))
								.join(', ')}{:else}<span class="soft">{texts.closesNoHeightBy}</span>{/if}{#if line.reason}<br
							/><span class="soft">{line.reason}</span>{/if}</td
					>
					<td
						>{order(line)}{#if order(line) && cost(line)}<br />{/if}<span class="num">{cost(line)}</span
						>{#if line.fromStore}<br /><span
								class="soft"
								class:late={line.backBy !== null && line.backBy < today && line.state === 'arrived'}
								>{texts.fromTheStoreBack(line.backBy && dayWords(line.backBy, 'short'))}</span
							>{/if}</td
					>
					<td class="num">{days(line.since)}</td>
					<td
						><RequestActs
							request={line}
							personId={line.personId}
							of="{t.open.buy[line.purchase]}, {line.name}"
							usual={usual(line.purchase)}
							inStore={store.find(({ thing }) => thing === line.purchase)?.onHand ?? 0}
							{today}
						/></td
					>
				</tr>
			{/each}
		</tbody>
	</table>
</section>

<style>
	table {
		width: 100%;
		margin-top: 0.4rem;
		border-top: 1.5px solid var(--ink);
		border-collapse: collapse;
		font-size: var(--text-note);
		table-layout: fixed;
	}
	thead th:nth-child(1) {
		width: 19%;
	}
	thead th:nth-child(2) {
		width: 14%;
	}
	thead th:nth-child(3) {
		width: 16%;
	}
	thead th:nth-child(4) {
		width: 16%;
	}
	thead th:nth-child(5) {
		width: 7%;
	}
	th,
	td {
		padding: 0.4rem 0.9rem 0.4rem 0;
		border-bottom: 1px solid var(--rule);
		text-align: left;
		vertical-align: top;
	}
	thead th {
		font-size: var(--text-mark);
		font-weight: 400;
		color: var(--ink-soft);
	}
	.late {
		color: var(--warm) !important;
		font-weight: 650;
	}
	.soft,
	.count {
		color: var(--ink-soft);
	}
	.count {
		font-weight: 400;
		font-variant-numeric: tabular-nums;
	}
	@media (max-width: 60rem) {
		thead {
			display: none;
		}
		tr {
			display: grid;
			grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
			padding: 0.5rem 0;
			border-bottom: 1px solid var(--rule);
		}
		th,
		td {
			padding: 0.15rem 0.5rem 0.15rem 0;
			border: 0;
		}
	}
</style>
