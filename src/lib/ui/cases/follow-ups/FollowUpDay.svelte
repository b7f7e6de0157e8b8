<script lang="ts">
	import { dayWords } from '$lib/messages/dates';
	import { deskWords } from '$lib/messages/desk';
	import type { FollowUpBoardLine } from './board-line';
	import { calendarHref, dateAt } from './calendar-days';
	import type { FollowUpBoard } from './follow-up-board.svelte';
	import FollowUpCard from './FollowUpCard.svelte';

	const texts = deskWords.followUps;

	interface Props {
		board: FollowUpBoard;
		view: 'month' | 'week';
		day: string;
		today: string;
		isOtherMonth: boolean;
		/** Those shown; there may be more. */
		lines: readonly FollowUpBoardLine[];
		count: number;
	}

	let { board, view, day, today, isOtherMonth, lines, count }: Props = $props();

	const isWeekend = $derived([0, 6].includes(dateAt(day).getUTCDay()));
	const more = $derived(day < today ? 0 : count - lines.length);
</script>

<section
	class="day"
	class:week={view === 'week'}
	class:other={isOtherMonth}
	class:free={isWeekend}
	class:today={day === today}
	class:over={board.drag.over === day || board.held?.to === day}
	aria-label={dayWords(day, 'today')}
	role="group"
	{@attach board.drag.place(day)}
>
	<p class="number">{texts.todayMark(Number(day.slice(8)), day === today)}</p>
	{#each lines as line (line.id)}
		<FollowUpCard {board} {line} isWide={view === 'week'} />
	{/each}
	{#if more > 0}
		<a
			class="inline-flex min-h-6 min-w-6 items-center text-mark"
			href={calendarHref(view === 'month' ? 'week' : 'list', day)}>{texts.moreOnDay(more)}</a
		>
	{/if}
</section>

<style>
	.day {
		display: flex;
		flex-direction: column;
		gap: 2px;
		min-height: 5.4rem;
		padding: 0.2rem 0.3rem 0.3rem;
		border-inline-end: 1px solid var(--rule);
		border-bottom: 1px solid var(--rule);
		background: var(--sheet);
	}
	.week {
		min-height: 22rem;
	}
	.free {
		background: var(--paper);
	}
	.other .number {
		font-style: italic;
	}
	.today {
		box-shadow: inset 0 2px 0 var(--warm);
	}
	.over {
		outline: 2px solid var(--cool);
		outline-offset: -2px;
	}
	.number {
		font-size: var(--text-mark);
		color: var(--ink-soft);
	}
</style>
