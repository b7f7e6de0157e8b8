import { and, count, desc, eq, max } from 'drizzle-orm';
import { schema, type Db } from '../../platform/db/client';

const { users, walkthroughEntries, walkthroughs } = schema;

/** Answers that a coordinator entered as they were read out. */
export interface ReadOutAnswers {
	/** The coordinator; empty where the account is gone. */
	readonly name: string;
	readonly answers: number;
	/** The last of them. */
	readonly at: Date;
}

/** The answers of a self-assessment that were read out in walkthroughs, by coordinator; served by walkthroughs_person_idx. */
export async function readOutAnswersOf(
	db: Db,
	{ id, personId }: { readonly id: string; readonly personId: string }
): Promise<ReadOutAnswers[]> {
	const rows = await db
		.select({ name: users.name, answers: count(), at: max(walkthroughEntries.at) })
		.from(walkthroughEntries)
		.innerJoin(walkthroughs, eq(walkthroughs.id, walkthroughEntries.walkthroughId))
		.leftJoin(users, eq(users.id, walkthroughEntries.userId))
		.where(
			and(
				eq(walkthroughs.personId, personId),
				eq(walkthroughs.assessmentId, id),
				eq(walkthroughEntries.isReadOut, true)
			)
		)
		.groupBy(users.id, users.name)
		.orderBy(desc(max(walkthroughEntries.at)));
	return rows.flatMap(({ name, answers, at }) => (at ? [{ name: name ?? '', answers, at }] : []));
}
