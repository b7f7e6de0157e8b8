import { seatKindOf, seatRulesOf } from '../../workstation/corner/seat-kinds';
import type { Corner } from '../../workstation/corner/corner';
import type { SeatKind, SurfaceKind } from '../../workstation/corner/vocabulary';
import { outsideBand } from '../../workstation/checks/check-corner';
import type { MeasurableLengthName } from '../../workstation/checks/check-uncertainty';
import { recommendedPlan, itemsOfPlan, type PlanOption } from '../plan-options';
import type { LaptopArrangements } from '../laptop';
import type { PlanReport } from '../plan-corner';
import type { PurchaseId } from '../purchases';
import type { PurchaseOutcome } from '../purchase-outcomes';
import type { PlanAction } from '../plan-problem';

/** One action, as far as the workstation alone shows. */
export type FirstAction =
	| { readonly act: 'spot'; readonly what: SeatKind | SurfaceKind }
	| { readonly act: 'ask'; readonly what: PurchaseId }
	| { readonly act: 'measure'; readonly what: MeasurableLengthName }
	| { readonly act: 'build'; readonly what: PlanAction };

/** Most first actions shown. */
const MOST_ACTS = 3;

/**
 * How far outside its range the hands or hips must be for the spot to count as unsuitable for work, and how far a purchase must bring them,
 * mm. Our assumption.
 */
const HOPELESS_MM = 50;
const HELPED_MM = 20;

/** The order of work: from the floor up, each thing before what stands on it. */
const ORDER_OF_WORK: readonly PlanAction[] = ['surface', 'seat', 'feet', 'keys', 'screen'];

/** What the first actions are derived from. */
export interface FirstActionInputs extends Pick<PlanReport, 'plans' | 'measureNext' | 'isBoundByThigh'> {
	readonly ladder: readonly PlanOption[];
	readonly purchases: readonly PurchaseOutcome[];
	readonly laptop: LaptopArrangements | null;
}

/** Whether the person should look for another spot first: nothing in the household, and no single purchase, makes this one suitable. */
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
 * What to do first at a workstation, three actions at most: leave a spot that nothing makes suitable; get a keyboard and mouse for a laptop
 * alone; measure a length that decides much; build what the recommended plan builds, in the order of work; and what else would help.
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
