import { eq } from 'drizzle-orm';
import { readJudgement, type Judgement } from '../../core/judgement';
import { schema, type Db } from '../db/client';

const { cases, judgements } = schema;

/** The newest judgement of a person, as it was stored; null where there is none. One look-up by key. */
export async function newestJudgement(db: Db, personId: string): Promise<Judgement | null> {
	const [row] = await db
		.select({ document: judgements.document })
		.from(cases)
		.innerJoin(judgements, eq(judgements.id, cases.judgementId))
		.where(eq(cases.personId, personId));
	return row ? readJudgement(row.document) : null;
}

/** Whether a warning sign of a person has no outcome yet. */
export async function hasOpenSign(db: Db, personId: string): Promise<boolean> {
	const judgement = await newestJudgement(db, personId);
	return judgement?.reasons.some(({ sign }) => sign !== undefined) ?? false;
}
