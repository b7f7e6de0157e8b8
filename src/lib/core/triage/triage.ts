import type { FindingId } from '../checklist';
import { regionsOf } from '../checklist';
import { changeOf, isEmergency, worstOf, type Region, type RegionReport, type Sign } from '../discomfort';
import { LEVELS, type Level, type Policy } from './policy';

/** Something that waits for the coordinator. */
export type OpenRequest = 'equipment' | 'question' | 'stuck-step' | 'silent';

/** What is known of one person's case. */
export interface CaseFacts {
	readonly signs: readonly Sign[];
	/** The newest report. */
	readonly discomfort: readonly RegionReport[];
	/** Findings that no plan can close. */
	readonly unclosable: readonly FindingId[];
	readonly requests: readonly OpenRequest[];
	/** Whether a plan of household things has something to do that is not done. */
	readonly hasOpenPlan: boolean;
	/** Since a plan was done: the days, and the report from before it; null where none is done. */
	readonly afterPlan: { readonly days: number; readonly first: readonly RegionReport[] } | null;
}

/** Why a case is where it is, as data: the words are the catalogue's. */
export type Reason =
	| { readonly code: 'emergency-sign'; readonly level: 'now'; readonly sign: Sign }
	| { readonly code: 'professional-sign'; readonly level: 'clinician'; readonly sign: Sign }
	| { readonly code: 'severe'; readonly level: 'clinician'; readonly report: RegionReport }
	| { readonly code: 'not-better'; readonly level: 'clinician'; readonly first: number; readonly now: number }
	| { readonly code: 'moderate'; readonly level: 'soon'; readonly report: RegionReport }
	| { readonly code: 'hinders-much'; readonly level: 'soon'; readonly report: RegionReport }
	| {
			readonly code: 'unclosable';
			readonly level: 'soon';
			readonly finding: FindingId;
			readonly region: Region;
	  }
	| { readonly code: 'request'; readonly level: 'help'; readonly request: OpenRequest }
	| { readonly code: 'open-plan'; readonly level: 'home' }
	| { readonly code: 'nothing-open'; readonly level: 'settled' };

/** The level of a case and everything that speaks for one, most urgent first. */
export interface Triage {
	readonly level: Level;
	readonly reasons: readonly [Reason, ...Reason[]];
}

function ofSigns(signs: readonly Sign[]): Reason[] {
	return signs.map((sign) =>
		isEmergency(sign)
			? { code: 'emergency-sign', level: 'now', sign }
			: { code: 'professional-sign', level: 'clinician', sign }
	);
}

function ofDiscomfort(reports: readonly RegionReport[], policy: Policy): Reason[] {
	return reports.flatMap((report): Reason[] => {
		if (report.worst >= policy.clinicianFrom) return [{ code: 'severe', level: 'clinician', report }];
		if (report.worst >= policy.soonFrom) return [{ code: 'moderate', level: 'soon', report }];
		return report.hinders === 'much' ? [{ code: 'hinders-much', level: 'soon', report }] : [];
	});
}

function ofChange({ afterPlan, discomfort }: CaseFacts, { notBetter }: Policy): Reason[] {
	if (!afterPlan || afterPlan.days < notBetter.days) return [];
	const [first, now] = [worstOf(afterPlan.first), worstOf(discomfort)];
	if (now < notBetter.from || changeOf(first, now) === 'better') return [];
	return [{ code: 'not-better', level: 'clinician', first, now }];
}

function ofFindings({ unclosable, discomfort }: CaseFacts): Reason[] {
	const sore = new Set(discomfort.filter(({ worst }) => worst > 0).map(({ region }) => region));
	return unclosable.flatMap((finding): Reason[] => {
		const region = regionsOf(finding).find((r) => sore.has(r));
		return region ? [{ code: 'unclosable', level: 'soon', finding, region }] : [];
	});
}

/**
 * The level of a case, by rule, each rule with its reason. The tool guides and orders a day's work; it diagnoses nothing.
 *
 * Within a level reasons stand in the order: signs, scores, change, findings, requests, plan; scores from the worst down.
 */
export function triage(facts: CaseFacts, policy: Policy): Triage {
	const worstFirst = [...facts.discomfort].sort((a, b) => b.worst - a.worst);
	const found: Reason[] = [
		...ofSigns(facts.signs),
		...ofDiscomfort(worstFirst, policy),
		...ofChange(facts, policy),
		...ofFindings(facts),
		...facts.requests.map((request): Reason => ({ code: 'request', level: 'help', request })),
		...(facts.hasOpenPlan ? [{ code: 'open-plan', level: 'home' } as const] : [])
	];
	const rank = ({ level }: Reason) => LEVELS.indexOf(level);
	const [first, ...rest] = found.sort((a, b) => rank(a) - rank(b));
	if (!first) return { level: 'settled', reasons: [{ code: 'nothing-open', level: 'settled' }] };
	return { level: first.level, reasons: [first, ...rest] };
}
