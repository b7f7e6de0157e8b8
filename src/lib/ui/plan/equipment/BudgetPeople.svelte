<script lang="ts">
	import type { Snippet } from 'svelte';
	import { SvelteSet } from 'svelte/reactivity';
	import { enhanceForm } from '../../platform/kit/enhance-form';
	import type { PurchaseSummary } from '$lib/core/plan/advice/advise-corner';
	import { formatLength } from '$lib/core/body/length/format-length';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { PurchaseId } from '$lib/core/plan/purchases';
	import type { Catalogue } from '$lib/messages/shapes';
	import { deskWords } from '$lib/messages/desk';
	import { money } from '$lib/messages/desk/workforce-words';
	import ActFields from '../../cases/ActFields.svelte';
	import { CaseForm } from '../../cases/case-form.svelte';
	import FormError from '../../cases/FormError.svelte';
	import Button from '../../platform/kit/Button.svelte';
	import DataTable from '../../platform/kit/DataTable.svelte';
	import type { TableColumn } from '../../platform/kit/data-table';

	interface Line {
		readonly personId: string;
		readonly name: string;
		readonly team: string;
		readonly things: readonly PurchaseId[];
		readonly changes: PurchaseSummary['changes'];
		readonly worst: number;
		readonly cents: number;
		readonly fromStock: readonly PurchaseId[];
	}

	interface Props {
		lines: readonly Line[];
		currency: string;
		query: string;
		isMore: boolean;
		t: Catalogue;
		unit: LengthUnit;
		approved: (n: number) => void;
		/** Content next to the list, above the button. */
		beside: Snippet;
	}

	let { lines, currency, query, isMore, t, unit, approved, beside }: Props = $props();

	const texts = deskWords.equipment.budget;
	const left = new SvelteSet<string>();
	const chosen = $derived(lines.filter(({ personId }) => !left.has(personId)));
	/** Smaller changes are not worth a line, mm. */
	const TOLD_FROM_MM = 10;
	const length = (mm: number) => formatLength(mm, unit, { locale: t.locale });
	/** What comes closer to its range: before and after. */
	const nearer = (changes: PurchaseSummary['changes']) =>
		changes
			.filter(({ from, to }) => from - to >= TOLD_FROM_MM)
			.map(({ id, from, to }) =>
				t.open.change(t.checks.names[id], length(from), to === 0 ? null : length(to))
			);
	/** What someone gets. */
	const things = (all: readonly PurchaseId[]) => all.map((thing) => t.open.buy[thing]).join(' + ');
	/** Everyone is approved except those deselected. */
	const approvedIds = {
		add: (id: string) => left.delete(id),
		delete: (id: string) => left.add(id),
		[Symbol.iterator]: () => chosen.map(({ personId }) => personId)[Symbol.iterator]()
	};
	const columns: readonly TableColumn<Line>[] = $derived([
		{ id: 'for', head: texts.forWhom, cell: whom, sortValue: ({ name }) => name, isRowHead: true },
		{ id: 'gets', head: texts.gets, cell: gets },
		{
			id: 'hurts',
			head: texts.hurts,
			words: ({ worst }) => texts.ofTen(worst),
			sortValue: ({ worst }) => worst,
			isLargestFirst: true,
			isNumber: true
		},
		{
			id: 'cost',
			head: texts.cost,
			cell: costs,
			sortValue: ({ cents }) => cents,
			isLargestFirst: true,
			isNumber: true
		}
	]);
	const form = new CaseForm((result) => {
		left.clear();
		approved(Number(result.approved ?? 0));
	});
</script>

<div class="columns">
	<DataTable
		{columns}
		rows={lines}
		keyOf={({ personId }) => personId}
		ticks={{ ids: approvedIds, allWords: texts.tickAll, words: ({ name }) => name }}
	/>
	<aside aria-label={texts.approve(chosen.length)}>
		{@render beside()}
		<form method="POST" action="?/approve&{query}" use:enhanceForm={form.submit} class="mt-3">
			<ActFields {form} />
			<input type="hidden" name="people" value={chosen.map(({ personId }) => personId).join(',')} />
			<Button look="main" size="desk" isBusy={form.isBusy} disabled={chosen.length === 0}
				>{texts.approve(chosen.length)}</Button
			>
			<p class="mt-1 max-w-prose text-note text-ink-soft">
				{#if isMore}{texts.firstShown(lines.length)}{/if}
				{texts.approveHint}
			</p>
			<FormError fault={form.fault} />
		</form>
	</aside>
</div>

{#snippet whom({ personId, name, team }: Line)}
	<a href="/desk/cases/{personId}">{name}</a> <span class="soft">{team}</span>
{/snippet}

{#snippet gets({ things: all, changes }: Line)}
	{things(all)}
	{#each nearer(changes) as words (words)}<span class="soft">{words}</span>{/each}
{/snippet}

{#snippet costs({ cents, fromStock }: Line)}
	{money(cents, currency)}
	{#if fromStock.length > 0}<span class="soft">{texts.someFromStock}</span>{/if}
{/snippet}

<style>
	.columns {
		display: grid;
		gap: 1.5rem 2.5rem;
		align-items: start;
		margin-top: 1rem;
	}
	@media (min-width: 64rem) {
		.columns {
			grid-template-columns: minmax(0, 2fr) minmax(20rem, 1fr);
		}
		aside {
			position: sticky;
			top: 1rem;
		}
	}
</style>
