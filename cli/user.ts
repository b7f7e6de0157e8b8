import { randomBytes } from 'node:crypto';
import { addUser } from '../src/lib/server/access/add-user';
import { ConfigFault, readConfig } from '../src/lib/server/config';
import { openDatabase } from '../src/lib/server/db/client';
import { migrateDatabase, MigrationFault } from '../src/lib/server/db/migrate';
import { refusalWords } from '../src/lib/messages/refusal-words';
import { Fault } from '../src/lib/server/fault';

const USAGE = 'usage: DATABASE_URL=postgres://… npm run -s user -- add EMAIL NAME';

/** Adds a coordinator's account with a password made here, and prints it once. */
async function main([command, email, ...name]: readonly string[]): Promise<number> {
	if (command !== 'add' || !email?.includes('@') || name.length === 0) {
		process.stderr.write(`${USAGE}\n`);
		return 2;
	}
	const { db, pool } = openDatabase(readConfig(process.env).databaseUrl);
	try {
		await migrateDatabase(pool);
		const password = randomBytes(15).toString('base64url');
		await addUser(db, { email, name: name.join(' '), role: 'coordinator', password });
		process.stdout.write(`${email} may sign in with ${password} (shown once)\n`);
		return 0;
	} finally {
		await pool.end();
	}
}

try {
	process.exitCode = await main(process.argv.slice(2));
} catch (error) {
	if (!(error instanceof Fault) && !(error instanceof MigrationFault) && !(error instanceof ConfigFault))
		throw error;
	process.stderr.write(`${error instanceof Fault ? refusalWords(error.why) : error.message}\n`);
	process.exitCode = 1;
}
