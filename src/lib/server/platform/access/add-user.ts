import { eq, sql } from 'drizzle-orm';
import { isPermitted } from '../../../core/platform/access/permissions';
import type { Role } from '../actor';
import { schema, type Db } from '../db/client';
import { DomainError } from '../domain-error';
import { hashPassword, requireStrongPassword } from './passwords';

/**
 * Adds an account. Called from the command line by whoever runs the server, or by the demo. The very first coordinator may read the audit
 * log, since someone must hold that right to give it to others.
 */
export async function addUser(
	db: Db,
	input: { email: string; name: string; role: Role; password: string }
): Promise<string> {
	requireStrongPassword(input.password, input);
	const email = input.email.trim().toLowerCase();
	const [known] = await db
		.select({ id: schema.users.id })
		.from(schema.users)
		.where(eq(sql`lower(${schema.users.email})`, email));
	if (known) throw new DomainError('conflict', 'accountExists', 'email');
	const passwordHash = await hashPassword(input.password);
	const isFirst = (await db.$count(schema.users, eq(schema.users.seesRecord, true))) === 0;
	const seesRecord = isFirst && isPermitted(input.role, 'audit-log:read');
	const [user] = await db
		.insert(schema.users)
		.values({ email, name: input.name, role: input.role, passwordHash, seesRecord })
		.returning({ id: schema.users.id });
	if (!user) throw new Error('An insert returned no row');
	return user.id;
}
