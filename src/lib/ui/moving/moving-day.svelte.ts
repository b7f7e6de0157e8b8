import {
	beatsFor,
	planDay,
	isGettingUp,
	isReal,
	type BreakKind,
	type DayPlan,
	type ExerciseId,
	type MovingProfile,
	type PlannedBreak
} from '$lib/core/moving';
import { addDays, weekdayOf, type CivilDate } from '$lib/core/calendar/civil-date';
import { keepDay, readDay, USUAL_DAY, type KeptDay } from './kept-day';

/** What the server tells of a person's moving. */
export interface MovingData extends MovingProfile {
	readonly token: string;
}

/** The day of a moment by this device's clock, ISO. */
export function dayOnDevice(now: Date): string {
	const two = (n: number) => String(n).padStart(2, '0');
	return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

/** The Monday of a day, ISO. */
export function mondayOf(day: string): string {
	const at = day as CivilDate;
	return addDays(at, -((weekdayOf(at) + 6) % 7));
}

/** A person's day on their device: what they said of it, the plan that follows, and what they took of it. */
export class MovingDay {
	day = $state.raw<KeptDay>(USUAL_DAY);
	private device: Storage | null = null;
	readonly plan: DayPlan = $derived.by(() => this.planOf(this.day));
	/** The breaks that are called, counted and taken along. */
	readonly real: readonly PlannedBreak[] = $derived.by(() =>
		this.plan.breaks.filter(({ kind }) => isReal(kind))
	);
	readonly small: readonly PlannedBreak[] = $derived.by(() =>
		this.plan.breaks.filter(({ kind }) => !isReal(kind))
	);
	/** Whether nothing is done on one's feet. */
	readonly isSeated: boolean = $derived.by(() => this.read().body.isInWheelchair || this.day.staysSeated);

	constructor(private readonly read: () => MovingData) {}

	/** Takes what the device has kept; on the server and before it there is the usual day. */
	open(device: Storage | null): void {
		this.device = device;
		this.day = readDay(device, this.read().token);
	}

	change(part: Partial<KeptDay>): void {
		const next = { ...this.day, ...part };
		if (next.to <= next.from) return;
		this.day = next;
		keepDay(this.device, this.read().token, next);
	}

	/** Meetings of today: those of another day have gone with it. */
	meetingsOn(today: string): KeptDay['busy'] {
		return this.day.busyOn === '' || this.day.busyOn === today ? this.day.busy : [];
	}

	/** After so long somebody is to get up, min. */
	get upEveryMin(): number {
		return Math.min(...this.beats.filter(({ kind }) => isGettingUp(kind)).map(({ everyMin }) => everyMin));
	}

	private get beats() {
		const { setRhythm, ownRhythm, hurts, isLaptopAlone } = this.read();
		return beatsFor(ownRhythm ?? setRhythm, { hurts, isLaptopAlone });
	}

	private planOf(day: KeptDay): DayPlan {
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

	/** The day that is planned; told by the page, since only a device knows its own. */
	today = $state('');

	/** A break was taken to its end, or gone through as far as it suited. */
	took(kind: BreakKind, exercises: readonly ExerciseId[], nowMs: number): void {
		const { day, today } = this;
		const isToday = day.takenOn === today;
		const counts = isReal(kind);
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
