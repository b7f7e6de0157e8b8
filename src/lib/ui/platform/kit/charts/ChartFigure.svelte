<script lang="ts">
	import ChartColumn from '@lucide/svelte/icons/chart-no-axes-column';
	import Table2 from '@lucide/svelte/icons/table-2';
	import type { Snippet } from 'svelte';
	import { deskWords } from '$lib/messages/desk';
	import Button from '../Button.svelte';
	import Chart from './Chart.svelte';
	import type { ConfigOf } from './chart-configs';
	import { sortValueOf, type ChartRow, type ChartTable } from './chart-table';
	import DataTable from '../DataTable.svelte';
	import type { TableColumn } from '../data-table';

	const texts = deskWords.frame;

	interface Props {
		title: string;
		/** The number of people. */
		count: string;
		/** What may and what may not be concluded from it. */
		note?: string;
		config: ConfigOf;
		heightPx: number;
		isForPaper?: boolean;
		/** Nothing of it may be published. */
		isEmpty?: boolean;
		/** The meaning of the marks, where not labelled directly. */
		key?: Snippet;
		/** The same numbers as a table. */
		table: ChartTable;
	}

	let {
		title,
		count,
		note = '',
		config,
		heightPx,
		isForPaper = false,
		isEmpty = false,
		key,
		table
	}: Props = $props();

	/** A sheet of paper is seen whole: bars may be thinner there, and fewer pages end early because the next chart is too tall. */
	const PAPER_HEIGHT = 0.8;
	const drawnPx = $derived(isForPaper ? Math.round(heightPx * PAPER_HEIGHT) : heightPx);

	let isTable = $state(false);
	const columns: readonly TableColumn<ChartRow>[] = $derived(
		table.heads.map((head, i) => ({
			id: `column-${i}`,
			head,
			// A heading that is not visible can't be pressed.
			sortValue: isTable ? (row: ChartRow) => sortValueOf(row, i) : undefined,
			...(i === 0
				? { isRowHead: true, cell: rowName }
				: {
						isLargestFirst: true,
						words: ({ cells }: ChartRow) => cells[i - 1] ?? '',
						span: ({ cells }: ChartRow) => (cells.length > 1 ? 1 : i === 1 ? table.heads.length - 1 : 0)
					})
		}))
	);
</script>

<figure class="figure">
	<figcaption>
		<div>
			<h3>{title}</h3>
			<p class="count">{count}</p>
		</div>
		{#if !isForPaper && !isEmpty}
			<Button
				type="button"
				look="quiet"
				size="desk"
				class="needs-js no-print"
				aria-pressed={isTable}
				onclick={() => (isTable = !isTable)}
				>{#if isTable}<ChartColumn size={16} aria-hidden="true" />{texts.chart}{:else}<Table2
						size={16}
						aria-hidden="true"
					/>{texts.table}{/if}<span class="sr-only">: {title}</span></Button
			>
		{/if}
	</figcaption>
	{#if isEmpty}
		<p>{texts.allHidden}</p>
	{:else if !isTable}
		<div class="drawn">
			{@render key?.()}
			<Chart {config} heightPx={drawnPx} {isForPaper} label={texts.chartDescription(title, count)} />
		</div>
	{/if}
	<!-- Always there for screen readers, and for everyone where nothing is drawn. -->
	<div class="numbers" class:sr-only={!isTable}>
		<DataTable {columns} rows={table.rows} keyOf={({ key: rowKey }) => rowKey} label={title} />
	</div>
	{#if note}<p class="note">{note}</p>{/if}
</figure>

{#snippet rowName({ words, href }: ChartRow)}
	{#if href}<a {href}>{words}</a>{:else}{words}{/if}
{/snippet}

<style>
	.figure {
		margin: 1.5rem 0 0;
		min-width: 0;
		break-inside: avoid;
	}
	figcaption {
		display: flex;
		align-items: flex-start;
		justify-content: space-between;
		gap: 1rem;
		margin-bottom: 0.5rem;
		border-top: 1.5px solid var(--ink);
		padding-top: 0.5rem;
	}
	h3 {
		font-size: var(--text-lead);
	}
	.count,
	.note {
		font-size: var(--text-note);
		color: var(--ink-soft);
	}
	.note {
		margin-top: 0.35rem;
		max-width: 44rem;
	}
	/* Nothing scrolls where nothing is seen: a part that scrolls has to be reached by keys. */
	.numbers.sr-only :global(> div) {
		overflow: visible;
	}
	@media (scripting: none) {
		.drawn {
			display: none;
		}
		.numbers.sr-only {
			position: static;
			width: auto;
			height: auto;
			clip-path: none;
			white-space: normal;
		}
	}
</style>
