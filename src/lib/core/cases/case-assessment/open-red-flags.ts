import { isEmergency, isUrgent, RED_FLAGS } from '../discomfort/red-flags';
import type { RegionReport } from '../discomfort/report';
import type { TriagePolicy } from '../triage/policy';
import { latestEntry, type CaseRecord } from './case-record';
import type { TriageReason } from './assessment-result';
import type { DiscomfortReport } from './discomfort-reports';
import { REASON_LEVELS, type Closable } from './vocabulary';

/** Whether a later outcome of this was recorded. */
export function isClosedByOutcome(
	{ outcomes }: Pick<CaseRecord, 'outcomes'>,
	of: Closable,
	seq: number
): boolean {
	return outcomes.some((outcome) => outcome.seq > seq && outcome.of.includes(of));
}

/**
 * Warning signs without a later outcome, each once. Later answers never close one: leaving a sign out does not say that anybody saw to it.
 * Nor does the person's own tap on the stop page, which is recorded beside it.
 */
export function openRedFlags(file: CaseRecord): TriageReason[] {
	const said = [...file.answers, ...file.checkIns];
	return RED_FLAGS.flatMap((sign): TriageReason[] => {
		const newest = latestEntry(said.filter(({ signs }) => signs.includes(sign)));
		if (!newest || isClosedByOutcome(file, sign, newest.seq)) return [];
		const lifted = latestEntry(file.lifted.filter(({ of, seq }) => of === sign && seq > newest.seq));
		const code = isEmergency(sign) ? 'emergency-sign' : isUrgent(sign) ? 'urgent-sign' : 'professional-sign';
		return [
			{
				code,
				level: REASON_LEVELS[code],
				on: newest.on,
				sign,
				...(lifted && { lifted: { on: lifted.on, how: lifted.how } })
			}
		];
	});
}

/** A reason with the regions it rests on. */
export interface ReasonWithRegions {
	readonly reason: TriageReason;
	readonly regions: readonly RegionReport[];
}

type Reported = 'reported-weakness' | 'reported-tingling' | 'severe';

/** What in a region's report calls for a professional, by rule. Common practice; the numbers are in the policy. */
const SPEAKS: Readonly<Record<Reported, (region: RegionReport, policy: TriagePolicy) => boolean>> = {
	'reported-weakness': ({ kinds, worst }, { weaknessFrom }) =>
		kinds.includes('weakness') && worst >= weaknessFrom,
	'reported-tingling': ({ kinds, worst, days }, { tingling }) =>
		kinds.includes('tingling-or-numbness') && (days >= tingling.days || worst >= tingling.from),
	severe: ({ worst }, { clinicianFrom }) => worst >= clinicianFrom
};

/** Reasons from any report that call for a professional, each rule once by its latest report, unless an outcome came later. */
export function openReportedReasons(
	file: CaseRecord,
	reports: readonly DiscomfortReport[],
	policy: TriagePolicy
): ReasonWithRegions[] {
	return (Object.keys(SPEAKS) as Reported[]).flatMap((code): ReasonWithRegions[] => {
		const newest = reports
			.map(({ seq, on, regions }) => ({ seq, on, regions: regions.filter((r) => SPEAKS[code](r, policy)) }))
			.filter(({ regions }) => regions.length > 0)
			.at(-1);
		if (!newest || isClosedByOutcome(file, code, newest.seq)) return [];
		return [{ reason: { code, level: REASON_LEVELS[code], on: newest.on }, regions: newest.regions }];
	});
}
