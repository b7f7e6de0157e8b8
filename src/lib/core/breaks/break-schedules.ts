import type { Region } from '../discomfort';

/** Kinds of break, the one that takes most first: what is placed first counts as the others too. */
export const BREAK_KINDS = ['up', 'stand', 'micro', 'shift', 'eyes'] as const;

/**
 * One of {@link BREAK_KINDS}: getting up for some minutes (or, for who stays seated, shifting one's weight), standing up for a moment, half
 * a minute of opening chest and hands, changing something about how one sits, a look far away.
 */
export type BreakKind = (typeof BREAK_KINDS)[number];

/** Whether a break is a real one: it is called, counted and taken along. The small ones are there for who looks. */
export const isFullBreak = (kind: BreakKind) => kind === 'up';

/** Whether sitting ends with it. */
export const endsSitting = (kind: BreakKind) => kind === 'up' || kind === 'stand';

/** A kind of break that comes again: after how many minutes without it, and for how long. */
export interface BreakInterval {
	readonly kind: BreakKind;
	readonly everyMin: number;
	readonly takesS: number;
}

/** Schools of how often to break. The first is the main one. */
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

/** The rhythm of whoever has chosen none, and for whom none was chosen. */
export const DEFAULT_BREAK_SCHEDULE: BreakSchedule = 'few';

const EYES: BreakInterval = { kind: 'eyes', everyMin: 20, takesS: 20 };
const MICRO: BreakInterval = { kind: 'micro', everyMin: 20, takesS: 30 };

/** Up for a moment each half hour: a habit for everybody. */
const STAND: BreakInterval = { kind: 'stand', everyMin: 30, takesS: 20 };

const up = (everyMin: number, takesS: number): BreakInterval => ({ kind: 'up', everyMin, takesS });

/**
 * What each school asks for. The first is ours: four to six breaks that are worth the name in a usual day, and up for a moment in between,
 * because who is called every twenty minutes soon switches it off. The others are common practice, and where a school gives a range, its middle: every 30 min for some minutes; every
 * 20; every 30 to 40 as much as one flight of stairs; every 60 for about ten; something changed every 6 to 10; a timed walk
 * every 10 to 20. Eyes each 20 min for 20 s, by others each 30; a micro-break each 15 to 20 min.
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

/** After so many minutes on a laptop without a keyboard of its own the place is changed. Common practice. */
export const LAPTOP_ONLY_MAX_MIN = 30;

/** What a rhythm is fitted to. */
export interface BreakPerson {
	/** Regions that hurt. */
	readonly hurts: readonly Region[];
	/** Works on a laptop without a keyboard of its own. */
	readonly isLaptopAlone: boolean;
}

/**
 * The beats of a rhythm for a person: whose neck, shoulders, arms or upper back hurt gets micro-breaks, or longer moments up, whose eyes do looks away each 20 min at
 * the longest, and who works on a laptop alone gets up often enough to change the place.
 */
export function breakIntervalsFor(
	rhythm: BreakSchedule,
	{ hurts, isLaptopAlone }: BreakPerson
): readonly BreakInterval[] {
	const beats = new Map(BREAK_INTERVALS[rhythm].map((beat) => [beat.kind, beat]));
	const atMost = (beat: BreakInterval) => {
		const everyMin = Math.min(beats.get(beat.kind)?.everyMin ?? Infinity, beat.everyMin);
		beats.set(beat.kind, { ...(beats.get(beat.kind) ?? beat), everyMin });
	};
	const upEveryMin = Math.min(
		...BREAK_INTERVALS[rhythm].filter(({ kind }) => endsSitting(kind)).map((b) => b.everyMin)
	);
	if (isLaptopAlone && upEveryMin > LAPTOP_ONLY_MAX_MIN) atMost({ ...STAND, everyMin: LAPTOP_ONLY_MAX_MIN });
	if (hurts.includes('eyes')) atMost(EYES);
	if (hurts.some((region) => OPENED.includes(region)) && !beats.has('micro')) {
		// Who is up for a moment opens chest and hands in it: one small break is more welcome than two.
		const stand = beats.get('stand');
		if (stand) beats.set('stand', { ...stand, takesS: stand.takesS + MICRO.takesS });
		else beats.set('micro', MICRO);
	}
	return BREAK_KINDS.flatMap((kind) => beats.get(kind) ?? []);
}

/** How sitting and standing are shared, by school. The first is the main one: what counts is the moving. */
export const STANDING_SHARES = ['moving', 'half', 'mostly'] as const;

/** One of {@link STANDING_SHARES}. */
export type StandingShare = (typeof STANDING_SHARES)[number];

/** The share of the day that a school has standing; null where it names none. Common practice: a couple of hours of each; 50 to 70 %. */
export const STANDING_SHARE_OF_DAY: Readonly<Record<StandingShare, number | null>> = {
	moving: null,
	half: 0.5,
	mostly: 0.6
};
