import type { Advice } from '$lib/core/advice';
import { findingRule, type FindingId } from '$lib/core/checklist';
import type { PurchaseOutcome } from '$lib/core/plan';
import { checklistTextsFor } from '$lib/messages/checklist';

/** A purchase as a page tells it: without the corner and the pieces of its plan. */
export type PurchaseLine = Pick<PurchaseOutcome, 'purchase' | 'closes'> & {
	readonly open: PurchaseOutcome['plan']['open'];
};

/** A finding beside the heights, in words. */
export interface FindingLine {
	readonly finding: FindingId;
	readonly name: string;
	/** How far off, mm; null where no length says it. */
	readonly offMm: number | null;
	/** What to do about it at home. */
	readonly fixes: readonly string[];
}

/** What the plan itself is about: the heights, the low back that has a step of its own, the laptop as a compromise. */
const TOLD_BY_THE_PLAN: readonly FindingId[] = [
	'seat-too-high',
	'seat-too-low',
	'keys-too-high',
	'keys-too-low',
	'screen-too-low',
	'screen-too-high',
	'no-low-back-support',
	'laptop-alone'
];

/** Fixes told of one finding: the likeliest, so that a page stays short. */
const MOST_FIXES = 2;

function findingLines(findings: Advice['findings'], locale: string): FindingLine[] {
	const texts = checklistTextsFor(locale);
	return findings
		.filter(({ finding, isSure }) => isSure && !TOLD_BY_THE_PLAN.includes(finding))
		.map(({ finding, offMm }) => ({
			finding,
			offMm,
			name: texts.findings[finding],
			fixes: findingRule(finding)
				.household.slice(0, MOST_FIXES)
				.map((fix) => texts.household[fix])
		}));
}

/** Advice with no more than a page shows: it goes over the wire. */
export function adviceForPage({ purchases, findings, ...rest }: Advice, locale: string) {
	return {
		...rest,
		purchases: purchases.map(({ purchase, closes, plan }): PurchaseLine => ({
			purchase,
			closes,
			open: plan.open
		})),
		findings: findingLines(findings, locale)
	};
}
