import { eq } from 'drizzle-orm';
import { isPermitted } from '../../../core/platform/access/permissions';
import type { Actor } from '../../platform/actor';
import { schema, type Db } from '../../platform/db/client';

const { users } = schema;

/** Who asked the questions on the phone. */
export interface ByPhone {
	/** Empty where the account is gone. */
	readonly name: string;
	readonly at: Date;
	/** The case, for the coordinator who opens the link; null for everybody else. */
	readonly caseHref: string | null;
}

/** Who asked the questions of a self-assessment on the phone; null where the person answers alone. No look-up then, otherwise one by a key. */
export async function readByPhone(
	db: Db,
	{
		personId,
		phoneBy,
		phoneAt
	}: Pick<typeof schema.assessments.$inferSelect, 'personId' | 'phoneBy' | 'phoneAt'>,
	reader: Actor | null
): Promise<ByPhone | null> {
	if (!phoneAt) return null;
	const [user] = phoneBy
		? await db.select({ name: users.name }).from(users).where(eq(users.id, phoneBy))
		: [];
	const isDesk = reader?.kind === 'user' && isPermitted(reader.role, 'cases:read');
	return { name: user?.name ?? '', at: phoneAt, caseHref: isDesk ? `/desk/cases/${personId}` : null };
}
