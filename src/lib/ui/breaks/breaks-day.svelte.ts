import {
	breakIntervalsFor,
	endsSitting,
	isFullBreak,
	type BreakKind
} from '$lib/core/breaks/break-schedules';
import { planDay, type DayPlan, type PlannedBreak } from '$lib/core/breaks/day-plan';
import { simulateBreaks, type SimulatedBreak } from '$lib/core/breaks/simulate-day';
import type { ExerciseId, ExercisePosition } from '$lib/core/breaks/exercise';
import type { BreakProfile } from '$lib/core/breaks/break-profile';
import { addDays, weekdayOf, type CivilDate } from '$lib/core/platform/calendar/civil-date';
import { storeDay, readStoredDay, DEFAULT_DAY, type StoredDay } from './stored-day';

/** What the server sends about a person's breaks. */
export interface BreaksData extends BreakProfile {
	readonly token: string;
}

/** The date of a moment by this device's clock, ISO. */
export function dayOnDevice(now: Date): string {
	const two = (n: number) => String(n).padStart(2, '0');
	return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

/** The Monday of a date's week, ISO. */
export function mondayOf(day: string): string {
	const at = day as CivilDate;
	return addDays(at, -((weekdayOf(at) + 6) % 7));
}

/** A person's day on their device: what they said about it, the plan, and the breaks taken. */
export class BreaksDay {
	day = $state.raw<StoredDay>(DEFAULT_DAY);
	private device: Storage | null = null;
	readonly plan: DayPlan = $derived.by(() => this.planOf(this.day));
	/** The breaks that are announced, counted and shared. */
	readonly real: readonly PlannedBreak[] = $derived.by(() =>
		this.plan.breaks.filter(({ kind }) => isFullBreak(kind))
	);
	readonly small: readonly PlannedBreak[] = $derived.by(() =>
		this.plan.breaks.filter(({ kind }) => !isFullBreak(kind))
	);
	/** Whether no exercise is done standing. */
	readonly isSeated: boolean = $derived.by(() => this.read().body.isInWheelchair || this.day.staysSeated);

	/** Where exercises can be done. */
	readonly positions: readonly ExercisePosition[] = $derived.by(() => {
		const { isSeated, day } = this;
		if (isSeated) return ['seated'];
		return [
			'seated',
			'standing',
			...(day.hasChair ? (['fixed-chair'] as const) : []),
			...(day.hasDoorway ? (['doorway'] as const) : [])
		];
	});
	/** The breaks with the exercises that each would offer. */
	readonly simulated: readonly SimulatedBreak[] = $derived.by(() =>
		simulateBreaks(this.plan, {
			body: { ...this.read().body, dropped: this.day.dropped },
			positions: this.positions
		})
	);

	constructor(private readonly read: () => BreaksData) {}

	/** Loads what the device has stored; on the server, and before loading, the default day. */
	open(device: Storage | null): void {
		this.device = device;
		this.day = readStoredDay(device, this.read().token);
	}

	change(part: Partial<StoredDay>): void {
		const next = { ...this.day, ...part };
		if (next.to <= next.from) return;
		this.day = next;
		storeDay(this.device, this.read().token, next);
	}

	/** Today's meetings: another day's are gone. */
	meetingsOn(today: string): StoredDay['busy'] {
		return this.day.busyOn === '' || this.day.busyOn === today ? this.day.busy : [];
	}

	/** Interval for getting up, min. */
	get upEveryMin(): number {
		return Math.min(...this.beats.filter(({ kind }) => endsSitting(kind)).map(({ everyMin }) => everyMin));
	}

	private get beats() {
		const { sentBreakSchedule, chosenBreakSchedule, hurts, isLaptopAlone } = this.read();
		return breakIntervalsFor(chosenBreakSchedule ?? sentBreakSchedule, { hurts, isLaptopAlone });
	}

	private planOf(day: StoredDay): DayPlan {
		const { places, share, isLaptopAlone } = this.read();
		return planDay({
			day: { from: day.from, to: day.to },
			lunch: day.lunch === null ? null : { from: day.lunch, to: day.lunch + day.lunchTakes },
			busy: this.meetingsOn(this.today),
			walksCalls: day.walksCalls && !this.isSeated,
			beats: this.beats,
			places,
			share,
			changesOften: isLaptopAlone
		});
	}

	/** The planned day; set by the page, since only the device knows its date. */
	today = $state('');

	/** A break was completed, or done as far as it suited. */
	took(kind: BreakKind, exercises: readonly ExerciseId[], nowMs: number): void {
		const { day, today } = this;
		const isToday = day.takenOn === today;
		const counts = isFullBreak(kind);
		const monday = mondayOf(today);
		const week = day.week.of === monday ? day.week : { of: monday, taken: 0, planned: 0, days: [] };
		const isNewDay = !week.days.includes(today);
		this.change({
			takenOn: today,
			taken: (isToday ? day.taken : 0) + (counts ? 1 : 0),
			doneAt: { ...day.doneAt, ...Object.fromEntries(exercises.map((id) => [id, nowMs])) },
			week: {
				of: monday,
				taken: week.taken + (counts ? 1 : 0),
				planned: week.planned + (isNewDay ? this.real.length : 0),
				days: isNewDay ? [...week.days, today] : week.days
			}
		});
	}
}
