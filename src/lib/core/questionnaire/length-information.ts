import { BODY_FIELDS, bodyMethodOf, type Answers, type LengthFieldName } from './answers/fields';
import { isRequiredLength, adjustmentRangeFields, type AdjustableFurniture } from './answers/default-lengths';
import type { PartialCorner } from './answers/partial-checks';
import { bodyMethodSd } from '../body/method-uncertainty';
import { bodyOf } from '../body/body-length';
import { verdictProbabilities, verdictUncertainty } from '../workstation/checks/verdict';
import { checkCorner, type CheckResult } from '../workstation/checks/check-corner';
import {
	checkSd,
	measurableParts,
	measurableSd,
	type MeasurableLengthName
} from '../workstation/checks/check-uncertainty';
import type { BodyLengthName } from '../workstation/corner/vocabulary';
import type { Corner } from '../workstation/corner/corner';
import { PLANNING_MARGIN_MM } from '../body/guidance/band';
import { elbowWonByThigh } from '../plan/thigh-room';
import { CHECK_WEIGHTS } from '../plan/weights';
import { NO_INFORMATION, type InformationValue } from './information-value';

/** The body lengths. */
const BODY: readonly BodyLengthName[] = [...BODY_FIELDS.sitting, ...BODY_FIELDS.standing];

/**
 * A decrease of {@link verdictUncertainty} below this is not worth a tape measurement. Ours, from the simulated self-assessments of
 * `short-route-proof.test`.
 */
const LEAST_FALL = 0.06;

/** The lowest weight of any check: its decrease counts once. */
const LEAST_WEIGHT = Math.min(...Object.values(CHECK_WEIGHTS));

/** How far `u` would fall for some values of the checks, weighted, if one length were measured by this person's method. */
function fall(
	corner: Corner,
	checks: readonly CheckResult[],
	name: MeasurableLengthName,
	sdThen: number,
	valueOf: (check: CheckResult) => number
): number {
	const body = bodyOf(corner);
	const sdNow = (part: MeasurableLengthName) => measurableSd(corner, body, part);
	if (sdThen >= sdNow(name)) return 0;
	return checks
		.filter(({ id }) => measurableParts(corner, id).includes(name))
		.reduce((sum, check) => {
			const u = (sdOf: (part: MeasurableLengthName) => number) =>
				verdictUncertainty(verdictProbabilities(check, valueOf(check), checkSd(corner, check.id, sdOf)));
			const fallen = u(sdNow) - u((part) => (part === name ? sdThen : sdNow(part)));
			return sum + (fallen * CHECK_WEIGHTS[check.id]) / LEAST_WEIGHT;
		}, 0);
}

/** Where a plan brings a check at best: to the middle of its range; a pressed thigh gets the clearance it lacks and a little more. */
function aimOf({ low, ideal, high, value }: CheckResult): number {
	if (high === null) return Math.max(value, low + PLANNING_MARGIN_MM);
	return ideal ?? (low + high) / 2;
}

/** Below 1: a result is always possible without a body length. */
const MOST_WORTH = 0.99;

/** The value of a body length by how certain its checks are, now and after a plan. */
function worthByDoubt(answers: Answers, corner: Corner, name: BodyLengthName): InformationValue {
	const sdThen = bodyMethodSd(bodyMethodOf(answers));
	const checks = checkCorner(corner);
	const now = fall(corner, checks, name, sdThen, ({ value }) => value);
	const isMoved = ({ verdict }: CheckResult) => verdict !== 'fits';
	const after = fall(corner, checks.filter(isMoved), name, sdThen, aimOf);
	if (now + after < LEAST_FALL) return NO_INFORMATION;
	return {
		changes: [...(now > 0 ? ['verdict' as const] : []), ...(after > 0 ? ['step' as const] : [])],
		worth: Math.min(MOST_WORTH, now + after)
	};
}

/** So much elbow height, won by a measured thigh, is worth as much as a verdict, mm. Our working assumption. */
const ELBOW_OF_FULL_WORTH_MM = 30;

