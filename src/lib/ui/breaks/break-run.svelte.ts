import {
	stepStartMs,
	elapsedMs,
	moveStopwatch,
	nextBreak,
	pauseStopwatch,
	setPositionAt,
	startStopwatch,
	exerciseSetSteps,
	STOPPED_STOPWATCH,
	type Stopwatch
} from '$lib/core/breaks/stopwatch';
import { chooseExerciseSet, type ExerciseSet } from '$lib/core/breaks/choose-exercise-set';
import type { BreakKind } from '$lib/core/breaks/break-schedules';
import type { ExerciseId } from '$lib/core/breaks/exercise';
import type { PlannedBreak } from '$lib/core/breaks/day-plan';
import type { BreaksData, BreaksDay } from './breaks-day.svelte';

/** Length of each kind of break where no schedule says so, s. */
const USUAL_S: Readonly<Record<BreakKind, number>> = { up: 180, stand: 20, micro: 30, shift: 10, eyes: 20 };

/** A postponed break is announced again after this time, min. Our assumption. */
const SNOOZE_MIN = 10;

/** How a person is notified other than by the page. */
export interface BreakCallbacks {
	/** A step has begun, or the set is over. */
	readonly changed: (isOver: boolean) => void;
	readonly due: (one: PlannedBreak) => void;
	readonly took: () => void;
}

/** The break in progress, and the next one. */
export class BreakRun {
	kind = $state<BreakKind>('up');
	/** The exercises as carried out: without those that hurt or were cut. */
	private set = $state.raw<readonly ExerciseId[]>([]);
	private watch = $state.raw<Stopwatch>(STOPPED_STOPWATCH);
	private nowMs = $state(0);
	state = $state<'ready' | 'runs' | 'paused' | 'done'>('ready');
	/** The exercise that was stopped because it hurt. */
	hurt = $state<ExerciseId | null>(null);
	due = $state.raw<PlannedBreak | null>(null);
	/** A postponed break, and the minute of the day at which it is announced again. */
	snoozed = $state.raw<{ readonly one: PlannedBreak; readonly at: number } | null>(null);
	/** Whether anything of the last set was done: skipping through it is no break. */
	wasTaken = $state(false);
	readonly offered: ExerciseSet = $derived.by(() => this.offer());
	readonly exercises: readonly ExerciseId[] = $derived.by(() =>
		this.state === 'ready' ? this.offered.exercises : this.set
	);
	private readonly steps = $derived.by(() => exerciseSetSteps(this.exercises));
	readonly place = $derived.by(() => setPositionAt(this.steps, elapsedMs(this.watch, this.nowMs)));
	/** The step shown: the running one; before the start the first held one, which is what the exercise looks like. */
	readonly step = $derived.by(() => {
		const isAhead = this.state === 'ready' || this.state === 'done';
		return isAhead ? (this.steps.find(({ phase }) => phase !== 'begin') ?? null) : this.place.step;
	});
	readonly next = $derived.by(() => nextBreak(this.called, this.minute));
	private readonly called: readonly PlannedBreak[] = $derived.by(() =>
		this.visit.day.callsSmall ? this.visit.plan.breaks : this.visit.real
	);
	private minute = $state(0);
	private told = -1;
	private skipped: ExerciseId[] = [];

	constructor(
		private readonly visit: BreaksDay,
		private readonly read: () => BreaksData,
		private readonly calls: BreakCallbacks
	) {}

	private offer(): ExerciseSet {
		const { kind, visit } = this;
		const { body } = this.read();
		const { day } = visit;
		const planned = visit.plan.breaks.find((one) => one.kind === kind)?.takesS;
		return chooseExerciseSet({
			kind,
			seconds: planned ?? USUAL_S[kind],
			body: { ...body, dropped: day.dropped },
			positions: visit.positions,
			sinceMin: Object.fromEntries(
				Object.entries(day.doneAt).map(([id, at]) => [id, Math.max(0, (this.openedMs - at) / 60_000)])
			)
		});
	}

	/** When the page was opened, or the last break ended: what is offered does not change while someone is looking. */
	private openedMs = $state(0);

