import { eq, sql } from 'drizzle-orm';
import type { Role } from '../actor';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';
import { hashPassword } from './sign-in';

/** Shortest password. NIST SP 800-63B asks for 8 at least (from memory); a little more costs nothing. */
export const SHORTEST_PASSWORD = 10;

/** Adds an account. Done on the command line by who runs the server, or by the demo. */
export async function addUser(
	db: Db,
	input: { email: string; name: string; role: Role; password: string }
): Promise<string> {
	if (input.password.length < SHORTEST_PASSWORD)
		throw new Fault(
			'invalid',
			{ code: 'passwordTooShort', facts: { shortest: SHORTEST_PASSWORD } },
			'password'
		);
	const email = input.email.trim().toLowerCase();
	const [known] = await db
		.select({ id: schema.users.id })
		.from(schema.users)
		.where(eq(sql`lower(${schema.users.email})`, email));
	if (known) throw new Fault('conflict', 'accountExists', 'email');
	const [user] = await db
		.insert(schema.users)
		.values({ email, name: input.name, role: input.role, passwordHash: await hashPassword(input.password) })
		.returning({ id: schema.users.id });
	if (!user) throw new Error('An insert returned no row');
	return user.id;
}
