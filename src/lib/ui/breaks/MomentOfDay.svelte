<script lang="ts">
	import { momentOfDay } from '$lib/core/breaks/simulate-day';
	import type { Corner } from '$lib/core/workstation/corner/corner';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import { sideViewOf } from '$lib/core/workstation/side-view/side-view';
	import type { DrawingStyle } from '$lib/core/workstation/side-view/drawing-style';
	import type { Catalogue } from '$lib/messages/shapes';
	import type { BreakTexts } from '$lib/messages/breaks';
	import Range from '../platform/kit/Range.svelte';
	import SideViewDrawing from '../workstation/side-view/SideViewDrawing.svelte';
	import { breakKindWords } from './break-words';
	import type { BreaksDay } from './breaks-day.svelte';
	import { clockWords } from './clock-words';
	import DayStrip from './DayStrip.svelte';
	import ExerciseDrawing from './ExerciseDrawing.svelte';

	/** A workstation, to be drawn from the side. */
	interface WorkstationView {
		/** Its number among the person's workstations, from 1. */
		readonly number: number;
		readonly corner: Corner;
		readonly plan: Parameters<typeof sideViewOf>[1];
		readonly drawnAs: DrawingStyle;
	}

	interface Props {
		visit: BreaksDay;
		views: readonly WorkstationView[];
		isInWheelchair: boolean;
		unit: LengthUnit;
		t: Catalogue;
		texts: BreakTexts;
	}

	let { visit, views, isInWheelchair, unit, t, texts }: Props = $props();

	const { plan, day } = $derived(visit);
	/** Where the person has moved it; the day's start before that. */
	let chosen = $state<number | null>(null);
	const minute = $derived(Math.min(Math.max(chosen ?? day.from, day.from), day.to - 1));
	const moment = $derived(momentOfDay(plan, visit.simulated, minute));
	const words = $derived(texts.day.moment);
	const step = $derived(moment?.kind === 'break' ? moment.step : null);
	const exercise = $derived(step ? texts.exercises[step.exercise] : null);
	const phase = $derived((step && (exercise?.phases as Record<string, string>)[step.phase]) ?? '');
	const view = $derived(
		moment?.kind === 'work' ? (views.find(({ number }) => number === moment.place.number) ?? null) : null
	);
	const sections = $derived(views.map((one) => sideViewOf(one.corner, one.plan, null, one.drawnAs)));
	const section = $derived(view ? sections[views.indexOf(view)] : null);

	const what = $derived.by(() => {
		if (!moment) return '';
		if (moment.kind === 'rest') return words.rest(clockWords(moment.until));
		if (moment.kind === 'break')
			return words.pause(breakKindWords(texts, moment.of.kind, visit.isSeated), exercise?.name ?? '');
		const at = words[moment.place.posture](moment.place.number);
		return moment.isMeeting ? t.lists.plain([at, words.meeting]) : at;
	});
	const said = $derived(words.at(clockWords(minute), what));
	const more = $derived(
		moment?.kind === 'work' ? `${words.since(moment.forMin)} ${words.until(clockWords(moment.until))}` : phase
	);
</script>

<DayStrip {plan} {day} {texts} at={chosen === null ? null : minute} />
<div class="scrub needs-js mt-3">
	<Range
		id="moment"
		label={words.label}
		value={minute}
		least={day.from}
		most={day.to - 1}
		{said}
		oninput={(value) => (chosen = value)}
	/>
	<div class="moment">
		<p>
			<strong class="text-lead">{said}</strong><br />
			<span class="text-ink-soft">{more}</span>
		</p>
		<div class="drawn">
			{#if section}
				<SideViewDrawing {section} all={sections} {t} {unit} mostHeight={300} />
			{:else if step && exercise}
				<ExerciseDrawing
					exercise={step.exercise}
					phase={step.phase}
					side={step.side}
					{isInWheelchair}
					label={texts.pause.figure(exercise.name, phase)}
				/>
			{:else if moment?.kind === 'work'}<p class="text-note text-ink-soft">{words.noDrawing}</p>{/if}
		</div>
	</div>
</div>

<style>
	.moment {
		display: grid;
		gap: 1rem;
		margin-top: 0.5rem;
	}
	/* The thumb is where the line on the day is. */
	.scrub :global(.kit-range) {
		width: 100%;
		max-width: none;
	}
	/* As high as its highest drawing, so that nothing below it moves. */
	.drawn {
		min-height: 27rem;
	}
	@media (min-width: 48rem) {
		.drawn {
			min-height: 21rem;
		}
		.moment {
			grid-template-columns: minmax(0, 1fr) minmax(0, 1.4fr);
		}
	}
</style>
