import { chmodSync, closeSync, mkdtempSync, openSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { exec } from './exec.mjs';
import { until } from './net.mjs';
import { PlainFault } from './say.mjs';

/** @param {string} text */
const firstLine = (text) => text.trim().split('\n')[0] ?? '';

/** Another database of the same server. @param {string} url @param {string} name */
function sibling(url, name) {
	const other = new URL(url);
	other.pathname = `/${name}`;
	return other.toString();
}

/** @param {string} url */
const nameOf = (url) => decodeURIComponent(new URL(url).pathname.slice(1));

/** A name as SQL takes it. @param {string} name */
const quoted = (name) => `"${name.replaceAll('"', '""')}"`;

/**
 * Runs SQL and gives its first line.
 * @param {string} bin @param {string} url @param {string} sql
 */
async function ask(bin, url, sql) {
	const { code, output } = await exec(join(bin, 'psql'), [
		'-qAtX',
		'-v',
		'ON_ERROR_STOP=1',
		'-d',
		url,
		'-c',
		sql
	]);
	if (code !== 0) throw new PlainFault(firstLine(output));
	return firstLine(output);
}

/**
 * Makes a file that nobody else can read, before anything is in it: it is never readable for others, not for a moment.
 * @param {string} file
 */
export function makePrivateFile(file) {
	closeSync(openSync(file, 'w', 0o600));
	chmodSync(file, 0o600);
}

/**
 * Writes everything in a database to a file that nobody else can read. The application may run in the meantime: it is as it was at one moment.
 * @param {string} bin folder of PostgreSQL's programs
 * @param {string} url @param {string} file
 */
export async function writeBackup(bin, url, file) {
	makePrivateFile(file);
	const { code, output } = await exec(join(bin, 'pg_dump'), [
		'-Fc',
		'--no-owner',
		'--no-privileges',
		'-f',
		file,
		'-d',
		url
	]);
	if (code !== 0) throw new PlainFault(`The backup could not be written: ${firstLine(output)}`);
}

/** Refuses while anybody else uses a database. @param {string} bin @param {string} url */
async function needNobody(bin, url) {
	const sql = `select count(*) from pg_stat_activity where datname = '${nameOf(url).replaceAll("'", "''")}' and pid <> pg_backend_pid()`;
	const isFree = async () => Number(await ask(bin, sibling(url, 'postgres'), sql)) === 0;
	// One that has just ended may be listed for a moment yet.
	if (!(await until(isFree, () => false, 3)))
		throw new PlainFault('The application runs on this database: stop it first. Nothing was changed.');
}

/**
 * Puts a backup in the place of a database, or leaves that as it is: it is read into a database of its own, which takes the name only once
 * all of it is there. Whatever the queue or a newer version made beside it goes with the old one.
 * @param {string} bin @param {string} url @param {string} file
 * @param {(url: string) => Promise<void>} [finish] what else must be done to it before it takes the name; where that fails, nothing is changed
 */
export async function readBackup(bin, url, file, finish = async () => {}) {
	const list = await exec(join(bin, 'pg_restore'), ['--list', file]);
	if (list.code !== 0) throw new PlainFault(`${file} is not a backup of this program: nothing was changed.`);
	await needNobody(bin, url);
	const name = nameOf(url);
	const [fresh, old] = [`${name}_restored`, `${name}_before`];
	const admin = sibling(url, 'postgres');
	await ask(bin, admin, `drop database if exists ${quoted(fresh)}`);
	await ask(bin, admin, `create database ${quoted(fresh)}`);
	const args = ['--no-owner', '--no-privileges', '--exit-on-error', '--single-transaction'];
	const made = await exec(join(bin, 'pg_restore'), [...args, '-d', sibling(url, fresh), file]);
	if (made.code !== 0) {
		await ask(bin, admin, `drop database if exists ${quoted(fresh)}`);
		throw new PlainFault(`Nothing was changed, since the restore failed: ${firstLine(made.output)}`);
	}
	try {
		await finish(sibling(url, fresh));
	} catch (error) {
		await ask(bin, admin, `drop database if exists ${quoted(fresh)} with (force)`);
		throw error;
	}
	// Someone may have started the application in the meantime: a database that is used keeps its name, and nothing is changed.
	await needNobody(bin, url);
	await ask(bin, admin, `drop database if exists ${quoted(old)}`);
	await ask(bin, admin, `alter database ${quoted(name)} rename to ${quoted(old)}`);
	await ask(bin, admin, `alter database ${quoted(fresh)} rename to ${quoted(name)}`);
	await ask(bin, admin, `drop database ${quoted(old)}`);
}

/**
 * A copy of a database to try something on, with what is in it at this moment.
 * @param {string} bin @param {string} url by a role that may make databases
 * @returns {Promise<{ url: string, drop: () => Promise<void> }>}
 */
export async function copyForTrial(bin, url) {
	const name = `${nameOf(url)}_trial`;
	const admin = sibling(url, 'postgres');
	const drop = async () =>
		void (await ask(bin, admin, `drop database if exists ${quoted(name)} with (force)`));
	await drop();
	await ask(bin, admin, `create database ${quoted(name)}`);
	const copy = sibling(url, name);
	// By a file, so that a dump that breaks off is heard: a pipe tells only how its last program ended.
	const folder = mkdtempSync(join(tmpdir(), 'easy-corner-trial-'));
	const file = join(folder, 'dump');
	try {
		await writeBackup(bin, url, file);
		const made = await exec(join(bin, 'pg_restore'), ['--no-owner', '--no-privileges', '-d', copy, file]);
		if (made.code !== 0) throw new PlainFault(`The copy could not be made: ${firstLine(made.output)}`);
	} catch (error) {
		await drop();
		throw error;
	} finally {
		rmSync(folder, { recursive: true, force: true });
	}
	return { url: copy, drop };
}
