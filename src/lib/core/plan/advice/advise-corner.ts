import { measuredFindings, type MeasuredFinding } from '../../questionnaire/checklist/measured-findings';
import type { Corner } from '../../workstation/corner/corner';
import { planOptions, type PlanOption } from '../plan-options';
import { laptopArrangements, type LaptopArrangements } from '../laptop';
import {
	smallestExtraPiece,
	purchaseOutcomes,
	type ExtraPieceOutcome,
	type ExtraOutcome,
	type PurchaseOutcome
} from '../purchase-outcomes';
import { planCorner, type PlanReport } from '../plan-corner';
import type { OpenGap } from '../open-gaps';
import { firstActions, type FirstAction } from './first-actions';

/** Everything the measurements of a workstation lead to: checks, plans, what stays open, and what would solve it. */
export interface Advice extends Omit<PlanReport, 'format'> {
	readonly format: 'easy-corner.advise/2';
	/** The best plan for one change, for two, and so on; the last one is recommended. Empty where nothing is to be built. */
	readonly ladder: readonly PlanOption[];
	/** What one more rigid item from the household would change; not a purchase. */
	readonly more: ExtraPieceOutcome | null;
	/**
	 * What a purchase, or two together, would change on top of the best plan from the household; for each item, the purchase that closes
	 * most gaps comes first.
	 */
	readonly purchases: readonly PurchaseOutcome[];
	/** How to work with a laptop alone; null where keyboard and screen are separate or nothing is wrong. */
	readonly laptop: LaptopArrangements | null;
	/** What to do first, as far as the workstation alone shows; three actions at most. */
	readonly first: readonly FirstAction[];
	/** What the measurements show to be wrong at the workstation as measured. */
	readonly findings: readonly MeasuredFinding[];
}

/**
 * Gives the advice for a workstation. Cost: a few dozen plan searches where many gaps stay open, ten where few do; tens of milliseconds for
 * a usual home.
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

/** What something extra would change, without the workstations and plans that were tried for it. */
export interface OutcomeSummary extends Pick<ExtraOutcome, 'changes' | 'closes' | 'savesW'> {
	/** Gaps that stay open with it. */
	readonly open: readonly OpenGap[];
}

/** What one purchase or two together would change. */
export interface PurchaseSummary extends OutcomeSummary, Pick<PurchaseOutcome, 'purchases'> {}

/** What one more rigid item from the household would change. */
export interface ExtraItemSummary extends OutcomeSummary, Pick<ExtraPieceOutcome, 'mm'> {}

/** Advice as stored with a plan. */
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

/** Advice without the parts that are shown to nobody. */
export function summarizeAdvice({ more, purchases, ...rest }: Advice): AdviceSummary {
	return {
		...rest,
		more: more && { ...keptOutcome(more), mm: more.mm },
		purchases: purchases.map((one) => ({ ...keptOutcome(one), purchases: one.purchases }))
	};
}
