import type { Region } from '../cases/discomfort/regions';

/** Kinds of break, the longest first: a longer one also counts as the others. */
export const BREAK_KINDS = ['up', 'stand', 'micro', 'shift', 'eyes'] as const;

/**
 * One of {@link BREAK_KINDS}: getting up for some minutes (or, for someone who stays seated, shifting their weight), standing up briefly,
 * opening chest and hands for half a minute, changing how one sits, looking into the distance.
 */
export type BreakKind = (typeof BREAK_KINDS)[number];

/** Whether a break is a full one: announced, counted and shared. Short ones are shown only to someone who looks. */
export const isFullBreak = (kind: BreakKind) => kind === 'up';

/** Whether it ends a stretch of sitting. */
export const endsSitting = (kind: BreakKind) => kind === 'up' || kind === 'stand';

/** A recurring kind of break: after how many minutes without it, and for how long. */
export interface BreakInterval {
	readonly kind: BreakKind;
	readonly everyMin: number;
	readonly takesS: number;
}

/** Schedules of how often to take breaks. The first is the default. */
export const BREAK_SCHEDULES = [
	'few',
	'half-hour',
	'twenty',
	'stairs',
	'hour',
	'small-changes',
	'walks'
] as const;

/** One of {@link BREAK_SCHEDULES}. */
export type BreakSchedule = (typeof BREAK_SCHEDULES)[number];

/** The schedule of anyone who has chosen none and for whom none was set. */
export const DEFAULT_BREAK_SCHEDULE: BreakSchedule = 'few';

const EYES: BreakInterval = { kind: 'eyes', everyMin: 20, takesS: 20 };
const MICRO: BreakInterval = { kind: 'micro', everyMin: 20, takesS: 30 };

/** Standing briefly every half hour: a habit for everyone. */
const STAND: BreakInterval = { kind: 'stand', everyMin: 30, takesS: 20 };

const up = (everyMin: number, takesS: number): BreakInterval => ({ kind: 'up', everyMin, takesS });

/**
 * What each schedule asks for. The first is ours: four to six proper breaks in a usual day, and standing briefly in between, because people
 * who are interrupted every twenty minutes soon switch it off. The others are common practice; where practice gives a range, its middle:
 * every 30 min for some minutes; every 20; every 30 to 40 as much as one flight of stairs; every 60 for about ten; a change of position
 * every 6 to 10; a timed walk every 10 to 20. Eyes every 20 min for 20 s, elsewhere every 30; a micro-break every 15 to 20 min.
 */
export const BREAK_INTERVALS: Readonly<Record<BreakSchedule, readonly BreakInterval[]>> = {
	few: [up(75, 180), STAND],
	'half-hour': [up(30, 180), EYES],
	twenty: [up(20, 60), EYES],
	stairs: [up(35, 60), { ...EYES, everyMin: 30 }],
	hour: [up(60, 600), MICRO, EYES],
	'small-changes': [up(30, 120), { kind: 'shift', everyMin: 8, takesS: 10 }, EYES],
	walks: [up(15, 60), EYES]
};

/** Regions that a micro-break is for: it opens the chest and turns palms, shoulders and wrists outwards. */
const OPENED: readonly Region[] = ['neck', 'shoulder', 'elbow', 'wrist-hand', 'upper-back'];

/** After this many minutes on a laptop without a separate keyboard, the person changes place. Common practice. */
const LAPTOP_ONLY_MAX_MIN = 30;

/** Whom a break schedule is adapted to. */
export interface BreakPerson {
	/** Regions with discomfort. */
	readonly hurts: readonly Region[];
	/** Works on a laptop without a separate keyboard. */
	readonly isLaptopAlone: boolean;
}

/**
 * The break intervals for a person: discomfort in the neck, shoulders, arms or upper back brings micro-breaks or longer breaks; eye
 * discomfort brings looking away at least every 20 min; a laptop alone brings standing up often enough to change place.
 */
export function breakIntervalsFor(
	breakSchedule: BreakSchedule,
	{ hurts, isLaptopAlone }: BreakPerson
): readonly BreakInterval[] {
	const beats = new Map(BREAK_INTERVALS[breakSchedule].map((beat) => [beat.kind, beat]));
	const atMost = (beat: BreakInterval) => {
		const everyMin = Math.min(beats.get(beat.kind)?.everyMin ?? Infinity, beat.everyMin);
		beats.set(beat.kind, { ...(beats.get(beat.kind) ?? beat), everyMin });
	};
	const upEveryMin = Math.min(
		...BREAK_INTERVALS[breakSchedule].filter(({ kind }) => endsSitting(kind)).map((b) => b.everyMin)
	);
	if (isLaptopAlone && upEveryMin > LAPTOP_ONLY_MAX_MIN) atMost({ ...STAND, everyMin: LAPTOP_ONLY_MAX_MIN });
	if (hurts.includes('eyes')) atMost(EYES);
	if (hurts.some((region) => OPENED.includes(region)) && !beats.has('micro')) {
		// A standing break also opens chest and hands, because one short break is more welcome than two.
		const stand = beats.get('stand');
		if (stand) beats.set('stand', { ...stand, takesS: stand.takesS + MICRO.takesS });
		else beats.set('micro', MICRO);
	}
	return BREAK_KINDS.flatMap((kind) => beats.get(kind) ?? []);
}

/** How sitting and standing are shared, by sitting style. The first is the default: what counts is to keep moving. */
export const STANDING_SHARES = ['moving', 'half', 'mostly'] as const;

/** One of {@link STANDING_SHARES}. */
export type StandingShare = (typeof STANDING_SHARES)[number];

/** The share of the day spent standing; null where the style names none. Common practice: a couple of hours each, or 50 to 70 %. */
export const STANDING_SHARE_OF_DAY: Readonly<Record<StandingShare, number | null>> = {
	moving: null,
	half: 0.5,
	mostly: 0.6
};
