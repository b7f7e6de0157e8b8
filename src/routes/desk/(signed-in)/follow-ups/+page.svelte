<script lang="ts">
	import { goto } from '$app/navigation';
	import { levelEn } from '$lib/messages/triage-en';
	import {
		addressOf,
		longWords,
		monthWords,
		shortWords,
		stepped,
		VIEWS
	} from '$lib/ui/follow-ups/calendar-days';
	import { FollowUpBoard } from '$lib/ui/follow-ups/follow-up-board.svelte';
	import FollowUpAside from '$lib/ui/follow-ups/FollowUpAside.svelte';
	import FollowUpCard from '$lib/ui/follow-ups/FollowUpCard.svelte';
	import FollowUpDays from '$lib/ui/follow-ups/FollowUpDays.svelte';
	import { useShortcuts } from '$lib/ui/shortcuts/context';

	let { data, form } = $props();

	const shortcuts = useShortcuts();
	const board = new FollowUpBoard(() => data.today);
	const feed = $derived(form && 'feed' in form ? (form.feed as string) : null);
	const go = (by: 1 | -1) => stepped(data.view, data.day, by);
	const isWide = $derived(data.view !== 'month');

	$effect(() =>
		shortcuts.add([
			{ key: 'ArrowRight', words: 'Later', run: () => void goto(go(1)) },
			{ key: 'ArrowLeft', words: 'Earlier', run: () => void goto(go(-1)) },
			{ key: 'm', words: 'Take the chosen line up, to move it', run: () => {} }
		])
	);
</script>

<svelte:head><title>Follow-ups · Easy Corner</title></svelte:head>

<main class="px-6 py-5">
	<div class="flex flex-wrap items-end justify-between gap-4">
		<div>
			<h1 class="text-title">Follow-ups</h1>
			<p class="mt-1 text-ink-soft">
				{data.overdueTotal === 0
					? 'Nothing is overdue.'
					: data.overdueTotal === 1
						? 'One is overdue.'
						: `${data.overdueTotal} are overdue.`}
				{data.total} in view.
			</p>
		</div>
		<nav class="flex flex-wrap items-center gap-2" aria-label="View">
			{#each Object.entries(VIEWS) as [view, words] (view)}
				<a
					class="btn btn-small"
					class:chosen={data.view === view}
					aria-current={data.view === view ? 'page' : undefined}
					href={addressOf(view, data.day)}>{words}</a
				>
			{/each}
			<a class="btn btn-small" href={go(-1)} aria-label="Earlier">←</a>
			<a class="btn btn-small" href={addressOf(data.view, data.today)}>Today</a>
			<a class="btn btn-small" href={go(1)} aria-label="Later">→</a>
		</nav>
	</div>
	<p id="how-to-move" class="mt-2 text-note text-ink-soft">
		Drag a name to another day; by keys: <kbd class="key">M</kbd> takes it up, arrows carry it,
		<kbd class="key">Enter</kbd> puts it down.
	</p>
	<div role="status" class="text-note text-cool">
		{board.status}
	</div>
	<div role="alert">
		{#if board.fault}<p class="mt-2 border-l-4 border-warm bg-warm-wash px-3 py-1.5 text-note">
				{board.fault}
			</p>{/if}
	</div>

	<div class="layout">
		<div class="min-w-0">
			{#if data.overdue.length > 0}
				<section class="mb-4 border-l-4 border-warm pl-3">
					<h2 class="text-lead text-warm">Overdue</h2>
					<ul class="mt-1 flex flex-wrap gap-1.5">
						{#each data.overdue as line (line.id)}
							<li class="flex items-center gap-1">
								<FollowUpCard {board} {line} {isWide} /><span class="text-mark text-ink-soft"
									>{shortWords(line.due)}</span
								>
							</li>
						{/each}
						{#if data.overdueTotal > data.overdue.length}<li class="text-note text-ink-soft">
								and {data.overdueTotal - data.overdue.length} more on the day sheet
							</li>{/if}
					</ul>
				</section>
			{/if}
			{#if data.view === 'list'}
				<h2 class="text-head">From {longWords(data.from)}</h2>
				<ul class="mt-2 border-t border-ink">
					{#each data.lines.filter(({ due }) => due >= data.today) as line (line.id)}
						<li class="grid grid-cols-[9rem_1fr_7rem] gap-3 border-b border-rule py-1.5 text-note">
							<span>{longWords(line.due)}</span>
							<FollowUpCard {board} {line} {isWide} />
							<span class="text-ink-soft">{levelEn[line.level].name}</span>
						</li>
					{/each}
				</ul>
				{#if data.lines.length === 0}<p class="mt-3 text-ink-soft">No follow-up in these sixty days.</p>{/if}
			{:else}
				<h2 class="text-head">
					{data.view === 'month'
						? `${monthWords(data.day)}${data.day.slice(0, 7) === data.until.slice(0, 7) ? '' : ` to ${monthWords(data.until)}`}`
						: `${shortWords(data.from)} to ${shortWords(data.until)}`}
				</h2>
				<FollowUpDays
					{board}
					view={data.view}
					day={data.day}
					from={data.from}
					until={data.until}
					today={data.today}
					lines={data.lines}
					onDays={data.onDays}
				/>
			{/if}
		</div>
		<FollowUpAside
			load={data.load}
			aheadFrom={data.aheadFrom}
			{feed}
			hasEnded={form !== null && 'feedEnded' in form}
		/>
	</div>
</main>

<style>
	.layout {
		display: grid;
		gap: 1.75rem;
		margin-top: 1rem;
	}
	.chosen {
		background: var(--ink);
		color: var(--sheet);
	}
	@media (min-width: 68rem) {
		.layout {
			grid-template-columns: minmax(0, 1fr) 15rem;
		}
	}
</style>
