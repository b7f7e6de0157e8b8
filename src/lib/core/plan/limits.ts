import { bodyOf, type Body } from '../body';
import { checkIdsOf, checkValues, setUpAsMeasured, type CheckId, type SetUp } from '../checks';
import type { Corner } from '../corner';
import { bandsFor, distanceOutsideBand } from '../guidance';

/** What must stay free over the thighs, mm; what is not known of the thigh comes on top. Our assumption. */
const FREE_OVER_THIGH_MM = 20;

/** An estimated or guessed thigh counts as so much less sure. Our assumption. */
const UNKNOWN_THIGH_COUNTS = 2;

/** A plan leaves no check so much farther outside its band than it is now, mm. Our assumption. */
export const WORSENING_MM = 10;

/** Checks that a plan may not make worse: what the eyes lose is told, and may be worth it. */
export const PROTECTED_CHECKS = ['knee', 'elbow', 'thigh'] as const satisfies readonly CheckId[];

/** One of {@link PROTECTED_CHECKS}. */
export type ProtectedCheck = (typeof PROTECTED_CHECKS)[number];

/** What no plan of a corner breaks, however well it would fit otherwise; mm. */
export interface PlanLimits {
	/** Least free space over the thighs; -Infinity where nothing is over them. */
	readonly leastThighMm: number;
	/** Least free space once raised feet have lifted the knees. */
	readonly leastRoomMm: number;
	/** How far outside its band each check may end. */
	readonly farthestMm: Readonly<Record<ProtectedCheck, number>>;
	/** Whether a laptop that is typed on may be raised: never so that its keys end above the elbow. */
	readonly mayRaiseKeys: boolean;
}

/** Nothing is forbidden: for what moves nobody. */
export const NO_LIMITS: PlanLimits = {
	leastThighMm: -Infinity,
	leastRoomMm: -Infinity,
	farthestMm: { knee: Infinity, elbow: Infinity, thigh: Infinity },
	mayRaiseKeys: true
};

/** Free space over the thighs where the knees may be lifted: feet that are raised lift them. */
export function thighClearance(thighMm: number, kneeMm: number): number {
	return thighMm - Math.max(0, -kneeMm);
}

/** How far outside its band each check of a corner lies as it is set up, mm. */
export function distancesOutside(
	corner: Corner,
	setUp: SetUp = setUpAsMeasured(corner),
	body: Body = bodyOf(corner)
): Partial<Record<CheckId, number>> {
	const values = checkValues(corner, body, setUp);
	const bands = bandsFor(corner);
	return Object.fromEntries(checkIdsOf(corner).map((id) => [id, distanceOutsideBand(bands[id], values[id])]));
}

/** The space over the thighs that a plan must leave, where there was that much: what the tape does not know of the thigh comes on top. */
function neededOverThigh({ thigh }: Body): number {
	const isKnown = thigh.from !== 'estimate' && thigh.from !== 'guess';
	return FREE_OVER_THIGH_MM + thigh.sd * (isKnown ? 1 : UNKNOWN_THIGH_COUNTS);
}

/** The limits of a corner by its heights now: what is too little already gets no less. */
export function planLimitsOf(corner: Corner, body: Body = bodyOf(corner)): PlanLimits {
	const judged = checkIdsOf(corner);
	const now = checkValues(corner, body, setUpAsMeasured(corner));
	const outside = distancesOutside(corner, setUpAsMeasured(corner), body);
	const farthest = (id: ProtectedCheck) => (outside[id] ?? 0) + WORSENING_MM;
	const needed = neededOverThigh(body);
	const isUnder = judged.includes('thigh');
	const roomNow = judged.includes('knee') ? thighClearance(now.thigh, now.knee) : now.thigh;
	return {
		leastThighMm: isUnder ? Math.min(needed, now.thigh) : -Infinity,
		leastRoomMm: isUnder ? Math.min(needed, roomNow) : -Infinity,
		farthestMm: { knee: farthest('knee'), elbow: farthest('elbow'), thigh: farthest('thigh') },
		mayRaiseKeys: now.elbow >= 0
	};
}

/** The same without the limit on the space over the thighs: what it costs is what is left. */
export function withoutThighLimit(limits: PlanLimits): PlanLimits {
	return { ...limits, leastThighMm: -Infinity, leastRoomMm: -Infinity };
}

/** The limits of a corner with a thing bought: it makes nothing but the eyes' height worse than the home's best does. */
export function asGoodAs(limits: PlanLimits, homesBest: Partial<Record<CheckId, number>>): PlanLimits {
	const farthest = (id: ProtectedCheck) =>
		Math.min(limits.farthestMm[id], (homesBest[id] ?? Infinity) + WORSENING_MM);
	return {
		...limits,
		farthestMm: { knee: farthest('knee'), elbow: farthest('elbow'), thigh: farthest('thigh') }
	};
}
