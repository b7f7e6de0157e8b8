import { randomBytes } from 'node:crypto';
import { addUser } from '../../src/lib/server/access/add-user';
import { requireSchemaVersion } from '../../src/lib/server/db/migrate';
import { withDatabase } from './database-commands';
import { CommandFault, USAGE } from './usage';

/** Adds a coordinator's account with a password made here, and prints it once. */
export async function user([act, email, ...name]: readonly string[]): Promise<void> {
	if (act !== 'add' || !email?.includes('@') || name.length === 0) throw new CommandFault(USAGE);
	const password = randomBytes(15).toString('base64url');
	await withDatabase(async ({ db, pool }) => {
		await requireSchemaVersion(pool);
		await addUser(db, { email, name: name.join(' '), role: 'coordinator', password });
	});
	process.stdout.write(`${email} may sign in with ${password} (shown once)\n`);
}
