import { eq } from 'drizzle-orm';
import { schema, type Db } from '../db/client';

const { cases } = schema;

/**
 * The version that a new follow-up of a person begins with: above every one that they had, also of those that an undo has removed. The version
 * of their case rises with every act and every undo, and no follow-up rises faster than it.
 */
export async function nextVersion(tx: Db, personId: string): Promise<number> {
	const [row] = await tx.select({ version: cases.version }).from(cases).where(eq(cases.personId, personId));
	return (row?.version ?? 0) + 1;
}
