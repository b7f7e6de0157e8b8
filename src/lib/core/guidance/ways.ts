import type { Corner, Lenses, Person, Way } from '../corner';
import type { Band } from './band';

/** Where practitioners disagree, each school is a way of sitting; a result always names the one it was judged by. */
export const DEFAULT_WAY: Way = 'upright';

/** Knee band by way: hips above knees, mm. Common practice; the widths are ours. */
const KNEE_BY_WAY: Readonly<Record<Way, Band>> = {
	upright: { low: -10, ideal: 10, high: 30 },
	open: { low: 0, ideal: 20, high: 40 },
	'forearms-down': { low: -10, ideal: 10, high: 30 },
	active: { low: 20, ideal: 40, high: 60 }
};

/** A back that is eased one way or the other decides the hips, whatever the way. Common practice. */
const KNEE_BY_BACK: Readonly<Record<Exclude<Person['back'], 'any'>, Band>> = {
	'eased-by-arching': { low: 10, ideal: 20, high: 40 },
	'eased-by-rounding': { low: -30, ideal: -10, high: 0 }
};

const ELBOW_BY_WAY: Readonly<Record<Exclude<Way, 'open'>, Band>> = {
	upright: { low: 0, ideal: 10, high: 30 },
	'forearms-down': { low: 0, ideal: 5, high: 20 },
	active: { low: 0, ideal: 10, high: 30 }
};

const ELBOW_STANDING: Band = { low: 0, ideal: 20, high: 40 };

/** Elbow angles of the open school, degrees. Common practice: more than 90, 100 to 120. */
const OPEN_ELBOW_DEG = { low: 98, ideal: 105, high: 120 } as const;

/** Length from elbow to the hand on the keys, as a fraction of stature. Working assumption of ours. */
export const ELBOW_TO_HAND = 0.2;

/** Screen top above the eye, mm, by what is looked through. Common practice; the widths are ours. */
const EYE_BY_LENSES: Readonly<Record<Lenses, Band>> = {
	none: { low: -50, ideal: -10, high: 10 },
	'single-vision': { low: -50, ideal: -10, high: 10 },
	bifocal: { low: -110, ideal: -60, high: -20 },
	progressive: { low: -110, ideal: -60, high: -20 },
	trifocal: { low: -30, ideal: 0, high: 20 }
};

/** Free space over the thigh, mm: enough to slide in and to move. Working assumption of ours. */
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

/** The band of each height check for this person, this way of sitting and this posture, in mm. */
export interface Bands {
	readonly knee: Band;
	readonly elbow: Band;
	readonly eye: Band;
	readonly thigh: Band;
}

/** The bands a corner is judged by; at a standing spot knee and thigh are not judged. */
export function bandsFor(corner: Corner): Bands {
	const { person, way } = corner;
	return {
		knee: person.back === 'any' ? KNEE_BY_WAY[way] : KNEE_BY_BACK[person.back],
		elbow: elbowBand(corner),
		eye: EYE_BY_LENSES[person.lenses],
		thigh: THIGH
	};
}

/**
 * Whether the elbow is judged against the surface rather than the home row: with the forearms carried by
 * the table, which only a sitting person does.
 */
export function forearmsOnSurface({ way, spot }: Pick<Corner, 'way' | 'spot'>): boolean {
	return way === 'forearms-down' && spot.posture === 'sitting';
}
