import { situationNow, type Situation } from '../../workstation/checks/situation';
import type { Verdict } from '../../workstation/checks/verdict';
import type { Corner } from '../../workstation/corner/corner';
import { situationAfter } from '../situation-after';
import type { Plan } from '../plan-corner';
import { ARMREST_BAND, checkArmrest } from '../../body/seat/armrest';
import { checkSeatDepth, SEAT_DEPTH_BAND } from '../../body/seat/seat-depth';
import { checkDistance, viewingDistanceWith } from '../../body/sight/viewing-distance';
import { checkGaze, GAZE_GOOD_DEG } from '../../body/sight/gaze';
import { checkLegibility, LETTER_ARC_MINUTES, letterHeight } from '../../body/sight/legibility';

/** Checks that are not about heights. */
const NON_HEIGHT_CHECK_IDS = ['seat-depth', 'armrest', 'under-table', 'distance', 'gaze', 'letters'] as const;

/** One of {@link NON_HEIGHT_CHECK_IDS}. */
export type NonHeightCheckId = (typeof NON_HEIGHT_CHECK_IDS)[number];

/** The unit of a value. */
type NonHeightUnit = 'mm' | 'degrees' | 'letter-mm';

/** A value with its verdict. */
interface NonHeightValue {
	readonly value: number;
	readonly verdict: Verdict;
}

/** A check that is not about heights: now, and after the plan. */
export interface NonHeightCheck {
	readonly id: NonHeightCheckId;
	readonly unit: NonHeightUnit;
	readonly low: number;
	/** Null where the range has no upper end. */
	readonly high: number | null;
	readonly now: NonHeightValue;
	/** Null where there is no plan or the plan changes nothing. */
	readonly after: NonHeightValue | null;
	/** Zoom that makes the text large enough, percent; 100 where it is already. For letter size only. */
	readonly zoomPercent: number;
	/** Letter height that is large enough, mm. For letter size only. */
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
 * The checks that are not about heights, for the workstation now and after the plan: pads raise the person and lower the armrest relative
 * to them; raising a laptop changes viewing distance and gaze.
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
			// The range shown is the one after the plan: letters must be large enough for the viewing distance then.
			low: after?.low ?? check.low,
			zoomPercent: after?.zoomPercent ?? check.zoomPercent,
			wantedMm: after?.wantedMm ?? check.wantedMm,
			now: { value, verdict },
			after: isSame ? null : { value: after.value, verdict: after.verdict }
		};
	});
}
