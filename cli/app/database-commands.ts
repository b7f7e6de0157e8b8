import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { copyForTrial, readBackup, writeBackup } from '../../bin/lib/backup.mjs';
import { postgresBin } from '../../bin/lib/packages.mjs';
import { giveToOwners, type Roles } from '../../bin/lib/roles.mjs';
import { readConfig } from '../../src/lib/server/platform/config';
import { openDatabase, type OpenDatabase } from '../../src/lib/server/platform/db/client';
import { prepareDatabase } from '../../src/lib/server/platform/db/prepare';
import { pendingMigrations } from '../../src/lib/server/platform/db/migrate';
import { recordRestore, replayErasures } from '../../src/lib/server/people/erasure/replay-erasures';
import { CommandFault, USAGE } from './usage';

/** Tells whoever typed the command. */
export const say = (text: string): void => void process.stdout.write(`${text}\n`);

/**
 * Does something with a database, and lets it go.
 * @param url of the application's, if left out
 * @param poolerUrl of a pooler before it; none if left out
 */
export async function withDatabase<T>(
	work: (open: OpenDatabase) => Promise<T>,
	url = readConfig(process.env).databaseUrl,
	poolerUrl: string | null = null
): Promise<T> {
	const open = openDatabase(url, poolerUrl);
	try {
		return await work(open);
	} finally {
		await open.pool.end();
	}
}

/** A setting that only some commands need. @param what it is for */
function needSetting(name: string, what: string): string {
	const value = process.env[name];
	if (!value) throw new CommandFault(`${name} is missing: set it to ${what}.`);
	return value;
}

/** Folder of PostgreSQL's own programs. */
function needBin(): string {
	const bin = postgresBin();
	if (!bin)
		throw new CommandFault(
			'pg_dump is missing: install PostgreSQL’s client programs, or set PGBIN to their folder.'
		);
	return bin;
}

/** The file that a command names. */
export function needFile(name: string | undefined): string {
	if (!name) throw new CommandFault(USAGE);
	// npm runs scripts in the program's folder; the file is meant from where the command was typed.
	return resolve(process.env.INIT_CWD ?? process.cwd(), name);
}

/** The database by the role that owns its tables; never the application's: tables made by that one can't be migrated by the other. */
export const migrationUrl = () =>
	needSetting(
		'EASY_CORNER_MIGRATION_DATABASE_URL',
		'the database’s address by the role that changes its tables, for this command alone'
	);

/** The roles that the settings name. */
async function rolesOf(migrator: string, app: string): Promise<Roles> {
	const owner = await withDatabase(async ({ pool }) => {
		const { rows } = await pool.query<{ role: string }>('select current_user as role');
		return rows[0]?.role ?? '';
	}, migrator);
	const userOf = (url: string) => decodeURIComponent(new URL(url).username);
	return { owner, migrator: userOf(migrator), app: userOf(app) };
}

/** Refuses to make or change tables as any role but their owner, and as the application's own. */
async function needOwner(migrator: string, app: string): Promise<void> {
	const roles = await rolesOf(migrator, app);
	if (roles.owner === roles.app)
		throw new CommandFault(
			`EASY_CORNER_MIGRATION_DATABASE_URL works as ${roles.app}, the application’s own role: name the role that owns the tables, as the guide for administrators shows.`
		);
	const other = await withDatabase(async ({ pool }) => {
		const { rows } = await pool.query<{ owner: string }>(
			`select tableowner as owner from pg_tables where schemaname in ('public', 'drizzle') and not pg_has_role(tableowner, 'usage') limit 1`
		);
		return rows[0]?.owner ?? null;
	}, migrator);
	if (other !== null)
		throw new CommandFault(
			`The tables belong to ${other}, and EASY_CORNER_MIGRATION_DATABASE_URL works as ${roles.owner}: end it with ?options=-c%20role%3D${other}, or let ${roles.owner} be a member of that role.`
		);
}

/** Refuses to restore as a role that couldn't give the tables to their owner in the end. */
async function needAdmin(admin: string, { owner, app }: Roles): Promise<void> {
	const isOne = await withDatabase(async ({ pool }) => {
		const { rows } = await pool.query<{ can: boolean }>(
			`select rolsuper or (rolcreatedb and pg_has_role($1, 'member') and pg_has_role($2, 'member')) as can
			from pg_roles where rolname = current_user`,
			[owner, app]
		);
		return rows[0]?.can ?? false;
	}, admin);
	if (!isOne)
		throw new CommandFault(
			`The role of EASY_CORNER_ADMIN_DATABASE_URL must be a superuser, or may make databases and be a member of ${owner} and ${app}: nothing was changed.`
		);
}
const adminUrl = () =>
	needSetting(
		'EASY_CORNER_ADMIN_DATABASE_URL',
		'the database’s address by a role that may make databases, for this command alone'
	);

/** Brings the database to this version, or says what that would do. */
export async function migrate([option]: readonly string[]): Promise<void> {
	const { databaseUrl } = readConfig(process.env);
	if (option === '--dry-run') return tryMigration();
	if (option) throw new CommandFault(USAGE);
	await needOwner(migrationUrl(), databaseUrl);
	const steps = await pendingMigrations(migrationUrl());
	await prepareDatabase(migrationUrl(), databaseUrl);
	say(steps.length === 0 ? 'The database is of this version.' : `Done: ${steps.join(', ')}.`);
}

/** Runs the steps on a copy, so that what fails, and how long it takes, is known before the program is stopped for it. */
async function tryMigration(): Promise<void> {
	const steps = await pendingMigrations(migrationUrl());
	if (steps.length === 0) return say('The database is of this version: nothing would be done.');
	const copy = await copyForTrial(needBin(), adminUrl());
	try {
		const began = performance.now();
		await prepareDatabase(copy.url, copy.url);
		say(
			`${steps.join(', ')}: done on a copy in ${((performance.now() - began) / 1000).toFixed(1)} s. The database itself was left as it is.`
		);
	} finally {
		await copy.drop();
	}
}

/** Writes everything of one moment to a file. */
export async function backup([name]: readonly string[]): Promise<void> {
	const file = needFile(name);
	await writeBackup(needBin(), readConfig(process.env).databaseUrl, file);
	say(
		`Written to ${file}, readable for you alone: it holds health data. Encrypt it before it leaves this machine.`
	);
}

/** Puts a backup in the place of the database; its door stays closed until erasures are replayed. */
export async function restore([name]: readonly string[]): Promise<void> {
	const file = needFile(name);
	if (!existsSync(file)) throw new CommandFault(`There is no file ${file}.`);
	const [bin, admin, app] = [needBin(), adminUrl(), readConfig(process.env).databaseUrl];
	const roles = await rolesOf(migrationUrl(), app);
	await needAdmin(admin, roles);
	// Everything that the program needs is there before the database takes the name.
	await readBackup(bin, admin, file, async (fresh) => {
		await prepareDatabase(fresh, app);
		await withDatabase(({ db }) => recordRestore(db, new Date()), fresh);
		await giveToOwners(bin, fresh, roles);
	});
	say('Restored. Now run "replay-erasures FILE": the program refuses to start before.');
}

/** Erases again who was erased since the backup. */
export async function replay([name]: readonly string[]): Promise<void> {
	const file = needFile(name);
	if (!existsSync(file))
		throw new CommandFault(`There is no file ${file}: name the one of EASY_CORNER_ERASURES_FILE.`);
	const n = await withDatabase(({ db }) => replayErasures(db, file, new Date()));
	say(n === 1 ? 'One person was erased again.' : `${n} people were erased again.`);
}
