import { findingRule, type FindingId } from '../../questionnaire/checklist/findings';
import { fixRule, type HouseholdFix } from '../../questionnaire/checklist/fixes';
import { measuredFindings } from '../../questionnaire/checklist/measured-findings';
import { orderFindings, type OrderedFinding } from '../../questionnaire/checklist/order-findings';
import type { Checklist, ChecklistAnswers } from '../../questionnaire/checklist/checklist';
import { checkCorner, type CheckResult } from '../../workstation/checks/check-corner';
import { situationNow } from '../../workstation/checks/situation';
import { factsOf } from '../conditions/facts';
import { conditionHolds } from '../conditions/fact-condition';
import { conflictsWith, type Adjustment } from '../conditions/adjustments';
import type { WorkingArms } from '../../workstation/corner/vocabulary';
import type { Corner } from '../../workstation/corner/corner';
import type { RegionReport } from '../../cases/discomfort/report';
import { situationAfter } from '../situation-after';
import type { Plan } from '../plan-corner';
import type { PlanStep } from '../plan-steps';

/** What becomes of a finding once the plan is carried out: it stays, the plan closes it, or the plan causes it. */
type FindingOutcome = 'stays' | 'closed' | 'caused';

/** A finding with what becomes of it, and what is done about it. */
export interface AdvisedFinding extends OrderedFinding {
	readonly fate: FindingOutcome;
	/** What to do about it with household items, as far as it suits this person and undoes nothing else; the most promising first. */
	readonly fixes: readonly HouseholdFix[];
}

/** What a person reported besides lengths. */
export interface ChecklistContext {
	readonly checklist: Checklist;
	readonly answers: ChecklistAnswers;
	readonly reports: readonly RegionReport[];
	/** The arms they work with; both if left out. */
	readonly arms?: WorkingArms;
}

/** Most fixes shown for one finding, so that a page stays short. */
const MOST_FIXES = 2;

/** Findings about heights: the plan handles these exactly, and says what it leaves open. */
const OF_HEIGHTS: ReadonlySet<FindingId> = new Set<FindingId>([
	'seat-too-high',
	'seat-too-low',
	'thigh-pressed',
	'keys-too-high',
	'keys-too-low',
	'screen-too-low',
	'screen-too-high'
]);

/** Plan steps that resolve a finding by themselves, whoever reported it. */
const STEP_OF: Readonly<Partial<Record<FindingId, PlanStep['place']>>> = {
	'feet-hanging': 'feet',
	'no-low-back-support': 'back',
	'screen-too-near': 'distance',
	'screen-too-far': 'distance',
	'screen-tilt': 'tilt',
	'head-tips-back': 'tilt'
};

/** Whether a step of the plan resolves a finding by itself, so that no fix need be listed for it. */
export const isCoveredByStep = (finding: FindingId, steps: readonly Pick<PlanStep, 'place'>[]): boolean =>
	steps.some(({ place }) => place === STEP_OF[finding]);

/** The adjustments that the steps of a plan amount to. */
export function adjustmentsOfSteps(
	corner: Corner,
	plan: Plan | null,
	steps: readonly PlanStep[]
): Adjustment[] {
	if (!plan || steps.length === 0) return [];
	const now = situationNow(corner).setUp;
	const after = situationAfter(corner, plan);
	const { setUp } = after;
	const moved = (by: number, up: Adjustment, down: Adjustment): Adjustment[] =>
		by === 0 ? [] : [by > 0 ? up : down];
	const distance = steps.some(({ place }) => place === 'distance')
		? (after.distanceMm ?? 0) - corner.spot.screen.distance
		: 0;
	return [
		...moved(setUp.seat + setUp.pads - now.seat - now.pads, 'raise-seat', 'lower-seat'),
		...moved(setUp.feet - now.feet, 'raise-feet', 'lower-feet'),
		...moved(setUp.surface - now.surface, 'raise-surface', 'lower-surface'),
		...moved(setUp.keys - now.keys, 'raise-keys', 'lower-keys'),
		...moved(
			setUp.screen + setUp.screenTopAboveBase - now.screen - now.screenTopAboveBase,
			'raise-screen',
			'lower-screen'
		),
		...moved(distance, 'screen-away', 'screen-nearer')
	];
}

