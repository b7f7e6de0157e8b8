<script lang="ts" generics="Row extends object">
	import ArrowDown from '@lucide/svelte/icons/arrow-down';
	import ArrowUp from '@lucide/svelte/icons/arrow-up';
	import ChevronsUpDown from '@lucide/svelte/icons/chevrons-up-down';
	import { createTable, type RowSelectionState, type SortingState } from '@tanstack/svelte-table';
	import type { Snippet } from 'svelte';
	import CheckBox from './CheckBox.svelte';
	import {
		columnDefOf,
		TABLE_FEATURES,
		type ServerSort,
		type TableColumn,
		type TableTicks
	} from './data-table';

	interface Props {
		columns: readonly TableColumn<Row>[];
		rows: readonly Row[];
		keyOf: (row: Row) => string;
		/** The columns shown; all, if left out. */
		shown?: readonly string[];
		/** If left out, headings of columns with a `sortValue` sort in the browser. */
		sorted?: ServerSort;
		ticks?: TableTicks<Row>;
		/** Labels the table for screen readers, where no heading does. */
		label?: string;
		/** Shown where there are no rows. */
		empty?: string;
		foot?: Snippet;
	}

	let { columns, rows, keyOf, shown, sorted, ticks, label, empty, foot }: Props = $props();

	let sorting = $state.raw<SortingState>([]);
	const byId = $derived(new Map(columns.map((column) => [column.id, column])));

	const table = createTable<typeof TABLE_FEATURES, Row>({
		features: TABLE_FEATURES,
		get columns() {
			return columns.map(columnDefOf);
		},
		get data() {
			return [...rows];
		},
		getRowId: (row) => keyOf(row),
		get manualSorting() {
			return sorted !== undefined;
		},
		enableMultiSort: false,
		state: {
			get sorting() {
				return sorted ? [{ id: sorted.by, desc: sorted.isDescending }] : sorting;
			},
			get columnVisibility() {
				return Object.fromEntries(columns.map(({ id }) => [id, shown?.includes(id) ?? true]));
			},
			get rowSelection() {
				return Object.fromEntries([...(ticks?.ids ?? [])].map((id) => [id, true as const]));
			}
		},
		onSortingChange: (next) => (sorting = typeof next === 'function' ? next(sorting) : next),
		onRowSelectionChange: (next) => {
			if (!ticks) return;
			const before: RowSelectionState = Object.fromEntries([...ticks.ids].map((id) => [id, true as const]));
			const after = typeof next === 'function' ? next(before) : next;
			for (const id of Object.keys(before)) if (!after[id]) ticks.ids.delete(id);
			for (const [id, is] of Object.entries(after)) if (is) ticks.ids.add(id);
		}
	});

	const DIRECTION = { asc: 'ascending', desc: 'descending' } as const;
</script>

<div class="around">
	<table class="kit-sums" aria-label={label}>
		<thead>
			<tr>
				{#if ticks}
					<th scope="col" class="tick">
						<CheckBox
							words={ticks.allWords}
							isLabelHidden
							size="desk"
							isChecked={rows.length > 0 && table.getIsAllRowsSelected()}
							onchange={(is) => table.toggleAllRowsSelected(is)}
						/>
					</th>
				{/if}
				{#each table.getVisibleLeafColumns() as column (column.id)}
					{@const head = byId.get(column.id)}
					{@const direction = column.getIsSorted()}
					{@const link = sorted?.linkOf(column.id)}
					<th
						scope="col"
						class:number={head?.isNumber}
						style:width={head?.width}
						aria-sort={direction ? DIRECTION[direction] : undefined}
					>
						{#snippet arrow()}
							{#if direction === 'asc'}<ArrowUp size={14} aria-hidden="true" />
							{:else if direction === 'desc'}<ArrowDown size={14} aria-hidden="true" />
							{:else}<ChevronsUpDown size={12} aria-hidden="true" class="may" />{/if}
						{/snippet}
						{#if link}
							<a
								class="sort"
								href={link.href}
								title={link.title}
								data-sveltekit-noscroll
								data-sveltekit-keepfocus
								>{head?.head}<span class="sr-only">{link.hint}</span>{@render arrow()}</a
							>
						{:else if !sorted && column.getCanSort()}
							<button type="button" class="sort" onclick={column.getToggleSortingHandler()}
								>{head?.head}{@render arrow()}</button
							>
						{:else}{head?.head}{/if}
					</th>
				{/each}
			</tr>
		</thead>
		<tbody>
			{#each table.getRowModel().rows as row (row.id)}
				<tr>
					{#if ticks}
						<td class="tick">
							<CheckBox
								words={ticks.words(row.original)}
								isLabelHidden
								size="desk"
								isChecked={row.getIsSelected()}
								onchange={(is) => row.toggleSelected(is)}
							/>
						</td>
					{/if}
					{#each row.getVisibleCells() as { id, column } (id)}
						{@const of = byId.get(column.id)}
						{@const span = of?.span?.(row.original) ?? 1}
						{#if span > 0}<svelte:element
								this={of?.isRowHead ? 'th' : 'td'}
								scope={of?.isRowHead ? 'row' : undefined}
								colspan={span > 1 ? span : undefined}
								class:number={of?.isNumber}
								class:whitespace-nowrap={of?.isNoWrap}
								>{#if of?.cell}{@render of.cell(row.original)}{:else}{of?.words?.(
										row.original
									)}{/if}</svelte:element
							>{/if}
					{/each}
				</tr>
			{:else}
				{#if empty}<tr><td colspan={table.getVisibleLeafColumns().length + (ticks ? 1 : 0)}>{empty}</td></tr
					>{/if}
			{/each}
		</tbody>
		{#if foot}<tfoot>{@render foot()}</tfoot>{/if}
	</table>
</div>

<style>
	.around {
		/* What is read out and not seen stays within it, and doesn't widen the page. */
		position: relative;
		overflow-x: auto;
	}
	thead tr {
		border-bottom: 1.5px solid var(--ink);
	}
	tbody tr:hover {
		background: var(--sheet);
	}
	.tick {
		width: 2rem;
	}
	.sort {
		display: inline-flex;
		gap: 0.25rem;
		align-items: center;
		padding: 0;
		border: 0;
		background: none;
		color: inherit;
		font: inherit;
		text-align: inherit;
		text-decoration: none;
		cursor: pointer;
	}
	.sort:hover {
		text-decoration: underline;
	}
	.sort :global(.may) {
		align-self: center;
		opacity: 0.55;
	}
	@media print {
		.sort :global(svg) {
			display: none;
		}
		.around {
			overflow: visible;
		}
	}
</style>
