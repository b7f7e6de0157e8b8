import { randomBytes } from 'node:crypto';
import { addUser } from '../../src/lib/server/platform/access/add-user';
import { givePassword } from '../../src/lib/server/platform/accounts/accounts';
import { requireSchemaVersion } from '../../src/lib/server/platform/db/migrate';
import { say, withDatabase } from './database-commands';
import { CommandFault, USAGE } from './usage';

const newPassword = () => randomBytes(15).toString('base64url');

/** Adds a coordinator's account, or gives one a new password; the password is made here and printed once. */
export async function user([act, email, ...name]: readonly string[]): Promise<void> {
	const isAdding = act === 'add' && name.length > 0;
	const isGiving = act === 'password' && name.length === 0;
	if (!email?.includes('@') || (!isAdding && !isGiving)) throw new CommandFault(USAGE);
	const password = newPassword();
	await withDatabase(async ({ db, pool }) => {
		await requireSchemaVersion(pool);
		if (isAdding) await addUser(db, { email, name: name.join(' '), role: 'coordinator', password });
		else await givePassword(db, { email, password }, new Date());
	});
	say(`${email} may sign in with ${password} (shown once)`);
}