const fitsIn = (checks: readonly CheckResult[], id: CheckResult['id']) =>
	checks.some((check) => check.id === id && check.verdict === 'fits');

/**
 * Whether a plan closes a finding: one of its steps resolves it, the check behind it comes into range, or the measurements no longer show
 * it. What only the person has seen is never closed by measurements that cannot see it.
 */
function isClosed(
	{ finding, measured }: OrderedFinding,
	after: ReadonlySet<FindingId>,
	before: readonly CheckResult[],
	plan: Plan,
	steps: readonly PlanStep[]
): boolean {
	if (steps.length === 0) return false;
	const { closedBy } = findingRule(finding);
	if (after.has(finding) || (closedBy && !fitsIn(plan.after, closedBy))) return false;
	if (isCoveredByStep(finding, steps)) return true;
	return closedBy ? !fitsIn(before, closedBy) : (measured?.isSure ?? false);
}

/** Findings at the workstation now and after the plan, each with its outcome. */
function withFates(
	corner: Corner,
	told: ChecklistContext,
	plan: Plan | null,
	steps: readonly PlanStep[]
): (OrderedFinding & { readonly fate: FindingOutcome })[] {
	const now = measuredFindings(corner);
	const later = plan && steps.length > 0 ? measuredFindings(corner, situationAfter(corner, plan)) : now;
	// A finding that was only likely and that the plan makes certain also counts as caused by it.
	const isNow = new Set(now.filter(({ isSure }) => isSure).map(({ finding }) => finding));
	const caused = later.filter(({ finding, isSure }) => isSure && !isNow.has(finding));
	const before = checkCorner(corner);
	const isLater = new Set(later.map(({ finding }) => finding));
	return orderFindings(told.checklist, corner, told.answers, told.reports, [...caused, ...now]).map(
		(found) => ({
			...found,
			fate:
				!isNow.has(found.finding) && found.seenIn.length === 0
					? 'caused'
					: plan && isClosed(found, isLater, before, plan, steps)
						? 'closed'
						: 'stays'
		})
	);
}

/**
 * Every finding worth reporting, in the order of repair, with its outcome under the plan and the fixes for it. A fix is shown if it suits
 * this person and if nothing shown earlier (a plan step or another fix) undoes it. A finding that the plan causes and resolves by one of
 * its own steps belongs to that step and is not listed.
 * @param steps the steps of the plan; empty where there is nothing to do
 */
export function advisedFindings(
	corner: Corner,
	told: ChecklistContext,
	plan: Plan | null,
	steps: readonly PlanStep[]
): AdvisedFinding[] {
	const facts = factsOf(corner, told.arms);
	const taken = adjustmentsOfSteps(corner, plan, steps);
	const isTold = ({ finding, seenIn, measured, fate }: OrderedFinding & { readonly fate: FindingOutcome }) =>
		!OF_HEIGHTS.has(finding) &&
		(seenIn.length > 0 || (measured?.isSure ?? false)) &&
		!(fate === 'caused' && isCoveredByStep(finding, steps));
	return withFates(corner, told, plan, steps)
		.filter(isTold)
		.map((found) => {
			if (found.fate === 'closed') return { ...found, fixes: [] };
			const fixes: HouseholdFix[] = [];
			for (const id of findingRule(found.finding, told.checklist.own).household) {
				const { holds, act } = fixRule(id);
				const isUndone = act !== null && taken.some((other) => conflictsWith(act, other));
				if (fixes.length >= MOST_FIXES || isUndone || !conditionHolds(holds, facts)) continue;
				fixes.push(id);
				if (act) taken.push(act);
			}
			return { ...found, fixes };
		});
}
