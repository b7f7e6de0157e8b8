<script lang="ts">
	import { onMount } from 'svelte';
	import { BREAK_KINDS, type BreakKind } from '$lib/core/breaks/break-schedules';
	import { messagesFor } from '$lib/messages';
	import { breakTextsFor } from '$lib/messages/breaks';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import { BreakRun } from '$lib/ui/breaks/break-run.svelte';
	import BreakBeside from '$lib/ui/breaks/BreakBeside.svelte';
	import BreakOptions from '$lib/ui/breaks/BreakOptions.svelte';
	import BreakRunning from '$lib/ui/breaks/BreakRunning.svelte';
	import { clockWords } from '$lib/ui/breaks/clock-words';
	import { breakKindWords } from '$lib/ui/breaks/break-words';
	import ExerciseDrawing from '$lib/ui/breaks/ExerciseDrawing.svelte';
	import { dayOnDevice, BreaksDay } from '$lib/ui/breaks/breaks-day.svelte';
	import { showNotification, playSound } from '$lib/ui/breaks/signals';
	import { everySecond } from '$lib/ui/breaks/every-second';
	import { deviceStorage } from '$lib/ui/questionnaire/device-storage';
	import LazyHydrate from '$lib/ui/platform/lazy-hydrate/LazyHydrate.svelte';

	let { data } = $props();

	const t = $derived(messagesFor(data.locale));
	const texts = $derived(breakTextsFor(data.locale));
	const visit = new BreaksDay(() => data);
	const wordsOf = (kind: BreakKind) => breakKindWords(texts, kind, visit.isSeated);
	const run = new BreakRun(visit, () => data, {
		changed: (isOver) => {
			if (visit.day.sounds) playSound(isOver);
			if (visit.day.vibrates) navigator.vibrate?.(isOver ? [120, 80, 120] : 80);
		},
		due: ({ kind }) => {
			if (visit.day.sounds) playSound(true);
			if (visit.day.notifies) showNotification(texts.pause.due(wordsOf(kind)));
		},
		took: () => void share()
	});

	/** The week's totals, for someone who shares them. What could not be sent goes with the next break, since they are totals. */
	async function share() {
		if (!data.isShared) return;
		const { of, taken, planned } = visit.day.week;
		await fetch(`/c/${data.token}/day/week`, {
			method: 'PUT',
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify({ week: of, taken, planned })
		}).catch(() => {});
	}

	onMount(() => {
		visit.today = dayOnDevice(new Date());
		visit.open(deviceStorage());
		run.tick(new Date());
		const wanted = BREAK_KINDS.find((kind) => kind === new URLSearchParams(location.search).get('kind'));
		if (wanted) run.choose(wanted);
		return everySecond(() => {
			visit.today = dayOnDevice(new Date());
			run.tick(new Date());
		});
	});

	const step = $derived(run.step);
	const phaseWords = $derived(
		step ? ((texts.exercises[step.exercise].phases as Record<string, string>)[step.phase] ?? '') : ''
	);
	const next = $derived(run.next);
	const taken = $derived(visit.day.takenOn === visit.today ? visit.day.taken : 0);
</script>

<svelte:head>
	<title>{texts.pause.title} · {t.product}</title>
	<link rel="manifest" href="/c/{data.token}/break/app.webmanifest" />
</svelte:head>

<main id="content" class="mx-auto max-w-6xl px-5 py-5 md:px-8">
	<div class="flex flex-wrap items-center justify-between gap-3">
		<h1 class="text-lead font-semibold">{texts.pause.title}</h1>
		<Button look="quiet" href="/c/{data.token}/day">{texts.pause.toDay}</Button>
	</div>
	<p class="min-h-6 text-note text-ink-soft">
		{#if next}
			{texts.pause.nextIn(wordsOf(next.next.kind), clockWords(next.next.from))}, {texts.pause.inMinutes(
				Math.floor(next.inS / 60)
			)}
		{:else if visit.today}{texts.pause.noMore}{/if}
	</p>
	{#if run.due}
		<div class="mt-2 flex flex-wrap items-center gap-x-5 border-s-4 border-cool bg-cool-wash px-3 py-2">
			<p class="font-semibold" role="status">{texts.pause.due(wordsOf(run.due.kind))}</p>
			<Button type="button" look="quiet" onclick={() => run.snooze()}>{texts.pause.snooze}</Button>
		</div>
	{:else if run.snoozed}
		<p class="mt-2 text-note" role="status">{texts.pause.snoozed(clockWords(run.snoozed.at))}</p>
	{/if}
	<div class="layout">
		<div class="drawing">
			<LazyHydrate>
				{#if step}
					<ExerciseDrawing
						exercise={step.exercise}
						phase={step.phase}
						side={step.side}
						isInWheelchair={data.body.isInWheelchair}
						label={texts.pause.figure(texts.exercises[step.exercise].name, phaseWords)}
					/>
				{/if}</LazyHydrate
			>
		</div>
		<section class="min-w-0">
			<LazyHydrate><BreakRunning {run} token={data.token} {t} {texts} /></LazyHydrate>
		</section>
	</div>
	<section class="beside">
		<LazyHydrate><BreakBeside {run} {taken} isSeated={visit.isSeated} {t} {texts} /></LazyHydrate>
		<LazyHydrate><BreakOptions {visit} isInWheelchair={data.body.isInWheelchair} {texts} /></LazyHydrate>
	</section>
</main>

<style>
	.layout {
		display: grid;
		gap: 1rem;
		margin-top: 0.75rem;
	}
	.drawing {
		height: min(42vh, 24rem);
		border: 1px solid var(--rule);
		background: var(--sheet);
	}
	.beside {
		display: grid;
		gap: 2rem;
		margin-top: 2rem;
		border-top: 1px solid var(--rule);
		padding-top: 1rem;
	}
	@media (min-width: 60rem) {
		.layout {
			grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
			gap: 2rem;
			align-items: center;
		}
		.drawing {
			height: 27rem;
		}
		.beside {
			grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
		}
	}
</style>
