import { measuredFindings, type MeasuredFinding } from '../checklist';
import type { Corner } from '../corner';
import {
	compromiseOf,
	ladderOf,
	planCorner,
	purchaseOutcomes,
	type Compromise,
	type OpenGap,
	type PlanReport,
	type PurchaseOutcome,
	type Rung
} from '../plan';

/** Everything that the numbers of a corner tell: checks, plans, what stays open and what would solve it. */
export interface Advice extends PlanReport {
	/** The most for one thing to do, for two, and so on; the last is the one to recommend. */
	readonly ladder: readonly Rung[];
	/** What a purchase, a pair of them or more firm things would change, beside the plan that is recommended; what closes most for each thing first. */
	readonly purchases: readonly PurchaseOutcome[];
	/** Of the plan that is recommended, where the keys are built in and can't be right. */
	readonly compromise: Compromise | null;
	/** What the numbers find at the corner as it was measured. */
	readonly findings: readonly MeasuredFinding[];
}

/**
 * Advises on a corner.
 *
 * Cost: some tens of searches for a plan where much stays open, ten where little does; tens of milliseconds for a usual home.
 */
export function adviseCorner(corner: Corner): Advice {
	const report = planCorner(corner);
	const best = report.plans[0];
	const { rungs, proven } = best ? ladderOf(corner, best) : { rungs: [], proven: true };
	const recommended = rungs.at(-1)?.plan ?? best;
	return {
		...report,
		proven: report.proven && proven,
		ladder: rungs,
		purchases: recommended ? purchaseOutcomes(corner, recommended) : [],
		compromise: recommended ? compromiseOf(corner, recommended) : null,
		findings: measuredFindings(corner)
	};
}

/** Advice as it is kept with a plan: of what a purchase would change, what is said of it, without the corners and plans that were tried. */
export interface KeptAdvice extends Omit<Advice, 'purchases'> {
	readonly purchases: readonly KeptPurchase[];
}

/** What one purchase, two together, or more firm things would change. */
export interface KeptPurchase extends Pick<PurchaseOutcome, 'purchases' | 'firmMm' | 'closes'> {
	readonly open: readonly OpenGap[];
}

/** Advice without what nobody is shown. */
export function keptAdvice(advice: Advice): KeptAdvice {
	return {
		...advice,
		purchases: advice.purchases.map(({ purchases, firmMm, closes, plan }) => ({
			purchases,
			firmMm,
			closes,
			open: plan.open
		}))
	};
}
