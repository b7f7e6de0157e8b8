import { bodyOf, type Body } from '../body/body-length';
import { checkIdsOf, checkValues, type CheckId } from '../workstation/checks/check-values';
import { setUpAsMeasured, type SetUp } from '../workstation/checks/set-up';
import type { Corner } from '../workstation/corner/corner';
import { bandsFor } from '../body/guidance/sitting-styles';
import { distanceOutsideBand } from '../body/guidance/band';

/** Clearance to keep above the thighs, mm; the uncertainty of the thigh is added. Our assumption. */
const FREE_OVER_THIGH_MM = 20;

/** Factor on the uncertainty of an estimated or guessed thigh. Our assumption. */
const UNKNOWN_THIGH_COUNTS = 2;

/** No plan moves a check this much farther outside its range than it is now, mm. Our assumption. */
export const WORSENING_MM = 10;

/** Checks that a plan must not make worse. Eye height is not among them: a loss there is shown, and may be worth it. */
const PROTECTED_CHECKS = ['knee', 'elbow', 'thigh'] as const satisfies readonly CheckId[];

/** One of {@link PROTECTED_CHECKS}. */
export type ProtectedCheck = (typeof PROTECTED_CHECKS)[number];

/** What no plan of a workstation may break, however well it would fit otherwise; mm. */
export interface PlanLimits {
	/** Least clearance above the thighs; -Infinity where nothing is above them. */
	readonly leastThighMm: number;
	/** Least clearance once raised feet have lifted the knees. */
	readonly leastRoomMm: number;
	/** How far outside its range each check may end. */
	readonly farthestMm: Readonly<Record<ProtectedCheck, number>>;
	/** Whether a laptop that is typed on may be raised: never so far that its keys end above the elbow. */
	readonly mayRaiseKeys: boolean;
}

/** No limits: for what moves nobody. */
export const NO_LIMITS: PlanLimits = {
	leastThighMm: -Infinity,
	leastRoomMm: -Infinity,
	farthestMm: { knee: Infinity, elbow: Infinity, thigh: Infinity },
	mayRaiseKeys: true
};

/** Clearance above the thighs where raised feet may lift the knees. */
export function thighClearance(thighMm: number, kneeMm: number): number {
	return thighMm - Math.max(0, -kneeMm);
}

/** How far outside its range each check of a workstation is with a set-up, mm. */
function distancesOutside(
	corner: Corner,
	setUp: SetUp = setUpAsMeasured(corner),
	body: Body = bodyOf(corner)
): Partial<Record<CheckId, number>> {
	const values = checkValues(corner, body, setUp);
	const bands = bandsFor(corner);
	return Object.fromEntries(checkIdsOf(corner).map((id) => [id, distanceOutsideBand(bands[id], values[id])]));
}

/** The clearance above the thighs that a plan must leave where there was that much: the minimum plus the uncertainty of the thigh. */
export function neededOverThigh({ thigh }: Pick<Body, 'thigh'>): number {
	const isKnown = thigh.from !== 'estimate' && thigh.from !== 'guess';
	return FREE_OVER_THIGH_MM + thigh.sd * (isKnown ? 1 : UNKNOWN_THIGH_COUNTS);
}

/** The limits of a workstation from its present heights: what is too small already must not shrink further. */
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

/** The same limits without the clearance above the thighs, to find out what it costs. */
export function withoutThighLimit(limits: PlanLimits): PlanLimits {
	return { ...limits, leastThighMm: -Infinity, leastRoomMm: -Infinity };
}

/** The limits of a workstation with a purchase: it makes no check except eye height worse than the best household plan does. */
export function asGoodAs(limits: PlanLimits, homesBest: Partial<Record<CheckId, number>>): PlanLimits {
	const farthest = (id: ProtectedCheck) =>
		Math.min(limits.farthestMm[id], (homesBest[id] ?? Infinity) + WORSENING_MM);
	return {
		...limits,
		farthestMm: { knee: farthest('knee'), elbow: farthest('elbow'), thigh: farthest('thigh') }
	};
}
