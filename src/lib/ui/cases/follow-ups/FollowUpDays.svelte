<script lang="ts">
	import { dayWords } from '$lib/messages/dates';
	import { daysFromTo } from './calendar-days';
	import type { FollowUpBoardLine } from './board-line';
	import type { FollowUpBoard } from './follow-up-board.svelte';
	import FollowUpDay from './FollowUpDay.svelte';

	interface Props {
		board: FollowUpBoard;
		view: 'month' | 'week';
		/** The day whose month or week is shown. */
		day: string;
		from: string;
		until: string;
		today: string;
		lines: readonly FollowUpBoardLine[];
		/** The number on each day; a busy day does not show all. */
		onDays: readonly { readonly day: string; readonly n: number }[];
	}

	let { board, view, day: shown, from, until, today, lines, onDays }: Props = $props();

	const days = $derived(daysFromTo(from, until));
</script>

<div class="days">
	{#each days.slice(0, 7) as day (day)}<p class="head">{dayWords(day, 'day-name')}</p>{/each}
	{#each days as day (day)}
		<FollowUpDay
			{board}
			{view}
			{day}
			{today}
			isOtherMonth={view === 'month' && day.slice(0, 7) !== shown.slice(0, 7)}
			lines={day < today ? [] : lines.filter(({ due }) => due === day)}
			count={onDays.find((one) => one.day === day)?.n ?? 0}
		/>
	{/each}
</div>

<style>
	.days {
		display: grid;
		grid-template-columns: repeat(7, minmax(0, 1fr));
		margin-top: 0.5rem;
		border-top: 1.5px solid var(--ink);
		border-inline-start: 1px solid var(--rule);
	}
	.head {
		padding: 0.2rem 0.4rem;
		border-inline-end: 1px solid var(--rule);
		border-bottom: 1px solid var(--rule);
		font-size: var(--text-mark);
		color: var(--ink-soft);
	}
</style>
