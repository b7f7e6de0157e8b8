import {
	BREAK_KINDS,
	isGettingUp,
	isReal,
	SHARE_STANDING,
	type Beat,
	type BreakKind,
	type StandingShare
} from './rhythm';
import { joined, placeBreaks, without, type Span } from './place-breaks';
import { sharePlaces, type Place } from './share-places';

/** Something that takes a part of the day. */
export interface Busy extends Span {
	/** A call: it may be taken walking. */
	readonly isCall: boolean;
}

/** A day that is to be planned; minutes from midnight. */
export interface DayQuestion {
	readonly day: Span;
	readonly lunch: Span | null;
	readonly busy: readonly Busy[];
	/** Calls are taken walking: a rest from sitting, though no time for another break. */
	readonly walksCalls: boolean;
	readonly beats: readonly Beat[];
	/** Where the person can work, the usual one first. */
	readonly places: readonly Place[];
	readonly share: StandingShare;
	/** The place is changed each time that somebody gets up, and not only at a real break: a laptop alone is right nowhere for long. */
	readonly changesOften: boolean;
}

/** A break of the plan. */
export interface PlannedBreak extends Span {
	readonly kind: BreakKind;
	readonly takesS: number;
}

/** Work at one place, from one change to the next. */
export interface PlannedWork extends Span {
	readonly place: Place;
}

/** A planned day. */
export interface DayPlan {
	readonly breaks: readonly PlannedBreak[];
	/** Work, in order, with the place that it is done at. */
	readonly work: readonly PlannedWork[];
	/** Spans in which no break falls. */
	readonly meetings: readonly Span[];
	/** Calls that are taken walking, and lunch. */
	readonly rests: readonly Span[];
	/** The longest that anybody sits, or stands, at a stretch, min. */
	readonly longestMin: number;
	/** What `longestMin` would be without any break: the longest between rests. */
	readonly longestWithoutMin: number;
	/** The share of the work that is done standing, 0 to 1; null without a place to stand. */
	readonly standingShare: number | null;
}

const SECONDS_A_MINUTE = 60;

const minutesOf = (beat: Beat) => Math.ceil(beat.takesS / SECONDS_A_MINUTE);

/**
 * Plans a day: each kind of break by its own rhythm, the one that takes most first. What was placed before counts as a break of every
 * kind below it, so that what would coincide is one break. None falls into a meeting.
 *
 * Cost: some thousand steps a kind and hour.
 */
export function planDay(question: DayQuestion): DayPlan {
	const { day, lunch, busy, walksCalls, beats, places, share, changesOften } = question;
	const walked = busy.filter(({ isCall }) => isCall && walksCalls);
	const meetings = joined(
		busy.filter((one) => !walked.includes(one)),
		day
	);
	// Where two things coincide, whoever sits in a meeting does not walk, and whoever has a meeting over lunch does not eat.
	const rests = joined(without([...walked, ...(lunch ? [lunch] : [])], meetings), day);
	let pauses: readonly Span[] = rests;
	const breaks: PlannedBreak[] = [];
	let longestMin = Math.max(0, ...without([day], rests).map(({ from, to }) => to - from));
	const longestWithoutMin = longestMin;
	for (const kind of BREAK_KINDS) {
		const beat = beats.find((one) => one.kind === kind);
		if (!beat) continue;
		const takesMin = minutesOf(beat);
		const placed = placeBreaks({ day, blocked: meetings, rests: pauses, everyMin: beat.everyMin, takesMin });
		if (isGettingUp(kind)) longestMin = placed.longestMin;
		const made = placed.starts.map((from): PlannedBreak => ({
			kind,
			from,
			to: from + takesMin,
			takesS: beat.takesS
		}));
		breaks.push(...made);
		pauses = joined([...pauses, ...made], day);
	}
	breaks.sort((a, b) => a.from - b.from);
	const changes = breaks.filter(({ kind }) => isReal(kind) || (changesOften && isGettingUp(kind)));
	const stretches = without([day], joined([...rests, ...changes], day));
	const { work, standingShare } = sharePlaces(stretches, places, SHARE_STANDING[share]);
	return { breaks, work, meetings, rests, longestMin, longestWithoutMin, standingShare };
}
