import { readBackup } from '../../bin/lib/backup.mjs';
import { migrateAndSeed } from '../../bin/lib/app.mjs';
import { postgresBin } from '../../bin/lib/packages.mjs';
import { makeTestDatabase, type TestDatabase } from './database';

/** A database of its own with the data of the demo: from the backup that `npm test` makes once, or seeded where there is none. */
export async function makeFilledDatabase(): Promise<TestDatabase> {
	const test = await makeTestDatabase({ migrated: false });
	const backup = process.env.FILLED_BACKUP;
	if (backup) await readBackup(postgresBin() ?? '', test.url, backup);
	else await migrateAndSeed(test.url, ['--demo']);
	await test.db.execute('analyze');
	return test;
}
