<script lang="ts">
	import { dayWords } from '$lib/messages/dates';
	import { goto } from '$app/navigation';
	import { stepRange } from '$lib/ui/cases/follow-ups/calendar-days';
	import { FollowUpBoard } from '$lib/ui/cases/follow-ups/follow-up-board.svelte';
	import FollowUpAside from '$lib/ui/cases/follow-ups/FollowUpAside.svelte';
	import FollowUpCard from '$lib/ui/cases/follow-ups/FollowUpCard.svelte';
	import FollowUpHead from '$lib/ui/cases/follow-ups/FollowUpHead.svelte';
	import FollowUpDays from '$lib/ui/cases/follow-ups/FollowUpDays.svelte';
	import { ACT_KEYS } from '$lib/ui/platform/shortcuts/act-keys';
	import { useShortcuts } from '$lib/ui/platform/shortcuts/context';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.followUps;

	let { data, form } = $props();

	const shortcuts = useShortcuts();
	const board = new FollowUpBoard(() => data.today);
	const feed = $derived(form && 'feed' in form ? (form.feed as string) : null);
	const go = (by: 1 | -1) => stepRange(data.view, data.day, by);
	const isWide = $derived(data.view !== 'month');

	$effect(() => () => board.drag.end());
	$effect(() =>
		shortcuts.add([
			{ key: 'ArrowRight', words: texts.nextDays, run: () => void goto(go(1)) },
			{ key: 'ArrowLeft', words: texts.earlierDays, run: () => void goto(go(-1)) },
			{ key: 'Control+z', words: texts.undoMove, run: () => void board.undo() },
			{ ...ACT_KEYS.move, run: () => {} }
		])
	);
</script>

<svelte:head><title>{texts.pageTitle}</title></svelte:head>

<main class="px-6 py-6">
	<FollowUpHead
		{board}
		view={data.view}
		day={data.day}
		today={data.today}
		total={data.total}
		overdue={data.overdueTotal}
	/>

	<div class="layout">
		<div class="min-w-0">
			{#if data.overdue.length > 0}
				<section class="mb-4 border-s-4 border-warm ps-3">
					<h2 class="text-lead text-warm">{texts.overdue}</h2>
					<ul class="mt-1 flex flex-wrap gap-1.5">
						{#each data.overdue as line (line.id)}
							<li class="flex items-center gap-1">
								<FollowUpCard {board} {line} {isWide} /><span class="text-mark text-ink-soft"
									>{dayWords(line.due, 'short')}</span
								>
							</li>
						{/each}
						{#if data.overdueTotal > data.overdue.length}<li class="text-note text-ink-soft">
								{texts.moreInToday(data.overdueTotal, data.overdue.length)}
							</li>{/if}
					</ul>
				</section>
			{/if}
			{#if data.view === 'list'}
				<h2 class="text-head">{texts.fromDay(dayWords(data.from, 'today'))}</h2>
				<ul class="mt-2 border-t border-ink">
					{#each data.lines.filter(({ due }) => due >= data.today) as line (line.id)}
						<li class="grid grid-cols-[9rem_1fr_7rem] gap-3 border-b border-rule py-1.5 text-note">
							<span>{dayWords(line.due, 'today')}</span>
							<FollowUpCard {board} {line} {isWide} />
							<span class="text-ink-soft">{deskWords.triage.levels[line.level].name}</span>
						</li>
					{/each}
				</ul>
				{#if data.lines.length === 0}<p class="mt-3 text-ink-soft">{texts.noneInPeriod}</p>{/if}
			{:else}
				<h2 class="text-head">
					{data.view === 'month'
						? texts.period(dayWords(data.day, 'long-month'), dayWords(data.until, 'long-month'))
						: texts.period(dayWords(data.from, 'short'), dayWords(data.until, 'short'))}
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
	@media (min-width: 68rem) {
		.layout {
			grid-template-columns: minmax(0, 1fr) 15rem;
		}
	}
</style>
