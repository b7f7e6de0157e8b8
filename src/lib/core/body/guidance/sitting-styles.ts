import { seatKindOf } from '../../workstation/corner/seat-kinds';
import type { Corner, Person } from '../../workstation/corner/corner';
import type { Lenses, SittingStyle } from '../../workstation/corner/vocabulary';
import type { Band } from './band';

/** Practitioners disagree on how to sit, and each school is a sitting style here; a result always names its style. */
export const DEFAULT_SITTING_STYLE: SittingStyle = 'upright';

/** Knee range by sitting style: hips above knees, mm. Around the seat height in ISO 9241-5 (from memory); the widths are ours. */
const KNEE_BY_WAY: Readonly<Record<SittingStyle, Band>> = {
	upright: { low: -25, ideal: 5, high: 30 },
	open: { low: 0, ideal: 20, high: 40 },
	'forearms-down': { low: -25, ideal: 5, high: 30 },
	active: { low: 20, ideal: 40, high: 60 }
};

/** A back that is eased by one movement decides the hip height, whatever the style. Common practice. */
const KNEE_BY_BACK: Readonly<Record<Exclude<Person['back'], 'any'>, Band>> = {
	'eased-by-arching': { low: 10, ideal: 20, high: 45 },
	'eased-by-rounding': { low: -45, ideal: -10, high: 0 }
};

/** On a saddle the thighs slope down, whatever the style. Common practice. */
const KNEE_ON_SADDLE: Band = { low: 60, ideal: 120, high: 220 };

/** Elbow above the home row, mm: an elbow angle of 90 to 100 degrees (OSHA, ANSI/HFES 100, from memory); the widths are ours. */
const ELBOW_BY_WAY: Readonly<Record<Exclude<SittingStyle, 'open'>, Band>> = {
	upright: { low: 0, ideal: 15, high: 60 },
	'forearms-down': { low: 0, ideal: 10, high: 35 },
	active: { low: 0, ideal: 15, high: 60 }
};

const ELBOW_STANDING: Band = { low: 0, ideal: 25, high: 70 };

/** Elbow angles of the style "open", degrees. Common practice: more than 90, 100 to 120. */
const OPEN_ELBOW_DEG = { low: 98, ideal: 105, high: 120 } as const;

/** Length from elbow to the hand on the keyboard, as a fraction of stature. Our working assumption. */
export const ELBOW_TO_HAND = 0.2;

/**
 * Screen top above the eye, mm, by lenses: the top edge at or below the eye, the middle 0 to 30 degrees below the horizontal (ISO 9241-5,
 * from memory); the widths are ours.
 */
const EYE_BY_LENSES: Readonly<Record<Lenses, Band>> = {
	none: { low: -80, ideal: -15, high: 10 },
	'single-vision': { low: -80, ideal: -15, high: 10 },
	bifocal: { low: -140, ideal: -70, high: -20 },
	progressive: { low: -140, ideal: -70, high: -20 },
	trifocal: { low: -60, ideal: -10, high: 20 }
};

/** Clearance above the thigh, mm: enough to slide in and to move. Our working assumption. */
const THIGH: Band = { low: 20, ideal: null, high: null };

function openElbow(statureMm: number): Band {
	const drop = (degrees: number) =>
		Math.round(ELBOW_TO_HAND * statureMm * Math.sin(((degrees - 90) * Math.PI) / 180));
	return {
		low: drop(OPEN_ELBOW_DEG.low),
		ideal: drop(OPEN_ELBOW_DEG.ideal),
		high: drop(OPEN_ELBOW_DEG.high)
	};
}

function elbowBand({ person, way, spot }: Corner): Band {
	if (way === 'open') return openElbow(person.stature);
	return spot.posture === 'standing' ? ELBOW_STANDING : ELBOW_BY_WAY[way];
}

function kneeBand(corner: Corner): Band {
	if (seatKindOf(corner) === 'saddle') return KNEE_ON_SADDLE;
	const { back } = corner.person;
	return back === 'any' ? KNEE_BY_WAY[corner.way] : KNEE_BY_BACK[back];
}

/** The range of each height check for this person, style and posture, in mm. */
export interface Bands {
	readonly knee: Band;
	readonly elbow: Band;
	readonly eye: Band;
	readonly thigh: Band;
}

/** The ranges for a workstation; a standing one has no knee and thigh checks. */
export function bandsFor(corner: Corner): Bands {
	const { person } = corner;
	return {
		knee: kneeBand(corner),
		elbow: elbowBand(corner),
		eye: EYE_BY_LENSES[person.lenses],
		thigh: THIGH
	};
}

/**
 * Whether the elbow is compared with the surface instead of the home row: with forearms resting on the table, which only a seated person
 * does.
 */
export function forearmsOnSurface({ way, spot }: Pick<Corner, 'way' | 'spot'>): boolean {
	return way === 'forearms-down' && spot.posture === 'sitting';
}
