import { checkCorner, type CheckResult } from '../../workstation/checks/check-corner';
import { situationNow, type Situation } from '../../workstation/checks/situation';
import type { CheckId } from '../../workstation/checks/check-values';
import { factsOf } from '../../plan/conditions/facts';
import { conditionHolds } from '../../plan/conditions/fact-condition';
import { seatRulesOf } from '../../workstation/corner/seat-kinds';
import type { Corner } from '../../workstation/corner/corner';
import { MIN_DESK_DEPTH_MM } from '../../workstation/desk/desk-layout';
import { backSupport } from '../../body/seat/back-support';
import { checkArmrest, type ArmrestFault } from '../../body/seat/armrest';
import { checkSeatDepth } from '../../body/seat/seat-depth';
import { checkDistance, viewingDistanceWith } from '../../body/sight/viewing-distance';
import { findingRule, type FindingId } from './findings';

/** A finding from measurements. */
export interface MeasuredFinding {
	readonly finding: FindingId;
	/** How far off, mm; null where no length says. */
	readonly offMm: number | null;
	/** False where the measurements make it likely but not certain: a check that is `unsure`. */
	readonly isSure: boolean;
}

const OF_CHECK: Readonly<Record<CheckId, Readonly<Record<'low' | 'high', FindingId | null>>>> = {
	knee: { low: 'seat-too-low', high: 'seat-too-high' },
	elbow: { low: 'keys-too-high', high: 'keys-too-low' },
	eye: { low: 'screen-too-low', high: 'screen-too-high' },
	thigh: { low: 'thigh-pressed', high: null }
};

/** The finding for a check beyond one end of its range; null where there is none. */
export function findingOfCheck(id: CheckId, side: 'low' | 'high'): FindingId | null {
	return OF_CHECK[id][side];
}

const OF_ARMREST: Readonly<Record<ArmrestFault, FindingId>> = {
	'too-high': 'armrest-too-high',
	'too-low': 'armrest-too-low',
	'meets-surface': 'armrest-meets-table'
};

function ofCheck({ id, value, low, high, verdict }: CheckResult): MeasuredFinding[] {
	if (verdict === 'fits') return [];
	const isHigh = high !== null && value > high;
	if (!isHigh && value >= low) return [];
	const finding = findingOfCheck(id, isHigh ? 'high' : 'low');
	const offMm = isHigh ? value - high : low - value;
	return finding ? [{ finding, offMm, isSure: verdict === 'off' }] : [];
}

function ofSeat(corner: Corner, { setUp, filledMm, forwardMm }: Situation): MeasuredFinding[] {
	const found: MeasuredFinding[] = [];
	const add = (finding: FindingId, offMm: number | null, isSure = true) =>
		found.push({ finding, offMm, isSure });
	const depth = checkSeatDepth(corner, forwardMm);
	if (depth?.state === 'presses') add('edge-behind-knee', depth.short, depth.verdict === 'off');
	if (depth?.state === 'unsupported') add('thigh-unsupported', null, depth.verdict === 'off');
	const back = backSupport(corner);
	if (back?.state === 'none') add('no-backrest', null);
	if (back?.state === 'fill' && filledMm === 0 && corner.spot.seat?.lumbar === false)
		add('no-low-back-support', null);
	for (const fault of checkArmrest(corner, setUp)?.faults ?? []) add(OF_ARMREST[fault], null);
	if (!seatRulesOf(corner).isForWork) add('bed-or-sofa', null);
	return found;
}

function ofScreen(corner: Corner, { setUp, distanceMm }: Situation): MeasuredFinding[] {
	const { keys, surface } = corner.spot;
	const found: MeasuredFinding[] = [];
	const { move, verdict } = checkDistance(corner, distanceMm ?? viewingDistanceWith(corner, setUp));
	const offMm = Math.abs(move);
	const isSure = verdict === 'off';
	if (move > 0) found.push({ finding: 'screen-too-near', offMm, isSure });
	if (move < 0) found.push({ finding: 'screen-too-far', offMm, isSure });
	if (keys.kind === 'built-in') found.push({ finding: 'laptop-alone', offMm: null, isSure: true });
	if (seatRulesOf(corner).isForWork && surface.depth < MIN_DESK_DEPTH_MM)
		found.push({ finding: 'shallow-desk', offMm: MIN_DESK_DEPTH_MM - surface.depth, isSure: true });
	return found;
}

/**
 * Every finding from the measurements of a workstation that is a fault for this person: from height checks and from the others.
 * @param situation the set-up; as measured if left out
 */
export function measuredFindings(
	corner: Corner,
	situation: Situation = situationNow(corner)
): MeasuredFinding[] {
	const facts = factsOf(corner);
	const found = [
		...checkCorner(corner, situation.setUp).flatMap(ofCheck),
		...ofSeat(corner, situation),
		...ofScreen(corner, situation),
		...(corner.person.wrists === 'troubled'
			? [{ finding: 'troubled-wrists' as const, offMm: null, isSure: true }]
			: [])
	];
	return found.filter(({ finding }) => conditionHolds(findingRule(finding).holds, facts));
}
