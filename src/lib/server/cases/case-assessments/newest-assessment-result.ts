import { eq } from 'drizzle-orm';
import { readAssessmentResult } from '../../../core/cases/case-assessment/read-assessment-result';
import type { AssessmentResult } from '../../../core/cases/case-assessment/assessment-result';
import { schema, type Db } from '../../platform/db/client';

const { cases, assessmentResults } = schema;

/** A person's newest stored assessment; null where there is none. One key look-up. */
export async function newestAssessmentResult(db: Db, personId: string): Promise<AssessmentResult | null> {
	const [row] = await db
		.select({ document: assessmentResults.document })
		.from(cases)
		.innerJoin(assessmentResults, eq(assessmentResults.id, cases.assessmentResultId))
		.where(eq(cases.personId, personId));
	return row ? readAssessmentResult(row.document) : null;
}

/** Whether a person has a warning sign without an outcome. */
export async function hasOpenRedFlag(db: Db, personId: string): Promise<boolean> {
	const assessmentResult = await newestAssessmentResult(db, personId);
	return assessmentResult?.reasons.some(({ sign }) => sign !== undefined) ?? false;
}
