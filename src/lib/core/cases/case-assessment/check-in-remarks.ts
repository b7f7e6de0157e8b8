import type { RedFlag } from '../discomfort/red-flags';
import type { RegionReport } from '../discomfort/report';
import type { ReasonCode } from './vocabulary';

/** What a person is told after a check-in, the most serious first; where there is nothing of it, all is well. */
const CHECK_IN_REMARKS = [
	'see-today',
	'see-professional',
	'still-hurts',
	'steps-open',
	'problems-open',
	'with-coordinator'
] as const;

/** One of {@link CHECK_IN_REMARKS}. */
export type CheckInRemark = (typeof CHECK_IN_REMARKS)[number];

/** From this score on, discomfort is never passed over; the lowest of the level *This week*. */
const NOTABLE_SCORE = 4;

/** The remark that each reason of a case comes to. */
const REMARK_OF: Readonly<Record<ReasonCode, CheckInRemark | null>> = {
	'emergency-sign': 'see-today',
	'urgent-sign': 'see-today',
	'reported-weakness': 'see-today',
	'professional-sign': 'see-professional',
	'reported-tingling': 'see-professional',
	severe: 'see-professional',
	'not-better': 'see-professional',
	moderate: 'still-hurts',
	'hinders-much': 'still-hurts',
	'back-again': 'still-hurts',
	unclosable: 'still-hurts',
	hazard: 'problems-open',
	findings: 'problems-open',
	'open-plan': 'steps-open',
	stuck: 'steps-open',
	request: 'with-coordinator',
	'nothing-open': null
};

/**
 * What a person is told after a check-in, from what they just said and from everything that is open since. Empty only where nothing was
 * reported, nothing hurts at 4 or more, every step of the plan is done and nothing is open: then nothing is to be done.
 * @param assessmentResult the newest assessment, made with the check-in; null where there is none
 */
export function checkInRemarks(
	said: { readonly signs: readonly RedFlag[]; readonly discomfort: readonly RegionReport[] | null },
	assessmentResult: {
		readonly reasons: readonly { readonly code: ReasonCode }[];
		readonly plan: { readonly of: number; readonly done: number } | null;
	} | null
): CheckInRemark[] {
	const reports = said.discomfort ?? [];
	const has = (kind: RegionReport['kinds'][number]) => reports.some(({ kinds }) => kinds.includes(kind));
	const found = new Set<CheckInRemark | null>(
		(assessmentResult?.reasons ?? []).map(({ code }) => REMARK_OF[code])
	);
	if (has('weakness')) found.add('see-today');
	if (said.signs.length > 0 && !found.has('see-today')) found.add('see-professional');
	if (has('tingling-or-numbness')) found.add('see-professional');
	if (reports.some(({ worst }) => worst >= NOTABLE_SCORE)) found.add('still-hurts');
	if (assessmentResult?.plan && assessmentResult.plan.done < assessmentResult.plan.of)
		found.add('steps-open');
	const remarks = CHECK_IN_REMARKS.filter((remark) => found.has(remark));
	// Who is to be seen today need not be told twice.
	return remarks.filter((remark) => remark !== 'see-professional' || !found.has('see-today'));
}
