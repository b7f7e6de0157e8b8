import { addUser } from '../src/lib/server/access/add-user';
import { openDatabase, schema } from '../src/lib/server/db/client';
import { migrateDatabase, MigrationFault } from '../src/lib/server/db/migrate';
import { readConfig, ConfigFault } from '../src/lib/server/config';
import { seedDemo } from './seed-demo';

/** The account that the demo is signed in with; its password is no secret. */
const DEMO_COORDINATOR = {
	email: 'coordinator@lanterns.example',
	name: 'Oriel Thatchmere',
	role: 'coordinator',
	password: 'tarn-valley-demo'
} as const;

async function main(args: readonly string[]): Promise<string> {
	const { databaseUrl } = readConfig(process.env);
	const { db, pool } = openDatabase(databaseUrl);
	try {
		await migrateDatabase(pool);
		if (!args.includes('--demo')) return 'The database is up to date.';
		if ((await db.$count(schema.users)) > 0) return 'The database is up to date; its data was kept.';
		const userId = await addUser(db, DEMO_COORDINATOR);
		const people = await seedDemo(
			db,
			{ kind: 'user', id: userId, name: DEMO_COORDINATOR.name, role: 'coordinator' },
			new Date()
		);
		return `The database is new: filled with the demo data, ${people} people.`;
	} finally {
		await pool.end();
	}
}

try {
	process.stdout.write(`${await main(process.argv.slice(2))}\n`);
} catch (error) {
	if (!(error instanceof MigrationFault) && !(error instanceof ConfigFault)) throw error;
	process.stderr.write(`${error.message}\n`);
	process.exitCode = 1;
}