/** What a measured thigh is worth to the plan. */
function worthOfThighRoom(answers: Answers, corner: Corner): InformationValue {
	const wonMm = elbowWonByThigh(corner, bodyMethodOf(answers));
	return wonMm > 0
		? { changes: ['step'], worth: Math.min(MOST_WORTH, wonMm / ELBOW_OF_FULL_WORTH_MM) }
		: NO_INFORMATION;
}

/** Closer than this to an unmeasured end, the end decides, mm. Our working assumption. */
const NEAR_END_MM = 15;

/** The heights at which a piece of furniture would bring its checks into range, mm: several where it serves several. */
function wantedHeights(corner: Corner, of: AdjustableFurniture): number[] {
	const { surface, seat, screen } = corner.spot;
	const byId = new Map(checkCorner(corner).map((check) => [check.id, aimOf(check) - check.value]));
	const at = (height: number, ...shifts: readonly (number | undefined)[]) =>
		shifts.flatMap((shift) => (shift === undefined ? [] : [height + shift]));
	const elbow = byId.get('elbow');
	if (of === 'seat') return seat ? at(seat.height, byId.get('knee'), elbow) : [];
	if (of === 'surface') return at(surface.height, elbow === undefined ? undefined : -elbow);
	return at(screen.topAboveBase, byId.get('eye'));
}

/** The value of one end of a range: everything where the furniture would have to be set close to it or beyond, nothing otherwise. */
function worthOfEnd(corner: Corner, of: AdjustableFurniture, isLow: boolean): InformationValue {
	const range = corner.spot[of]?.range;
	if (!range) return NO_INFORMATION;
	const isBeyond = wantedHeights(corner, of).some((height) =>
		isLow ? height < range[0] + NEAR_END_MM : height > range[1] - NEAR_END_MM
	);
	return isBeyond ? { changes: ['step'], worth: 0.4 } : NO_INFORMATION;
}

/** The furniture whose range a length is an end of; null for none. */
function rangeOfEnd(name: LengthFieldName): { of: AdjustableFurniture; isLow: boolean } | null {
	for (const of of ['surface', 'seat', 'screen'] as const) {
		const { low, high } = adjustmentRangeFields(of);
		if (name === low || name === high) return { of, isLow: name === low };
	}
	return null;
}

/** Lengths that take one tap and that checks depend on. */
const BY_TAP: ReadonlySet<LengthFieldName> = new Set(['heel', 'seatGive']);

/** With less clearance than this above the thighs, the thickness of the table decides, mm. Our working assumption. */
const CLOSE_MM = 100;

function worthOfThickness(corner: Corner): InformationValue {
	const thigh = checkCorner(corner).find(({ id }) => id === 'thigh');
	return thigh && thigh.value < thigh.low + CLOSE_MM
		? { changes: ['verdict', 'step'], worth: 0.3 }
		: NO_INFORMATION;
}

/**
 * The value of a length.
 * @param partial the workstation as far as it is known; null without the stature
 */
export function lengthInformationValue(
	name: LengthFieldName,
	answers: Answers,
	partial: PartialCorner | null
): InformationValue {
	if (isRequiredLength(name, answers)) return { changes: ['verdict', 'step'], worth: 1 };
	if (BY_TAP.has(name)) return { changes: ['verdict', 'step'], worth: 0.3 };
	if (name === 'handSpan') return { changes: ['verdict'], worth: 1 };
	if (!partial) return NO_INFORMATION;
	const end = rangeOfEnd(name);
	if (end) return worthOfEnd(partial.corner, end.of, end.isLow);
	if (name === 'surfaceThickness') return worthOfThickness(partial.corner);
	const body = BODY.find((length) => length === name);
	if (!body) return NO_INFORMATION;
	const byDoubt = worthByDoubt(answers, partial.corner, body);
	if (body !== 'thigh') return byDoubt;
	const byRoom = worthOfThighRoom(answers, partial.corner);
	return byRoom.worth > byDoubt.worth ? byRoom : byDoubt;
}
