import { measuredFindings, type MeasuredFinding } from '../checklist';
import type { Corner } from '../corner';
import {
	ladderOf,
	laptopArrangements,
	moreFromHome,
	planCorner,
	purchaseOutcomes,
	type LaptopArrangements,
	type MoreOutcome,
	type OpenGap,
	type Outcome,
	type PlanReport,
	type PurchaseOutcome,
	type Rung
} from '../plan';
import { firstActs, type FirstAct } from './first-acts';

/** Everything that the numbers of a corner tell: checks, plans, what stays open and what would solve it. */
export interface Advice extends Omit<PlanReport, 'format'> {
	readonly format: 'easy-corner.advise/2';
	/** The most for one thing to do, for two, and so on; the last is the one to recommend. Empty where nothing is to be built. */
	readonly ladder: readonly Rung[];
	/** What one more firm thing of the home would change; it is no purchase. */
	readonly more: MoreOutcome | null;
	/** What a purchase or a pair of them would change beside the home's best; what takes away most for each thing first. */
	readonly purchases: readonly PurchaseOutcome[];
	/** How to work with a laptop alone; null where the keys are separate, or nothing is off. */
	readonly laptop: LaptopArrangements | null;
	/** What to do first, as far as the corner alone can say; three at most. */
	readonly first: readonly FirstAct[];
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
	const best = report.plans[0] ?? null;
	const { rungs, proven } = best ? ladderOf(corner, best, report.before) : { rungs: [], proven: true };
	const purchases = best ? purchaseOutcomes(corner, best) : [];
	const laptop = best && laptopArrangements(corner, best, report.before);
	return {
		...report,
		format: 'easy-corner.advise/2',
		proven: report.proven && proven,
		ladder: rungs,
		more: best && moreFromHome(corner, best),
		purchases,
		laptop,
		first: firstActs(corner, { ...report, ladder: rungs, purchases, laptop }),
		findings: measuredFindings(corner)
	};
}

/** What something more would change, without the corners and plans that were tried. */
export interface KeptOutcome extends Pick<Outcome, 'changes' | 'closes' | 'savesW'> {
	/** What is left open with it. */
	readonly open: readonly OpenGap[];
}

/** What one purchase or two together would change. */
export interface KeptPurchase extends KeptOutcome, Pick<PurchaseOutcome, 'purchases'> {}

/** What one more firm thing of the home would change. */
export interface KeptMore extends KeptOutcome, Pick<MoreOutcome, 'mm'> {}

/** Advice as it is kept with a plan. */
export interface KeptAdvice extends Omit<Advice, 'purchases' | 'more'> {
	readonly more: KeptMore | null;
	readonly purchases: readonly KeptPurchase[];
}

const keptOutcome = ({ changes, closes, savesW, plan }: Outcome): KeptOutcome => ({
	changes,
	closes,
	savesW,
	open: plan.open
});

/** Advice without what nobody is shown. */
export function keptAdvice({ more, purchases, ...rest }: Advice): KeptAdvice {
	return {
		...rest,
		more: more && { ...keptOutcome(more), mm: more.mm },
		purchases: purchases.map((one) => ({ ...keptOutcome(one), purchases: one.purchases }))
	};
}
