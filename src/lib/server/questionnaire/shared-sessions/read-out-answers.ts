import { and, count, desc, eq, max } from 'drizzle-orm';
import { schema, type Db } from '../../platform/db/client';

const { users, sharedSessionEntries, sharedSessions } = schema;

/** Answers that a coordinator entered as they were read out. */
export interface ReadOutAnswers {
	/** The coordinator; empty where the account is gone. */
	readonly name: string;
	readonly answers: number;
	/** The last of them. */
	readonly at: Date;
}

/** The answers of a self-assessment that were read out in shared sessions, by coordinator; served by shared_sessions_person_idx. */
export async function readOutAnswersOf(
	db: Db,
	{ id, personId }: { readonly id: string; readonly personId: string }
): Promise<ReadOutAnswers[]> {
	const rows = await db
		.select({ name: users.name, answers: count(), at: max(sharedSessionEntries.at) })
		.from(sharedSessionEntries)
		.innerJoin(sharedSessions, eq(sharedSessions.id, sharedSessionEntries.sharedSessionId))
		.leftJoin(users, eq(users.id, sharedSessionEntries.userId))
		.where(
			and(
				eq(sharedSessions.personId, personId),
				eq(sharedSessions.assessmentId, id),
				eq(sharedSessionEntries.isReadOut, true)
			)
		)
		.groupBy(users.id, users.name)
		.orderBy(desc(max(sharedSessionEntries.at)));
	return rows.flatMap(({ name, answers, at }) => (at ? [{ name: name ?? '', answers, at }] : []));
}
