import { eq } from 'drizzle-orm';
import { schema, type Db } from '../../platform/db/client';
import { publishChange } from '../../platform/live/changes';

const { roundPeople } = schema;

/** Records with the round, if any, that its self-assessment was answered: no more reminders. Late answers count too. */
export async function recordRoundAnswer(db: Db, assessmentId: string): Promise<void> {
	const changed = await db
		.update(roundPeople)
		.set({ state: 'answered', remindOn: null, toCall: false })
		.where(eq(roundPeople.assessmentId, assessmentId))
		.returning({ roundId: roundPeople.roundId });
	for (const { roundId } of changed) await publishChange(db, `round:${roundId}`);
}
