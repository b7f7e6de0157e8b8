import type { AdviceSummary } from '../plan/advice/advise-corner';
import type { Checklist, ChecklistAnswers } from '../questionnaire/checklist/checklist';
import { findingOfCheck } from '../questionnaire/checklist/measured-findings';
import { findingRule, type FindingId } from '../questionnaire/checklist/findings';
import { findingsFromAnswers } from '../questionnaire/checklist/order-findings';
import { cheapestSensible } from '../plan/budget/cheapest-sensible';
import { purchaseOffers, type PurchaseOffer } from '../plan/budget/purchase-offers';
import { CHECK_IDS } from '../workstation/checks/check-values';
import { overallVerdict, type Verdict } from '../workstation/checks/verdict';
import { SEAT_KINDS } from '../workstation/corner/vocabulary';
import { seatKindOf } from '../workstation/corner/seat-kinds';
import type { Corner } from '../workstation/corner/corner';
import { worstScore } from '../cases/discomfort/discomfort-change';
import type { BodySide, Region } from '../cases/discomfort/regions';
import type { RegionReport } from '../cases/discomfort/report';
import { distanceOutsideBand } from '../body/guidance/band';
import type { AssessmentResult } from '../cases/case-assessment/assessment-result';
import type { Plan } from '../plan/plan-corner';
import type { PurchaseId } from '../plan/purchases';

/** Kinds of workstation that statistics distinguish: the seat type, or standing. */
export const SPOT_KINDS = ['standing', ...SEAT_KINDS] as const;

/** One of {@link SPOT_KINDS}. */
export type SpotKind = (typeof SPOT_KINDS)[number];

/** The last answers, as assessed. */
interface ObservedAnswers {
	/** What was asked. */
	readonly asked: Checklist;
	readonly corner: Corner;
	readonly checklist: ChecklistAnswers;
	/** Items that lie unused at home. */
	readonly own: readonly PurchaseId[];
}

/** What an assessment rests on, as far as statistics need it. */
export interface Observed {
	readonly assessmentResult: AssessmentResult;
	/** Null where nothing was answered. */
	readonly answers: ObservedAnswers | null;
	/** Regions of the newest discomfort report; null where there was none. */
	readonly report: readonly RegionReport[] | null;
	/** The plan in use, with its advice; null where there was none. */
	readonly plan: { readonly plan: Plan | null; readonly advice: Pick<AdviceSummary, 'purchases'> } | null;
	/** Prices of items, whole cents, by which the cheapest sensible purchase is chosen. */
	readonly prices: ReadonlyMap<PurchaseId, number>;
}

/** What is known about a person between two assessments, as statistics count it. */
export interface Observation {
	readonly spot: SpotKind | null;
	/** Worst score of all regions; null where nothing was reported yet. */
	readonly worst: number | null;
	/** Where, on which side and in which way it hurts; see {@link discomfortCodes}. */
	readonly discomfort: readonly string[];
	/** Open findings. */
	readonly findings: readonly FindingId[];
	/**
	 * How far each check is outside its range now, mm, in the order of `CHECK_IDS`; negative below the range, 0 within, null where not
	 * checked.
	 */
	readonly gapsMm: readonly (number | null)[];
	/** All heights together, now. */
	readonly heights: Verdict;
	/** The same after the plan; as now where there is none. */
	readonly heightsAfter: Verdict;
	/** Every item that would reduce a problem which remains after the plan, alone or with another one. */
	readonly helpedBy: readonly PurchaseId[];
	/** The cheapest sensible purchase for it. */
	readonly firstChoice: readonly PurchaseId[];
	/** What would help with it and isn't at home yet, for budgets. */
	readonly offers: readonly PurchaseOffer[];
}

/** The side on which a two-sided region hurts. */
function sideOf(reports: readonly RegionReport[], region: Region): BodySide {
	const sides = new Set(reports.filter((report) => report.region === region).map(({ side }) => side));
	if (sides.has('both') || (sides.has('left') && sides.has('right'))) return 'both';
	return [...sides][0] ?? null;
}

/**
 * Discomfort as codes to count, each once: `neck` for a region, `shoulder/left` for its side or both, `neck:ache` for a kind. A score of 0
 * counts as none.
 */
export function discomfortCodes(reports: readonly RegionReport[]): string[] {
	const sore = reports.filter(({ worst }) => worst > 0);
	const codes = sore.flatMap(({ region, kinds }) => {
		const side = sideOf(sore, region);
		return [
			region,
			...(side === null ? [] : [`${region}/${side}`]),
			...kinds.map((kind) => `${region}:${kind}`)
		];
	});
	return [...new Set(codes)].sort();
}

type Check = AssessmentResult['standing'][number];

function gapOf(check: Check): number {
	const outside = distanceOutsideBand(check, check.value);
	return check.value < check.low ? -outside : outside;
}

/** Findings of the checks now. */
function foundByChecks(standing: readonly Check[]): FindingId[] {
	return standing.flatMap((check) => {
		const gap = gapOf(check);
		if (check.verdict !== 'off' || gap === 0) return [];
		return findingOfCheck(check.id, gap < 0 ? 'low' : 'high') ?? [];
	});
}

function foundByAnswers(
	{ asked, corner, checklist }: ObservedAnswers,
	standing: readonly Check[]
): FindingId[] {
	const fits = (id: string) => standing.some((check) => check.id === id && check.verdict === 'fits');
	return findingsFromAnswers(asked, corner, checklist)
		.map(({ finding }) => finding)
		.filter((finding) => {
			const { closedBy } = findingRule(finding);
			return closedBy === null || !fits(closedBy);
		});
}

function spotOf(corner: Corner): SpotKind {
	return seatKindOf(corner) ?? 'standing';
}

/** What statistics keep from an assessment and what it rests on. */
export function observe({
	assessmentResult: { standing },
	answers,
	report,
	plan,
	prices
}: Observed): Observation {
	const heightsAfter = overallVerdict(plan?.plan?.after ?? standing);
	const options = heightsAfter === 'off' ? (plan?.advice.purchases ?? []) : [];
	const findings = answers ? [...foundByChecks(standing), ...foundByAnswers(answers, standing)] : [];
	return {
		spot: answers ? spotOf(answers.corner) : null,
		worst: report ? worstScore(report) : null,
		discomfort: report ? discomfortCodes(report) : [],
		findings: [...new Set(findings)].sort(),
		gapsMm: CHECK_IDS.map((id) => {
			const check = standing.find((one) => one.id === id);
			return check ? Math.round(gapOf(check)) : null;
		}),
		heights: overallVerdict(standing),
		heightsAfter,
		helpedBy: [...new Set(options.flatMap(({ purchases }) => purchases))].sort(),
		firstChoice: [...cheapestSensible(options, prices)].sort(),
		offers: purchaseOffers(options, answers?.own ?? [])
	};
}
