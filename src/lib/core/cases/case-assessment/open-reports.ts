import { addDays, type CivilDate } from '../../platform/calendar/civil-date';
import { findingOfCheck } from '../../questionnaire/checklist/measured-findings';
import { regionsOfFinding } from '../../questionnaire/checklist/findings';
import type { Plan } from '../../plan/plan-corner';
import { discomfortChange } from '../discomfort/discomfort-change';
import type { RegionReport } from '../discomfort/report';
import type { TriagePolicy } from '../triage/policy';
import type { CaseRecord } from './case-record';
import type { UnclosableCheck } from './assessment-result';
import { isClosedByOutcome, type ReasonWithRegions } from './open-red-flags';
import type { DiscomfortReport } from './discomfort-reports';

/** Checks that stay off in the best plan, with the end of the range they lie beyond. */
export function unclosableChecks(best: Plan | null): UnclosableCheck[] {
	return (best?.after ?? []).flatMap(({ id, verdict, value, low, high }) => {
		if (verdict !== 'off') return [];
		const side = value < low ? 'low' : high !== null && value > high ? 'high' : null;
		return side ? [{ check: id, side }] : [];
	});
}

function tiedTo(unclosable: readonly UnclosableCheck[], regions: readonly RegionReport[], from: number) {
	const tied = unclosable.flatMap(({ check, side }) => {
		const finding = findingOfCheck(check, side);
		return finding ? [...regionsOfFinding(finding)] : [];
	});
	return regions.filter(({ region, worst }) => worst >= from && tied.includes(region));
}

/** Reasons from the newest report, while nobody has dealt with it. */
export function openNewestReport(
	newest: DiscomfortReport,
	unclosable: readonly UnclosableCheck[],
	policy: TriagePolicy
): ReasonWithRegions[] {
	if (newest.isAcknowledged) return [];
	const { on, regions, worst } = newest;
	const found: ReasonWithRegions[] = [];
	const add = (code: 'moderate' | 'hinders-much' | 'unclosable', at: readonly RegionReport[]) =>
		found.push({ reason: { code, level: 'soon', on }, regions: at });
	if (worst >= policy.soonFrom && worst < policy.clinicianFrom)
		add(
			'moderate',
			regions.filter((r) => r.worst >= policy.soonFrom)
		);
	const hindered = regions.filter(({ hinders }) => hinders === 'much');
	if (hindered.length > 0) add('hinders-much', hindered);
	const tied = tiedTo(unclosable, regions, policy.unclosableFrom);
	if (tied.length > 0) add('unclosable', tied);
	return found;
}

const sorest = ({ regions, worst }: DiscomfortReport) =>
	regions.filter((r) => r.worst === worst && worst > 0);

/**
 * The effect of a plan that was carried out: no noticeable improvement after a long time, or an improvement and then a noticeable setback.
 * Compared with the newest report on or before that day; without one nothing can be said.
 * @param carriedOut the day on which the plan was carried out
 */
export function openDiscomfortChange(
	file: CaseRecord,
	reports: readonly DiscomfortReport[],
	carriedOut: CivilDate | null,
	policy: TriagePolicy
): ReasonWithRegions[] {
	const newest = reports.at(-1);
	const before = reports.filter(({ on }) => carriedOut !== null && on <= carriedOut).at(-1);
	if (carriedOut === null || !newest || !before || newest === before) return [];
	const found: ReasonWithRegions[] = [];
	const { days, from } = policy.notBetter;
	if (
		newest.on >= addDays(carriedOut, days) &&
		newest.worst >= from &&
		discomfortChange(before.worst, newest.worst) !== 'better' &&
		!isClosedByOutcome(file, 'not-better', newest.seq)
	)
		found.push({
			reason: { code: 'not-better', level: 'clinician', on: newest.on },
			regions: sorest(newest)
		});
	const wasBetter = reports
		.slice(0, -1)
		.filter(({ on, worst }) => on > carriedOut && discomfortChange(before.worst, worst) === 'better');
	if (
		!newest.isAcknowledged &&
		wasBetter.some(({ worst }) => discomfortChange(worst, newest.worst) === 'worse')
	)
		found.push({ reason: { code: 'back-again', level: 'soon', on: newest.on }, regions: sorest(newest) });
	return found;
}
