import { situationNow, type Situation, type Verdict } from '../checks';
import type { Corner } from '../corner';
import { situationAfter, type Plan } from '../plan';
import { ARMREST_BAND, checkArmrest, checkSeatDepth, SEAT_DEPTH_BAND } from '../seat';
import {
	checkDistance,
	checkGaze,
	checkLegibility,
	viewingDistanceWith,
	GAZE_GOOD_DEG,
	LETTER_ARC_MINUTES,
	letterHeight
} from '../sight';

/** The checks that are no stacks. */
export const NON_HEIGHT_CHECK_IDS = [
	'seat-depth',
	'armrest',
	'under-table',
	'distance',
	'gaze',
	'letters'
] as const;

/** One of {@link NON_HEIGHT_CHECK_IDS}. */
export type NonHeightCheckId = (typeof NON_HEIGHT_CHECK_IDS)[number];

/** What a value is counted in. */
export type NonHeightUnit = 'mm' | 'degrees' | 'letter-mm';

/** A value and what it comes to. */
export interface NonHeightValue {
	readonly value: number;
	readonly verdict: Verdict;
}

/** A check that is no stack: now, and as the plan leaves the corner. */
export interface NonHeightCheck {
	readonly id: NonHeightCheckId;
	readonly unit: NonHeightUnit;
	readonly low: number;
	/** Null where that end is open. */
	readonly high: number | null;
	readonly now: NonHeightValue;
	/** Null where there is no plan, or it changes nothing. */
	readonly after: NonHeightValue | null;
	/** Zoom that makes the text large enough, percent; 100 where it is. Of letters alone. */
	readonly zoomPercent: number;
	/** Height of a letter that is large enough, mm. Of letters alone. */
	readonly wantedMm: number;
}

type Judged = Omit<NonHeightCheck, 'now' | 'after'> & NonHeightValue;

const plain = { zoomPercent: 100, wantedMm: 0 } as const;

function ofSeat(corner: Corner, { setUp, forwardMm }: Situation): Judged[] {
	const judged: Judged[] = [];
	const depth = corner.way === 'active' ? null : checkSeatDepth(corner, forwardMm);
	if (depth) {
		const { low, high } = SEAT_DEPTH_BAND;
		judged.push({
			...plain,
			id: 'seat-depth',
			unit: 'mm',
			low,
			high,
			value: depth.gap,
			verdict: depth.verdict
		});
	}
	const armrest = checkArmrest(corner, setUp);
	if (armrest) {
		const { low, high } = ARMREST_BAND;
		const passes = armrest.faults.includes('meets-surface') ? 'off' : armrest.passes < 0 ? 'unsure' : 'fits';
		judged.push(
			{ ...plain, id: 'armrest', unit: 'mm', low, high, value: armrest.elbowAbove, verdict: armrest.verdict },
			{ ...plain, id: 'under-table', unit: 'mm', low: 0, high: null, value: armrest.passes, verdict: passes }
		);
	}
	return judged;
}

function ofSight(corner: Corner, { setUp, distanceMm }: Situation, letterMm: number | null): Judged[] {
	const distance = distanceMm ?? viewingDistanceWith(corner, setUp);
	const viewing = checkDistance(corner, distance);
	const gaze = checkGaze(corner, setUp, undefined, distance);
	const judged: Judged[] = [
		{ ...plain, id: 'distance', unit: 'mm', ...viewing.band, value: distance, verdict: viewing.verdict },
		{
			...plain,
			id: 'gaze',
			unit: 'degrees',
			...GAZE_GOOD_DEG,
			value: gaze.belowLevel,
			verdict: gaze.state === 'good' ? 'fits' : 'off'
		}
	];
	if (letterMm !== null) {
		const { state, zoomPercent } = checkLegibility(letterMm, distance);
		const wantedMm = letterHeight(LETTER_ARC_MINUTES.good, distance);
		judged.push({
			id: 'letters',
			unit: 'letter-mm',
			low: letterHeight(LETTER_ARC_MINUTES.least, distance),
			high: null,
			value: letterMm,
			verdict: state === 'too-small' ? 'off' : 'fits',
			zoomPercent,
			wantedMm
		});
	}
	return judged;
}

/**
 * The checks that are no stacks, worked out for the corner now and for the corner as the plan leaves it: pads raise the person and the armrest
 * sinks; a laptop that is lifted changes distance and gaze.
 *
 * @param plan the plan that is worked on; null where there is nothing to do
 * @param letterMm height of a small letter of the text that is read most; null where it was not given
 */
export function nonHeightChecks(
	corner: Corner,
	plan: Plan | null,
	letterMm: number | null
): NonHeightCheck[] {
	const judge = (situation: Situation) => [
		...ofSeat(corner, situation),
		...ofSight(corner, situation, letterMm)
	];
	const later = plan ? judge(situationAfter(corner, plan)) : [];
	return judge(situationNow(corner)).map(({ value, verdict, ...check }) => {
		const after = later.find(({ id }) => id === check.id);
		const isSame = !after || (Math.abs(after.value - value) < 0.5 && after.verdict === verdict);
		return {
			...check,
			// What is to be set is shown as the plan leaves it; a letter is large enough for the distance then.
			low: after?.low ?? check.low,
			zoomPercent: after?.zoomPercent ?? check.zoomPercent,
			wantedMm: after?.wantedMm ?? check.wantedMm,
			now: { value, verdict },
			after: isSame ? null : { value: after.value, verdict: after.verdict }
		};
	});
}
