import { bodyOf, type Body } from '../../body/body-length';
import type { FindingId } from '../../questionnaire/checklist/findings';
import { checkCorner, type CheckResult } from '../checks/check-corner';
import { setUpAsMeasured, type SetUp } from '../checks/set-up';
import type { CheckId } from '../checks/check-values';
import { factsOf, type Facts } from '../../plan/conditions/facts';
import type { Corner, HouseholdItem } from '../corner/corner';
import { pieceIds } from '../corner/piece-ids';
import { backSupport } from '../../body/seat/back-support';
import { setUpAfter, type Plan } from '../../plan/plan-corner';

/** What a variant is derived from: the workstation after the plan. */
export interface VariantBase {
	readonly corner: Corner;
	readonly facts: Facts;
	readonly body: Body;
	readonly plan: Plan | null;
	readonly setUp: SetUp;
	readonly after: readonly CheckResult[];
	readonly found: ReadonlySet<FindingId>;
	readonly answers: Readonly<Partial<Record<string, string>>>;
	/** Household items that the plan leaves over, each as often as it is left. */
	readonly left: readonly HouseholdItem[];
}

/** Items used by a plan, including what fills the back. */
function usedBy(corner: Corner, plan: Plan | null): ReadonlySet<string> {
	if (!plan) return new Set();
	const stacked = new Set(Object.values(plan.stations).flatMap(({ pieces }) => pieces.map(({ id }) => id)));
	const filler = backSupport(corner, stacked)?.filler;
	return filler ? new Set([...stacked, filler.id]) : stacked;
}

/** The base for a workstation's variants. */
export function variantBase(
	corner: Corner,
	plan: Plan | null,
	found: readonly FindingId[],
	answers: VariantBase['answers']
): VariantBase {
	const setUp = plan ? setUpAfter(corner, plan) : setUpAsMeasured(corner);
	const used = usedBy(corner, plan);
	const left = corner.household.flatMap((item) => {
		const count = pieceIds(item.id, item.count ?? 1).filter((id) => !used.has(id)).length;
		return Array.from({ length: count }, () => item);
	});
	return {
		corner,
		facts: factsOf(corner),
		body: bodyOf(corner),
		plan,
		setUp,
		after: checkCorner(corner, setUp),
		found: new Set(found),
		answers,
		left
	};
}

/** A check after the plan; null where this workstation doesn't have it. */
function checkAfterPlan({ after }: Pick<VariantBase, 'after'>, id: CheckId): CheckResult | null {
	return after.find((check) => check.id === id) ?? null;
}

/** Whether a check is off beyond one end of its range after the plan. */
export function isCheckOpen(base: Pick<VariantBase, 'after'>, id: CheckId, side: 'low' | 'high'): boolean {
	const check = checkAfterPlan(base, id);
	if (!check || check.verdict === 'fits') return false;
	return side === 'low' ? check.value < check.low : check.high !== null && check.value > check.high;
}

/** Checks that fit in some results but not after the plan. */
export function checksClosedBy(
	{ after }: Pick<VariantBase, 'after'>,
	results: readonly CheckResult[]
): CheckId[] {
	return results
		.filter(({ id, verdict }) => verdict === 'fits' && after.find((a) => a.id === id)?.verdict !== 'fits')
		.map(({ id }) => id);
}