	/** A second has passed, or a tab has woken up. */
	tick(now: Date): void {
		const before = this.minute;
		this.nowMs = now.getTime();
		if (this.openedMs === 0) this.openedMs = this.nowMs;
		this.minute = now.getHours() * 60 + now.getMinutes() + now.getSeconds() / 60;
		const due = this.dueSince(before);
		if (due && this.state !== 'runs') {
			this.due = due;
			if (this.state !== 'paused') this.choose(due.kind);
			this.calls.due(due);
		}
		if (this.state !== 'runs') return;
		const { place } = this;
		if (place.at !== this.told) {
			this.told = place.at;
			this.calls.changed(place.step === null);
		}
		if (place.step === null) this.finish();
	}

	/** The break that became due since a given minute, postponed or not; a postponed one is dropped when the next one is due. */
	private dueSince(before: number): PlannedBreak | undefined {
		const { minute, snoozed } = this;
		const isNow = (at: number) => before > 0 && at > before && at <= minute;
		const due =
			this.called.find(({ from }) => isNow(from)) ?? (snoozed && isNow(snoozed.at) ? snoozed.one : undefined);
		if (due) this.snoozed = null;
		return due;
	}

	/** Postpones the break that is due. */
	snooze(): void {
		if (!this.due) return;
		this.snoozed = { one: this.due, at: Math.floor(this.minute) + SNOOZE_MIN };
		this.due = null;
	}

	choose(kind: BreakKind): void {
		this.kind = kind;
		this.reset();
	}

	private reset(): void {
		this.watch = STOPPED_STOPWATCH;
		this.state = 'ready';
		this.hurt = null;
		this.told = -1;
		this.skipped = [];
		this.openedMs = this.nowMs;
	}

	begin(now: Date): void {
		if (this.state === 'ready') {
			this.set = this.offered.exercises;
			this.told = 0;
		}
		this.nowMs = now.getTime();
		this.watch = startStopwatch(this.watch, this.nowMs);
		this.state = 'runs';
		this.hurt = null;
		this.due = null;
		this.snoozed = null;
	}

	pause(now: Date): void {
		this.nowMs = now.getTime();
		this.watch = pauseStopwatch(this.watch, this.nowMs);
		this.state = 'paused';
	}

	/** Skips to the next exercise; a skipped one was not done. */
	skip(now: Date): void {
		const here = this.place.step?.exercise;
		if (here) this.skipped.push(here);
		const next = this.steps.findIndex(({ exercise }, i) => i > this.place.at && exercise !== here);
		this.goTo(next < 0 ? this.steps.length : next, now);
	}

	private goTo(at: number, now: Date): void {
		this.nowMs = now.getTime();
		this.watch = moveStopwatch(this.watch, stepStartMs(this.steps, at), this.nowMs);
		if (at >= this.steps.length) this.finish();
	}

	/** Removes the last exercise that has not begun; if there is none, the running one becomes the last. */
	shorter(now: Date): void {
		const last = this.set.at(-1);
		if (last && last !== this.place.step?.exercise) this.set = this.set.slice(0, -1);
		else this.skip(now);
	}

	/** Stops an exercise that hurts, and never offers it again on this device. The rest waits until the person continues. */
	hurts(now: Date): void {
		const here = this.place.step?.exercise;
		if (!here) return;
		const begins = this.steps.findIndex(({ exercise }) => exercise === here);
		const elapsed = stepStartMs(this.steps, begins);
		this.set = this.set.filter((id) => id !== here);
		this.nowMs = now.getTime();
		this.watch = pauseStopwatch(moveStopwatch(this.watch, elapsed, this.nowMs), this.nowMs);
		this.hurt = here;
		this.state = 'paused';
		this.visit.change({ dropped: [...this.visit.day.dropped, here] });
		if (this.place.step === null) this.finish();
	}

	bringBack(id: ExerciseId): void {
		this.visit.change({ dropped: this.visit.day.dropped.filter((one) => one !== id) });
		this.hurt = null;
	}

	private finish(): void {
		const { hurt } = this;
		this.watch = STOPPED_STOPWATCH;
		this.state = 'done';
		this.hurt = hurt;
		const done = this.set.filter((id) => !this.skipped.includes(id));
		// Skipping through everything was no break.
		this.wasTaken = done.length > 0;
		if (!this.wasTaken) return;
		this.visit.took(this.kind, done, this.nowMs);
		this.calls.took();
	}

	again(): void {
		this.reset();
	}
}
