<script lang="ts">
	import type { CheckId } from '$lib/core/checks';
	import type { FindingId } from '$lib/core/checklist';
	import type { RequestableItem, RequestState } from '$lib/core/equipment';
	import type { Catalogue } from '$lib/messages';
	import { dayWords } from '$lib/messages/dates';
	import { codeWords, money } from '$lib/messages/desk/workforce-words';
	import { SvelteSet } from 'svelte/reactivity';
	import OrderTogether from './OrderTogether.svelte';
	import DataTable from '../kit/DataTable.svelte';
	import type { TableColumn } from '../kit/data-table';
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
		/** Findings, besides heights, that it is for. */
		readonly findings: readonly FindingId[];
		readonly fromStore: boolean;
		readonly backBy: string | null;
	}

	interface Props {
		title: string;
		lines: readonly Line[];
		/** Usual prices. */
		prices: readonly {
			readonly purchase: RequestableItem;
			readonly cents: number;
			readonly currency: string;
		}[];
		/** Items in stock. */
		store: readonly { readonly thing: RequestableItem; readonly onHand: number }[];
		now: Date;
		t: Catalogue;
		/** Called after some were ordered together. */
		ordered: (n: number) => void;
	}

	let { title, lines, prices, store, now, t, ordered }: Props = $props();

	/** Requests that are ordered next: several can be in one order. */
	const canOrder = $derived(lines.every(({ state }) => state === 'approved'));
	const ticked = new SvelteSet<string>();
	const chosen = $derived(lines.filter(({ id }) => ticked.has(id)));
	const isOneKind = $derived(new Set(chosen.map(({ purchase }) => purchase)).size === 1);
	const named = ({ name, purchase }: Line) => texts.requestOf(name, t.open.buy[purchase]);
	const today = $derived(now.toISOString().slice(0, 10));
	/** Totals by currency, as far as prices are known. */
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
		return texts.daysAgo(n);
	};
	/** What it costs, or usually costs; empty where unknown. */
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
	const columns: readonly TableColumn<Line>[] = $derived([
		{
			id: 'thing',
			head: texts.thing,
			words: ({ purchase }) => t.open.buy[purchase],
			sortValue: ({ purchase }) => t.open.buy[purchase],
			isRowHead: true,
			width: '19%'
		},
		{ id: 'for', head: texts.forWhom, cell: whom, sortValue: ({ name }) => name, width: '14%' },
		{ id: 'why', head: texts.why, cell: why, width: '18%' },
		{
			id: 'order',
			head: texts.orderAndCost,
			cell: orderAndCost,
			sortValue: ({ costCents, purchase }) => costCents ?? priceOf(purchase)?.cents ?? null,
			isLargestFirst: true,
			width: '16%'
		},
		{
			id: 'since',
			head: texts.since,
			words: ({ since }) => days(since),
			sortValue: ({ since }) => Number(now) - Number(since),
			isLargestFirst: true,
			isNumber: true,
			width: '8%'
		},
		{ id: 'next', head: texts.next, cell: next }
	]);
</script>

<section class="mt-5">
	<h2 class="text-lead first-letter:uppercase">
		{title}
		<span class="count">{texts.linesAndSums(lines.length, sums)}</span>
	</h2>
	<div class="mt-2 text-note">
		<DataTable
			{columns}
			rows={lines}
			keyOf={({ id }) => id}
			label={title}
			{...canOrder && {
				ticks: {
					ids: ticked,
					allWords: texts.tickAllForOrder,
					words: (line: Line) => texts.tickForOrder(named(line))
				}
			}}
		/>
	</div>
	{#if chosen.length > 0}
		<OrderTogether
			chosen={chosen.map((line) => ({ ...line, words: named(line) }))}
			usual={isOneKind ? usual(chosen[0]!.purchase) : { cost: '', currency: '' }}
			ordered={(n) => {
				ticked.clear();
				ordered(n);
			}}
		/>
	{/if}
</section>

{#snippet whom(line: Line)}
	<a href="/desk/cases/{line.personId}">{line.name}</a>{#if line.team}<span class="soft">{line.team}</span
		>{/if}
{/snippet}

{#snippet why(line: Line)}
	{#if line.closes.length > 0}{t.open.closes(
			line.closes.map((id) => t.checks.names[id]).join(', ')
		)}{:else if line.findings.length > 0}{line.findings.map((id) => codeWords(id)).join(', ')}{:else}<span
			class="soft">{texts.fixesNothingAlone}</span
		>{/if}{#if line.reason}<span class="soft">{line.reason}</span>{/if}
{/snippet}

{#snippet orderAndCost(line: Line)}
	{order(line)}{#if order(line) && cost(line)}<br />{/if}<span class="num">{cost(line)}</span
	>{#if line.fromStore}<span
			class="soft"
			class:late={line.backBy !== null && line.backBy < today && line.state === 'arrived'}
			>{texts.fromStock(line.backBy && dayWords(line.backBy, 'short'))}</span
		>{/if}
{/snippet}

{#snippet next(line: Line)}
	<RequestActs
		request={line}
		personId={line.personId}
		of="{t.open.buy[line.purchase]}, {line.name}"
		usual={usual(line.purchase)}
		inStore={store.find(({ thing }) => thing === line.purchase)?.onHand ?? 0}
		{today}
	/>
{/snippet}

<style>
	.late {
		color: var(--warm) !important;
		font-weight: 650;
	}
	.count {
		color: var(--ink-soft);
		font-weight: 400;
		font-variant-numeric: tabular-nums;
	}
</style>
