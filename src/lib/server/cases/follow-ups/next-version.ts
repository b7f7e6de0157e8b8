import { eq } from 'drizzle-orm';
import { schema, type Db } from '../../platform/db/client';

const { cases } = schema;

/**
 * The version a person's new follow-up begins with: above every one they had, including those that an undo deleted. The version of their
 * case rises with every act and undo, and no follow-up rises faster.
 */
export async function nextVersion(tx: Db, personId: string): Promise<number> {
	const [row] = await tx.select({ version: cases.version }).from(cases).where(eq(cases.personId, personId));
	return (row?.version ?? 0) + 1;
}
