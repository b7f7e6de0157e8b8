<script lang="ts">
	import { checklistVersionWords } from '$lib/messages/desk/checklist-version-words';
	import { dayWords } from '$lib/messages/dates';
	import { refreshPage } from '$lib/ui/platform/kit/refresh-page';
	import RoundBar from '$lib/ui/cases/RoundBar.svelte';
	import RoundForm from '$lib/ui/cases/RoundForm.svelte';
	import RoundActs from '$lib/ui/people/rounds/RoundActs.svelte';
	import RoundWho from '$lib/ui/people/rounds/RoundWho.svelte';
	import RoundForecast from '$lib/ui/people/rounds/RoundForecast.svelte';
	import RoundFigures from '$lib/ui/people/rounds/RoundFigures.svelte';
	import RoundSilent from '$lib/ui/people/rounds/RoundSilent.svelte';
	import type { RoundNews } from '$lib/server/people/rounds/round-news';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.rounds;

	let { data } = $props();

	let live = $state.raw<RoundNews | null>(null);
	const progress = $derived((live ?? data.news).progress);
	const { round } = $derived(data);

	/** Time between two readings of the list while a round is followed, ms. */
	const READ_AGAIN_MS = 2000;
	const followed = $derived(data.isOut ? data.round.id : null);

	/** While the round is open the server pushes its changes. */
	$effect(() => {
		if (!followed) return;
		const events = new EventSource(`/desk/rounds/${followed}/progress`);
		let reading: ReturnType<typeof setTimeout> | undefined;
		// The bar moves with every event; the list and the figures, which cost more, are read again from time to time.
		const readSoon = () => {
			reading ??= setTimeout(() => {
				reading = undefined;
				void refreshPage();
			}, READ_AGAIN_MS);
		};
		events.onmessage = ({ data: told }: MessageEvent<string>) => {
			// The first event usually repeats what the page already has; each later one says that something has changed.
			if (live || told !== JSON.stringify(data.news)) readSoon();
			live = JSON.parse(told) as RoundNews;
		};
		return () => {
			events.close();
			clearTimeout(reading);
			live = null;
		};
	});
</script>

<svelte:head><title>{texts.titleOf(round.name)}</title></svelte:head>

<main class="max-w-6xl px-6 py-6">
	<p class="text-note"><a href="/desk/rounds">{texts.heading}</a></p>
	<div class="mt-1 flex flex-wrap items-end justify-between gap-4">
		<div>
			<h1 class="text-title">{round.name}</h1>
			<p class="mt-1 text-ink-soft">
				{texts.fullSummary({
					roundStates: round.pausedAt ? texts.paused : deskWords.states.rounds[round.state],
					startsOn: dayWords(round.startsOn, 'medium'),
					dueOn: dayWords(round.dueOn, 'medium'),
					timeZone: round.timeZone,
					checklistVersion: checklistVersionWords(round.checklistVersion)
				})}
			</p>
		</div>
		<RoundActs
			{round}
			matches={data.who?.n ?? 0}
			silent={progress.sent ?? 0}
			waiting={progress.waiting ?? 0}
			reminderDays={data.reminderDays}
		/>
	</div>

	{#if round.state === 'draft'}
		{#if data.who}<RoundWho who={data.who} />{/if}
		<RoundForecast forecast={data.forecast} outcome={null} startsOn={round.startsOn} />
		<RoundForm
			{round}
			version={round.version}
			teams={data.teams}
			countries={data.countries}
			organisation={data.organisation}
			reminderDays={data.reminderDays}
			action="?/change"
			words={texts.saveDraft}
		/>
	{:else}
		<p class="mt-2 text-note">
			<a href="/desk/rounds/{round.id}/inspection">{deskWords.inspection.roundLink}</a>
		</p>
		<section class="mt-5" aria-live="polite">
			<RoundBar {progress} isClosed={round.state === 'closed'} />
		</section>
		<div class="mt-6 grid gap-8 lg:grid-cols-[1.1fr_1fr]">
			<RoundSilent
				silent={data.silent}
				nudgeable={data.nudgeable}
				isOut={data.isOut}
				mostReminders={data.reminderDays.length}
			/>
			<div class="min-w-0">
				<RoundFigures
					name={round.name}
					figures={data.figures}
					compared={data.compared}
					earlier={data.earlier}
					same={data.same}
				/>
				{#if data.forecast}
					<RoundForecast forecast={data.forecast} outcome={data.outcome} startsOn={round.startsOn} />
				{/if}
			</div>
		</div>
	{/if}
</main>
