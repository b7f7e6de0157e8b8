import type { Corner } from '../../workstation/corner/corner';
import { checksWorseAfter, itemsOfPlan, type PlanOption } from '../plan-options';
import { EQUAL_COST_TOLERANCE } from '../cost-order';
import type { Plan } from '../plan-corner';
import { builtFrom } from '../../workforce/built-from';
import type { AdviceSummary } from './advise-corner';
import { isSamePlan } from './is-same-plan';

/** Of people asked later whether something is still in place: how many had kept it. By what it is (`builtFrom`). */
export type KeptCounts = ReadonlyMap<string, { readonly kept: number; readonly asked: number }>;

/** What all items together hold counts as this many people for each: a few answers don't decide. Our assumption. */
const PRIOR_PEOPLE = 20;

/** Whether two plans are equally good: as many items, the same things to do, each check as good, and a misfit that differs by nothing felt. */
function isEqual(corner: Corner, a: Plan, b: Plan): boolean {
	const verdicts = ({ after }: Plan) => after.map(({ id, verdict }) => `${id} ${verdict}`).join();
	return (
		a.cost.pieces === b.cost.pieces &&
		Math.abs(a.cost.W - b.cost.W) < EQUAL_COST_TOLERANCE &&
		verdicts(a) === verdicts(b) &&
		itemsOfPlan(corner, a).join() === itemsOfPlan(corner, b).join()
	);
}

/** How likely everything in a plan stays in place, by what colleagues have kept. */
function heldShare(corner: Corner, { stations }: Plan, counts: KeptCounts): number {
	const all = [...counts.values()].reduce(
		(sum, { kept, asked }) => ({ kept: sum.kept + kept, asked: sum.asked + asked }),
		{ kept: 0, asked: 0 }
	);
	const usual = (all.kept + 1) / (all.asked + 2);
	const kindOf = new Map(corner.household.map(({ id, kind }) => [id, kind]));
	const parts = Object.entries(stations).flatMap(([station, { pieces }]) => {
		const kinds = new Set(pieces.flatMap(({ id }) => kindOf.get(id.split('#')[0] ?? '') ?? []));
		return [...kinds].map((kind) => builtFrom(station, kind));
	});
	return parts.reduce((share, what) => {
		const { kept, asked } = counts.get(what) ?? { kept: 0, asked: 0 };
		return share * ((kept + PRIOR_PEOPLE * usual) / (asked + PRIOR_PEOPLE));
	}, 1);
}

/** The rungs with one plan in place of another that is as good. */
const withPlan = (
	corner: Corner,
	{ ladder, before }: Pick<AdviceSummary, 'ladder' | 'before'>,
	from: Plan,
	to: Plan
): PlanOption[] =>
	ladder.map((rung) =>
		isSamePlan(rung.plan, from)
			? { things: itemsOfPlan(corner, to).length, plan: to, worse: checksWorseAfter(before, to.after) }
			: rung
	);

/**
 * Advice in which, of plans that are equally good, the one comes first that holds best: whose items colleagues have kept in place where they
 * had them. Everything else stays as it was; without counts, and where the plan in use is the best one, nothing changes.
 * @param counts those that may be published
 * @param inUse the plan that the person has built, or has begun to
 */
export function orderEqualPlans<A extends Pick<AdviceSummary, 'ladder' | 'plans' | 'before'>>(
	corner: Corner,
	advice: A,
	counts: KeptCounts,
	inUse: Plan | null
): A {
	const [best, ...others] = advice.plans;
	if (!best || counts.size === 0 || (inUse && isSamePlan(inUse, best))) return advice;
	const equal = [best, ...others.filter((plan) => isEqual(corner, best, plan))];
	const shares = new Map(equal.map((plan) => [plan, heldShare(corner, plan, counts)]));
	const inOrder = equal.toSorted((a, b) => (shares.get(b) ?? 0) - (shares.get(a) ?? 0));
	const first = (inUse && equal.find((plan) => isSamePlan(plan, inUse))) ?? inOrder[0] ?? best;
	if (first === best) return advice;
	const rest = advice.plans.filter((plan) => plan !== first);
	return { ...advice, plans: [first, ...rest], ladder: withPlan(corner, advice, best, first) };
}
