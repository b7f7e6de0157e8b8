<script lang="ts">
	import { onMount } from 'svelte';
	import Button from '../../platform/kit/Button.svelte';
	import ChevronRight from '@lucide/svelte/icons/chevron-right';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { Catalogue } from '$lib/messages/shapes';
	import type { DaySheet } from './day-sheet.svelte';
	import SheetRow from './SheetRow.svelte';

	interface Props {
		sheet: DaySheet;
		today: string;
		timeZone: string;
		userId: string | null;
		t: Catalogue;
		unit: LengthUnit;
	}

	let { sheet, today, timeZone, userId, t, unit }: Props = $props();

	/** Rows in the page's HTML; the others are rendered right after, below what a screen shows. */
	const FIRST_ROWS = 20;
	let isMounted = $state(false);
	onMount(() => (isMounted = true));
</script>

<div id="sheet" tabindex="-1">
	{#each sheet.groups as group (group.id)}
		{@const isFolded = sheet.folded.has(group.id)}
		<section class="group">
			<div class="group-head">
				<h2>
					<Button
						type="button"
						look="quiet"
						size="desk"
						class="fold {group.id === 'emergency' || group.id === 'urgent' || group.id === 'clinician'
							? 'text-warm'
							: ''}"
						aria-expanded={!isFolded}
						onclick={() => sheet.fold(group.id)}
						><ChevronRight class="turn" size={16} aria-hidden="true" />{group.name}
						<span class="count">{group.lines.length}</span></Button
					>
				</h2>
				<p class="rule" title={group.rule}>{group.rule}</p>
			</div>
			{#if !isFolded}
				<ul>
					{#each group.lines as line (line.personId)}
						{@const index = sheet.inOrder.indexOf(line)}
						{#if isMounted || index < FIRST_ROWS}
							<SheetRow
								{line}
								{index}
								isHere={index === sheet.at}
								isTicked={sheet.ticked.has(line.personId)}
								{today}
								{timeZone}
								{userId}
								{t}
								{unit}
								form={sheet}
								choose={() => sheet.choose(index)}
								toggle={() => sheet.toggle(line.personId)}
								act={() => sheet.act(index)}
								acting={sheet.acting([line.personId])}
							/>
						{/if}
					{/each}
				</ul>
			{/if}
		</section>
	{/each}
</div>

<style>
	.group {
		margin-top: 0.25rem;
		border-top: 1.5px solid var(--ink);
	}
	.group-head {
		display: flex;
		gap: 0.75rem;
		align-items: center;
		min-width: 0;
	}
	.group h2 {
		font-size: var(--text-body);
	}
	.group :global(.fold) {
		display: flex;
		gap: 0.35rem;
		align-items: center;
		min-height: 1.5rem;
		font-weight: 700;
		color: inherit;
		text-decoration: none;
		white-space: nowrap;
	}
	.group :global(.fold .turn) {
		transition: rotate 120ms;
	}
	.group :global(.fold[aria-expanded='true'] .turn) {
		rotate: 90deg;
	}
	.count {
		font-weight: 400;
		color: var(--ink-soft);
		font-variant-numeric: tabular-nums;
	}
	.rule {
		overflow: hidden;
		font-size: var(--text-mark);
		color: var(--ink-soft);
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	@media (prefers-reduced-motion: reduce) {
		.group :global(.fold .turn) {
			transition: none;
		}
	}
</style>
