import { eq } from 'drizzle-orm';
import { readAssessmentResult, type AssessmentResult } from '../../core/case-assessment';
import { schema, type Db } from '../db/client';

const { cases, caseAssessments } = schema;

/** The newest judgement of a person, as it was stored; null where there is none. One look-up by key. */
export async function newestAssessmentResult(db: Db, personId: string): Promise<AssessmentResult | null> {
	const [row] = await db
		.select({ document: caseAssessments.document })
		.from(cases)
		.innerJoin(caseAssessments, eq(caseAssessments.id, cases.judgementId))
		.where(eq(cases.personId, personId));
	return row ? readAssessmentResult(row.document) : null;
}

/** Whether a warning sign of a person has no outcome yet. */
export async function hasOpenRedFlag(db: Db, personId: string): Promise<boolean> {
	const judgement = await newestAssessmentResult(db, personId);
	return judgement?.reasons.some(({ sign }) => sign !== undefined) ?? false;
}
