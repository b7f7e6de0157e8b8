import { measuredFindings, type MeasuredFinding } from '../checklist';
import type { Corner } from '../corner';
import {
	planOptions,
	laptopArrangements,
	smallestExtraPiece,
	planCorner,
	purchaseOutcomes,
	type LaptopArrangements,
	type ExtraPieceOutcome,
	type OpenGap,
	type ExtraOutcome,
	type PlanReport,
	type PurchaseOutcome,
	type PlanOption
} from '../plan';
import { firstActions, type FirstAction } from './first-actions';

/** Everything that the numbers of a corner tell: checks, plans, what stays open and what would solve it. */
export interface Advice extends Omit<PlanReport, 'format'> {
	readonly format: 'easy-corner.advise/2';
	/** The most for one thing to do, for two, and so on; the last is the one to recommend. Empty where nothing is to be built. */
	readonly ladder: readonly PlanOption[];
	/** What one more firm thing of the home would change; it is no purchase. */
	readonly more: ExtraPieceOutcome | null;
	/** What a purchase or a pair of them would change beside the home's best; what takes away most for each thing first. */
	readonly purchases: readonly PurchaseOutcome[];
	/** How to work with a laptop alone; null where the keys are separate, or nothing is off. */
	readonly laptop: LaptopArrangements | null;
	/** What to do first, as far as the corner alone can say; three at most. */
	readonly first: readonly FirstAction[];
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
	const { rungs, proven } = best ? planOptions(corner, best, report.before) : { rungs: [], proven: true };
	const purchases = best ? purchaseOutcomes(corner, best) : [];
	const laptop = best && laptopArrangements(corner, best, report.before);
	return {
		...report,
		format: 'easy-corner.advise/2',
		proven: report.proven && proven,
		ladder: rungs,
		more: best && smallestExtraPiece(corner, best),
		purchases,
		laptop,
		first: firstActions(corner, { ...report, ladder: rungs, purchases, laptop }),
		findings: measuredFindings(corner)
	};
}

/** What something more would change, without the corners and plans that were tried. */
export interface OutcomeSummary extends Pick<ExtraOutcome, 'changes' | 'closes' | 'savesW'> {
	/** What is left open with it. */
	readonly open: readonly OpenGap[];
}

/** What one purchase or two together would change. */
export interface PurchaseSummary extends OutcomeSummary, Pick<PurchaseOutcome, 'purchases'> {}

/** What one more firm thing of the home would change. */
export interface ExtraItemSummary extends OutcomeSummary, Pick<ExtraPieceOutcome, 'mm'> {}

/** Advice as it is kept with a plan. */
export interface AdviceSummary extends Omit<Advice, 'purchases' | 'more'> {
	readonly more: ExtraItemSummary | null;
	readonly purchases: readonly PurchaseSummary[];
}

const keptOutcome = ({ changes, closes, savesW, plan }: ExtraOutcome): OutcomeSummary => ({
	changes,
	closes,
	savesW,
	open: plan.open
});

/** Advice without what nobody is shown. */
export function summarizeAdvice({ more, purchases, ...rest }: Advice): AdviceSummary {
	return {
		...rest,
		more: more && { ...keptOutcome(more), mm: more.mm },
		purchases: purchases.map((one) => ({ ...keptOutcome(one), purchases: one.purchases }))
	};
}
