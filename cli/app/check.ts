import { sql } from 'drizzle-orm';
import type { OpenDatabase } from '../../src/lib/server/platform/db/client';
import { readConfig, requireProductionSettings } from '../../src/lib/server/platform/config';
import { requireSchemaVersion } from '../../src/lib/server/platform/db/migrate';
import { checkDirectory } from '../../src/lib/server/people/directory/scim-service';
import { requireErasuresWritable } from '../../src/lib/server/people/erasure/erasures-file';
import { requireErasuresReplayed } from '../../src/lib/server/people/erasure/replay-erasures';
import { checkSmtp } from '../../src/lib/server/platform/email/mail-transport';
import { withDatabase } from './database-commands';
import { faultSentence } from './fault-sentence';
import { CommandFault } from './usage';

/** A part that must stand: its name, a look that fails where it doesn't, and whether it needs the database, as it must be. */
type Part = [name: string, stands: () => Promise<unknown>, isOfDatabase?: boolean];

/** Of a service, what it or the system says; it holds no value of a statement. */
const messageOf = (error: unknown) => (error instanceof Error ? error.message : String(error));

const NOT_LOOKED = 'not looked at: the database comes first';

/** Whether the record is out of the application's reach: its role can't take a line out. */
async function recordIsSafe(db: Parameters<Parameters<typeof withDatabase>[0]>[0]['db']): Promise<void> {
	const { rows } = await db.execute<{ can: boolean }>(
		sql`select has_table_privilege(current_user, 'audit_lines', 'delete') as can`
	);
	if (rows[0]?.can)
		throw new CommandFault(
			'the role of DATABASE_URL may take lines out of the audit log: give it a role of its own'
		);
}

/** Whether a session that a pooler gives has the settings of the application's own: a pooler passes none on, so that they are the role's. */
async function poolerIsSet(databaseUrl: string, poolerUrl: string): Promise<void> {
	const settings = (open: OpenDatabase) =>
		open.db.execute<{ name: string; setting: string }>(
			sql`select name, setting from pg_settings
				where name in ('TimeZone', 'statement_timeout', 'idle_in_transaction_session_timeout') order by name`
		);
	const { rows: wanted } = await withDatabase(settings, databaseUrl);
	const { rows: given } = await withDatabase(settings, databaseUrl, poolerUrl);
	const other = wanted.find(({ setting }, i) => given[i]?.setting !== setting);
	if (other)
		throw new CommandFault(
			`sessions of EASY_CORNER_POOLER_URL need ${other.name} ${other.setting}: set it on the role, as the guide for administrators shows`
		);
}

/**
 * Tells of each part whether it stands, one line each.
 *
 * @returns whether all do
 */
export async function check(): Promise<boolean> {
	const config = readConfig(process.env);
	const { databaseUrl, poolerUrl, replicaUrl, directory, erasuresFile, smtpUrl } = config;
	const parts: Part[] = [
		['settings', async () => requireProductionSettings(process.env)],
		['database', () => withDatabase(({ db }) => db.execute(sql`select 1`)), true],
		['version of the database', () => withDatabase(({ pool }) => requireSchemaVersion(pool)), true],
		['audit log', () => withDatabase(({ db }) => recordIsSafe(db)), true],
		['erasures', () => withDatabase(({ db }) => requireErasuresReplayed(db, erasuresFile)), true],
		['file of erasures', () => requireErasuresWritable(erasuresFile)]
	];
	if (poolerUrl) parts.push(['pooler', () => poolerIsSet(databaseUrl, poolerUrl), true]);
	if (replicaUrl)
		parts.push([
			'read replica',
			() => withDatabase(({ db }) => db.execute(sql`select at from heartbeat`), replicaUrl)
		]);
	if (directory) parts.push(['staff directory', () => checkDirectory(directory)]);
	if (smtpUrl) parts.push(['mail server', () => checkSmtp(smtpUrl)]);
	let isWell = true;
	let hasDatabase = true;
	for (const [name, stands, isOfDatabase = false] of parts) {
		// What rests on the database is not looked at where that isn't there, or of another version.
		const fault =
			isOfDatabase && !hasDatabase
				? NOT_LOOKED
				: await stands().then(() => null, isOfDatabase ? faultSentence : messageOf);
		if (isOfDatabase && fault !== null) hasDatabase = false;
		isWell &&= fault === null;
		process.stdout.write(
			`${fault === null ? 'ok  ' : 'FAIL'} ${name}${fault === null ? '' : `: ${fault}`}\n`
		);
	}
	if (!smtpUrl) process.stdout.write('note: without EASY_CORNER_SMTP nobody is sent an email\n');
	return isWell;
}
