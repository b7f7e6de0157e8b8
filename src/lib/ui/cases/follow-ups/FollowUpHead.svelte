<script lang="ts">
	import ChevronLeft from '@lucide/svelte/icons/chevron-left';
	import ChevronRight from '@lucide/svelte/icons/chevron-right';
	import Button from '../../platform/kit/Button.svelte';
	import { calendarHref, stepRange, CALENDAR_VIEWS, type CalendarView } from './calendar-days';
	import type { FollowUpBoard } from './follow-up-board.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.followUps;

	interface Props {
		board: FollowUpBoard;
		view: CalendarView;
		day: string;
		today: string;
		/** The number in view, and the number overdue. */
		total: number;
		overdue: number;
	}

	let { board, view, day, today, total, overdue }: Props = $props();
</script>

<div class="flex flex-wrap items-end justify-between gap-4">
	<div>
		<h1 class="text-title">{texts.heading}</h1>
		<p class="mt-1 text-ink-soft">
			{texts.summary(overdue, total)}
		</p>
	</div>
	<nav class="flex flex-wrap items-center gap-2" aria-label={texts.view}>
		{#each CALENDAR_VIEWS as name (name)}
			<Button size="desk" aria-current={view === name ? 'page' : undefined} href={calendarHref(name, day)}
				>{texts.views[name]}</Button
			>
		{/each}
		<Button size="desk" href={stepRange(view, day, -1)} isIcon aria-label={texts.earlier}
			><ChevronLeft size={18} aria-hidden="true" /></Button
		>
		<Button size="desk" href={calendarHref(view, today)}>{texts.today}</Button>
		<Button size="desk" href={stepRange(view, day, 1)} isIcon aria-label={texts.later}
			><ChevronRight size={18} aria-hidden="true" /></Button
		>
	</nav>
</div>
<div class="mt-1 flex min-h-8 flex-wrap items-center gap-x-6 gap-y-1">
	<p id="how-to-move" class="text-note text-ink-soft">
		{texts.dragHint} <kbd class="key">M</kbd>
		{texts.dragPickUp}
		<kbd class="key">{texts.enterKey}</kbd>
		{texts.dragDrop}
	</p>
	<p role="status" class="text-note text-cool">{board.status}</p>
	{#if board.last && !board.held}
		<Button type="button" size="desk" onclick={() => void board.undo()}
			>{texts.undo} <kbd class="key" aria-hidden="true">{texts.undoKey}</kbd></Button
		>
	{/if}
</div>
<div role="alert">
	{#if board.fault}<p class="mt-2 border-s-4 border-warm bg-warm-wash px-3 py-1.5 text-note">
			{board.fault}
		</p>{/if}
</div>
