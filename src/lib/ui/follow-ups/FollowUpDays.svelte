<script lang="ts">
	import { calendarHref, dateAt, daysFromTo, longDayWords, weekdayWords } from './calendar-days';
	import type { FollowUpBoardLine } from './board-line';
	import type { FollowUpBoard } from './follow-up-board.svelte';
	import FollowUpCard from './FollowUpCard.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.followUps;

	interface Props {
		board: FollowUpBoard;
		view: 'month' | 'week';
		/** The day whose month or week is shown. */
		day: string;
		from: string;
		until: string;
		today: string;
		lines: readonly FollowUpBoardLine[];
		/** How many there are of each day; not all are shown of a busy one. */
		onDays: readonly { readonly day: string; readonly n: number }[];
	}

	let { board, view, day: shown, from, until, today, lines, onDays }: Props = $props();

	const days = $derived(daysFromTo(from, until));
	const on = (day: string) => lines.filter(({ due }) => due === day && due >= today);
	const isOtherMonth = (day: string) => view === 'month' && day.slice(0, 7) !== shown.slice(0, 7);
	const isWeekend = (day: string) => [0, 6].includes(dateAt(day).getUTCDay());
	/** How many of a day are not shown. */
	const moreOn = (day: string) =>
		day < today ? 0 : (onDays.find((d) => d.day === day)?.n ?? 0) - on(day).length;
</script>

<div class="days" class:week={view === 'week'}>
	{#each days.slice(0, 7) as day (day)}<p class="head">{weekdayWords(day)}</p>{/each}
	{#each days as day (day)}
		<section
			class="day"
			class:other={isOtherMonth(day)}
			class:free={isWeekend(day)}
			class:today={day === today}
			class:over={board.over === day || board.held?.to === day}
			aria-label={longDayWords(day)}
			ondragover={(event) => {
				if (!board.dragged) return;
				event.preventDefault();
				board.over = day;
			}}
			ondrop={(event) => {
				event.preventDefault();
				if (board.dragged) void board.move(board.dragged, day);
			}}
			role="group"
		>
			<p class="number">{texts.todayMark(Number(day.slice(8)), day === today)}</p>
			{#each on(day) as line (line.id)}
				<FollowUpCard {board} {line} isWide={view === 'week'} />
			{/each}
			{#if moreOn(day) > 0}
				<a
					class="inline-flex min-h-6 min-w-6 items-center text-mark"
					href={calendarHref(view === 'month' ? 'week' : 'list', day)}>{texts.more(moreOn(day))}</a
				>
			{/if}
		</section>
	{/each}
</div>

<style>
	.days {
		display: grid;
		grid-template-columns: repeat(7, minmax(0, 1fr));
		margin-top: 0.5rem;
		border-top: 1.5px solid var(--ink);
		border-left: 1px solid var(--rule);
	}
	.head {
		padding: 0.2rem 0.4rem;
		border-right: 1px solid var(--rule);
		border-bottom: 1px solid var(--rule);
		font-size: var(--text-mark);
		color: var(--ink-soft);
	}
	.day {
		display: flex;
		flex-direction: column;
		gap: 2px;
		min-height: 5.4rem;
		padding: 0.2rem 0.3rem 0.3rem;
		border-right: 1px solid var(--rule);
		border-bottom: 1px solid var(--rule);
		background: var(--sheet);
	}
	.week .day {
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
