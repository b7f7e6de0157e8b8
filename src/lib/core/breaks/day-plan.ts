import {
	BREAK_KINDS,
	endsSitting,
	isFullBreak,
	STANDING_SHARE_OF_DAY,
	type BreakInterval,
	type BreakKind,
	type StandingShare
} from './break-schedules';
import { mergeSpans, placeBreaks, subtractSpans, type MinuteSpan } from './place-breaks';
import { schedulePlaces, type WorkPlace } from './schedule-places';

/** Something that occupies part of the day. */
export interface BusyTime extends MinuteSpan {
	/** A call, which may be taken walking. */
	readonly isCall: boolean;
}

/** A day to plan; minutes from midnight. */
export interface DayPlanRequest {
	readonly day: MinuteSpan;
	readonly lunch: MinuteSpan | null;
	readonly busy: readonly BusyTime[];
	/** Whether calls are taken walking: a rest from sitting, but no time for another break. */
	readonly walksCalls: boolean;
	readonly beats: readonly BreakInterval[];
	/** Where the person can work, the usual place first. */
	readonly places: readonly WorkPlace[];
	readonly share: StandingShare;
	/** Whether the place changes every time the person gets up, not only at longer breaks: a laptop alone fits nowhere for long. */
	readonly changesOften: boolean;
}

/** A planned break. */
export interface PlannedBreak extends MinuteSpan {
	readonly kind: BreakKind;
	readonly takesS: number;
}

/** Work at one place until the next change. */
interface PlannedWork extends MinuteSpan {
	readonly place: WorkPlace;
}

/** A planned day. */
export interface DayPlan {
	readonly breaks: readonly PlannedBreak[];
	/** Work spans in order, each with its place. */
	readonly work: readonly PlannedWork[];
	/** Spans in which no break falls. */
	readonly meetings: readonly MinuteSpan[];
	/** Calls taken walking, and lunch. */
	readonly rests: readonly MinuteSpan[];
	/** Longest stretch of sitting, or standing, without a change, min. */
	readonly longestMin: number;
	/** The longest stretch there would be without any break, min. */
	readonly longestWithoutMin: number;
	/** Share of the work done standing, 0 to 1; null without a place to stand. */
	readonly standingShare: number | null;
}

const SECONDS_A_MINUTE = 60;

const minutesOf = (beat: BreakInterval) => Math.ceil(beat.takesS / SECONDS_A_MINUTE);

/**
 * Plans a day: each kind of break at its own interval, the longest kind first. A break already placed also counts as every lesser kind, so
 * that coinciding breaks become one. No break falls into a meeting. Cost: a few thousand steps per kind and hour.
 */
export function planDay(question: DayPlanRequest): DayPlan {
	const { day, lunch, busy, walksCalls, beats, places, share, changesOften } = question;
	const walked = busy.filter(({ isCall }) => isCall && walksCalls);
	const meetings = mergeSpans(
		busy.filter((one) => !walked.includes(one)),
		day
	);
	// Where two things coincide: whoever sits in a meeting does not walk, and whoever has a meeting over lunch does not eat.
	const rests = mergeSpans(subtractSpans([...walked, ...(lunch ? [lunch] : [])], meetings), day);
	let pauses: readonly MinuteSpan[] = rests;
	const breaks: PlannedBreak[] = [];
	let longestMin = Math.max(0, ...subtractSpans([day], rests).map(({ from, to }) => to - from));
	const longestWithoutMin = longestMin;
	for (const kind of BREAK_KINDS) {
		const beat = beats.find((one) => one.kind === kind);
		if (!beat) continue;
		const takesMin = minutesOf(beat);
		const placed = placeBreaks({ day, blocked: meetings, rests: pauses, everyMin: beat.everyMin, takesMin });
		if (endsSitting(kind)) longestMin = placed.longestMin;
		const made = placed.starts.map((from): PlannedBreak => ({
			kind,
			from,
			to: from + takesMin,
			takesS: beat.takesS
		}));
		breaks.push(...made);
		pauses = mergeSpans([...pauses, ...made], day);
	}
	breaks.sort((a, b) => a.from - b.from);
	const changes = breaks.filter(({ kind }) => isFullBreak(kind) || (changesOften && endsSitting(kind)));
	const stretches = subtractSpans([day], mergeSpans([...rests, ...changes], day));
	const { work, standingShare } = schedulePlaces(stretches, places, STANDING_SHARE_OF_DAY[share]);
	return { breaks, work, meetings, rests, longestMin, longestWithoutMin, standingShare };
}
