import { openReportedReasons, openRedFlags } from '../cases/case-assessment/open-red-flags';
import type { CaseRecord } from '../cases/case-assessment/case-record';
import { discomfortReportsOf } from '../cases/case-assessment/discomfort-reports';
import type { TriageReason } from '../cases/case-assessment/assessment-result';
import { isMoreUrgent, type TriagePolicy } from '../cases/triage/policy';
import type { BodyCondition } from './choose-exercise-set';

/**
 * A person's body condition for their breaks, from the records: discomfort in the newest report, regions with an open warning sign, and
 * whether there is one that names no region or is urgent.
 */
export function bodyConditionOf(
	file: CaseRecord,
	policy: TriagePolicy
): Pick<BodyCondition, 'worst' | 'signs' | 'hasOtherSign' | 'hasUrgentSign'> {
	const reports = discomfortReportsOf(file);
	const newest = reports.at(-1)?.regions ?? [];
	// The two sides of a region are separate reports: the worse one counts.
	const worst: Record<string, number> = {};
	for (const { region, worst: score } of newest) worst[region] = Math.max(worst[region] ?? 0, score);
	const spoken = openReportedReasons(file, reports, policy).filter(({ reason }) => reason.code !== 'severe');
	const signs = openRedFlags(file);
	const isUrgent = ({ level }: TriageReason) => !isMoreUrgent('urgent', level);
	return {
		worst,
		signs: [...new Set(spoken.flatMap(({ regions }) => regions.map(({ region }) => region)))],
		hasOtherSign: signs.length > 0,
		hasUrgentSign: [...signs, ...spoken.map(({ reason }) => reason)].some(isUrgent)
	};
}
