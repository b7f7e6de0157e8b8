import type { AdviceSummary } from '../advice';
import {
	checklistOf,
	findingOfCheck,
	findingRule,
	findingsFromAnswers,
	type ChecklistAnswers,
	type FindingId
} from '../checklist';
import { CHECK_IDS, isAnyOff } from '../checks';
import { SEAT_KINDS, seatKindOf, type Corner } from '../corner';
import { worstScore, type BodySide, type Region, type RegionReport } from '../discomfort';
import { distanceOutsideBand } from '../guidance';
import type { AssessmentResult } from '../case-assessment';
import type { Plan, PurchaseId } from '../plan';

/** Kinds of spot that statistics tell apart: what is sat on, or that one stands. */
export const SPOT_KINDS = ['standing', ...SEAT_KINDS] as const;

/** One of {@link SPOT_KINDS}. */
export type SpotKind = (typeof SPOT_KINDS)[number];

/** What was answered last, as of a judgement. */
export interface ObservedAnswers {
	readonly checklistVersion: number;
	readonly corner: Corner;
	readonly checklist: ChecklistAnswers;
}

/** What a judgement rests on, as far as statistics ask for it. */
export interface Observed {
	readonly judgement: AssessmentResult;
	/** Null where nothing had been answered. */
	readonly answers: ObservedAnswers | null;
	/** Regions of the newest report of discomfort; null where there was none. */
	readonly report: readonly RegionReport[] | null;
	/** The plan that was worked on, with its advice; null where there was none. */
	readonly plan: { readonly plan: Plan | null; readonly advice: Pick<AdviceSummary, 'purchases'> } | null;
}

/** What is known of one person from one judgement to the next, as statistics count it. */
export interface Observation {
	readonly spot: SpotKind | null;
	/** Worst score over all regions; null where nothing was reported yet. */
	readonly worst: number | null;
	/** Where, on which side, and of which kind it hurts; see {@link discomfortCodes}. */
	readonly discomfort: readonly string[];
	/** What was found and still stands. */
	readonly findings: readonly FindingId[];
	/** How far each check lies outside its band as the corner stands, mm, in the order of `CHECK_IDS`; below 0 under the band, 0 in it, null where not judged. */
	readonly gapsMm: readonly (number | null)[];
	/** Checks that are off as the corner stands. */
	readonly off: number;
	/** What would close what the plan leaves open; empty where nothing is open, or nothing that is sold would help. */
	readonly needs: readonly PurchaseId[];
	/** Whether anything stays open after the plan. */
	readonly staysOpen: boolean;
}

/** The side of a region that has two, as far as it hurts there. */
function sideOf(reports: readonly RegionReport[], region: Region): BodySide {
	const sides = new Set(reports.filter((report) => report.region === region).map(({ side }) => side));
	if (sides.has('both') || (sides.has('left') && sides.has('right'))) return 'both';
	return [...sides][0] ?? null;
}

/**
 * Discomfort as codes that can be counted, each once: `neck` for a region, `shoulder/left` for the side of it or both, `neck:ache` for a
 * kind of it. A score of 0 is none.
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

/** What the checks find as the corner stands. */
function foundByChecks(standing: readonly Check[]): FindingId[] {
	return standing.flatMap((check) => {
		const gap = gapOf(check);
		if (check.verdict !== 'off' || gap === 0) return [];
		return findingOfCheck(check.id, gap < 0 ? 'low' : 'high') ?? [];
	});
}

function foundByAnswers(
	{ checklistVersion, corner, checklist }: ObservedAnswers,
	standing: readonly Check[]
): FindingId[] {
	const asked = checklistOf(checklistVersion);
	if (!asked) return [];
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

/** What statistics keep of a judgement and of what it rests on. */
export function observe({ judgement: { standing }, answers, report, plan }: Observed): Observation {
	// As a person reads it: what is only unsure, or a few millimetres outside and left alone, is not open.
	const staysOpen = isAnyOff(plan?.plan?.after ?? []);
	const [best] = plan?.advice.purchases ?? [];
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
		off: standing.filter(({ verdict }) => verdict === 'off').length,
		needs: staysOpen && best ? [...best.purchases].sort() : [],
		staysOpen
	};
}
