import { seatKindOf, seatRulesOf, type Corner, type SeatKind, type SurfaceKind } from '../corner';
import { outsideBand, type MeasurableLengthName } from '../checks';
import {
	recommendedPlan,
	itemsOfPlan,
	type LaptopArrangements,
	type PlanReport,
	type PurchaseId,
	type PurchaseOutcome,
	type PlanOption,
	type PlanAction
} from '../plan';

/** One thing to do, as far as the corner alone can say. */
export type FirstAction =
	| { readonly act: 'spot'; readonly what: SeatKind | SurfaceKind }
	| { readonly act: 'ask'; readonly what: PurchaseId }
	| { readonly act: 'measure'; readonly what: MeasurableLengthName }
	| { readonly act: 'build'; readonly what: PlanAction };

/** How many are told. */
const MOST_ACTS = 3;

/** So far outside its band hands or hips make a spot one not to work at, and so far a purchase has to bring them, mm. Our assumption. */
const HOPELESS_MM = 50;
const HELPED_MM = 20;

/** The order in which things are built: from the floor up, what stands on another after it. */
const ORDER_OF_WORK: readonly PlanAction[] = ['surface', 'seat', 'feet', 'keys', 'screen'];

/** What the acts are made from. */
export interface FirstActionInputs extends Pick<PlanReport, 'plans' | 'measureNext' | 'isBoundByThigh'> {
	readonly ladder: readonly PlanOption[];
	readonly purchases: readonly PurchaseOutcome[];
	readonly laptop: LaptopArrangements | null;
}

/** Whether another spot is the first thing to look for: nothing at home, and no single purchase, makes this one fit to work at. */
function isHopeless(corner: Corner, { plans, purchases }: FirstActionInputs): boolean {
	if (!seatRulesOf(corner).isForWork) return true;
	const left = (plans[0]?.after ?? []).filter(
		(check) => (check.id === 'elbow' || check.id === 'knee') && outsideBand(check) > HOPELESS_MM
	);
	const singles = purchases.filter((one) => one.purchases.length === 1);
	return left.some(
		({ id }) =>
			!singles.some(({ changes }) => changes.some((change) => change.id === id && change.to <= HELPED_MM))
	);
}

/**
 * What to do first at a corner, three acts at most: away from a spot that nothing makes fit; a keyboard and mouse for a laptop alone; a length
 * to measure where much hangs on it; what the recommended plan builds, in the order of work; what else would help.
 */
export function firstActions(corner: Corner, advised: FirstActionInputs): FirstAction[] {
	const { ladder, plans, measureNext, isBoundByThigh, purchases, laptop } = advised;
	const plan = recommendedPlan(ladder, plans);
	const things = plan ? itemsOfPlan(corner, plan) : [];
	const isMeasured = measureNext !== null && (isBoundByThigh || corner.spot.by === 'guess');
	const acts: FirstAction[] = [
		...(isHopeless(corner, advised)
			? [{ act: 'spot' as const, what: seatKindOf(corner) ?? corner.spot.surface.kind ?? 'table' }]
			: []),
		...(laptop ? [{ act: 'ask' as const, what: 'keyboard-and-mouse' as const }] : []),
		...(isMeasured ? [{ act: 'measure' as const, what: measureNext }] : []),
		...ORDER_OF_WORK.filter((thing) => things.includes(thing)).map((what) => ({
			act: 'build' as const,
			what
		})),
		...[...new Set(purchases.flatMap((one) => one.purchases))].map((what) => ({
			act: 'ask' as const,
			what
		}))
	];
	return acts
		.filter((act, i) => acts.findIndex((one) => one.act === act.act && one.what === act.what) === i)
		.slice(0, MOST_ACTS);
}
