<script lang="ts">
	import type { CheckId } from '$lib/core/workstation/checks/check-values';
	import type { FindingId } from '$lib/core/questionnaire/checklist/findings';
	import type { EquipmentItem, RequestState } from '$lib/core/plan/equipment';
	import type { Catalogue } from '$lib/messages/shapes';
	import { dayWords } from '$lib/messages/dates';
	import { codeWords, itemWords, money } from '$lib/messages/desk/workforce-words';
	import { SvelteSet } from 'svelte/reactivity';
	import OrderTogether from './OrderTogether.svelte';
	import DataTable from '../../platform/kit/DataTable.svelte';
	import type { TableColumn } from '../../platform/kit/data-table';
	import RequestActs from './RequestActs.svelte';
	import { usualOrder, type CatalogueLine } from './usual-order';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.equipment;

	interface Line {
		readonly id: string;
		readonly purchase: EquipmentItem;
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
		/** Empty where nobody said. */
		readonly deliverTo: string;
	}

	interface Props {
		title: string;
		lines: readonly Line[];
		catalogue: readonly CatalogueLine[];
		store: readonly { readonly thing: EquipmentItem; readonly free: number }[];
		now: Date;
		t: Catalogue;
		/** Called after some were ordered together. */
		ordered: (n: number) => void;
	}

	let { title, lines, catalogue, store, now, t, ordered }: Props = $props();

	/** Requests that are ordered next: several can be in one order. */
	const canOrder = $derived(lines.every(({ state }) => state === 'approved'));
	const ticked = new SvelteSet<string>();
	const chosen = $derived(lines.filter(({ id }) => ticked.has(id)));
	const isOneKind = $derived(new Set(chosen.map(({ purchase }) => purchase)).size === 1);
	const named = ({ name, purchase }: Line) => texts.requestOf(name, itemWords(purchase));
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
	const entryOf = (purchase: EquipmentItem) => catalogue.find(({ code }) => code === purchase);
	const priceOf = (purchase: EquipmentItem) => {
		const { cents = null, currency = '' } = entryOf(purchase) ?? {};
		return cents === null ? null : { cents, currency };
	};
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
	const usual = (purchase: EquipmentItem) => usualOrder(entryOf(purchase));
	/** When it should arrive, by the catalogue's delivery time; empty where unknown. */
	const expected = ({ purchase, state }: Line) => {
		const { deliveryDays = null } = entryOf(purchase) ?? {};
		return state === 'ordered' && deliveryDays !== null ? texts.deliveryTime(deliveryDays) : '';
	};
	const order = ({ supplier, orderNumber }: Line) =>
		[supplier, orderNumber].filter((one) => one !== '').join(', ');
	const columns: readonly TableColumn<Line>[] = $derived([
		{
			id: 'thing',
			head: texts.thing,
			words: ({ purchase }) => itemWords(purchase),
			sortValue: ({ purchase }) => itemWords(purchase),
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
			usual={isOneKind ? usual(chosen[0]!.purchase) : usualOrder(undefined)}
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
			>{line.state === 'approved'
				? texts.reserved
				: texts.fromStock(line.backBy && dayWords(line.backBy, 'short'))}</span
		>{/if}{#if expected(line)}<span class="soft">{expected(line)}</span>{/if}{#if line.deliverTo}<span
			class="soft address">{texts.deliverTo(line.deliverTo)}</span
		>{/if}
{/snippet}

{#snippet next(line: Line)}
	<RequestActs
		request={line}
		personId={line.personId}
		of="{itemWords(line.purchase)}, {line.name}"
		usual={usual(line.purchase)}
		inStore={store.find(({ thing }) => thing === line.purchase)?.free ?? 0}
		{today}
	/>
{/snippet}

<style>
	.late {
		color: var(--warm) !important;
		font-weight: 650;
	}
	.address {
		white-space: pre-line;
	}
	.count {
		color: var(--ink-soft);
		font-weight: 400;
		font-variant-numeric: tabular-nums;
	}
</style>
