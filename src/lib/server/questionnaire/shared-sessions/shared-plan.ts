import type { FieldIssue } from '../../../core/questionnaire/answers/read-length-field';
import { openAssessmentOf } from '../assessments/open-assessment';
import { submitAnswers } from '../assessments/submit-answers';
import type { Db } from '../../platform/db/client';
import type { Planner } from '../../plan/planning/planning';
import { showPlan } from './steer-shared-session';
import type { SharedSessionParty } from './shared-session-party';

/** What making a plan needs of a request. */
interface PlanTools {
	readonly db: Db;
	readonly now: Date;
	readonly planning: Planner;
}

/**
 * Makes the plan from what has been entered, as the person's own button does, and shows it to both.
 * @returns what is still open, where there is something
 */
export async function makeSharedPlan(
	{ db, now, planning }: PlanTools,
	party: SharedSessionParty
): Promise<{ readonly open: readonly FieldIssue[] }> {
	// Read again: answers may have come in since the request began.
	const open = await openAssessmentOf(db, party.open.assessment.id);
	const submitted = await submitAnswers(db, open, now, planning);
	if (!submitted.ok) return { open: submitted.issues };
	await showPlan(db, party);
	return { open: [] };
}
