import { spawn, spawnSync } from 'node:child_process';
import { createHash, randomBytes } from 'node:crypto';
import {
	chmodSync,
	chownSync,
	closeSync,
	existsSync,
	lstatSync,
	mkdirSync,
	mkdtempSync,
	openSync,
	readFileSync,
	realpathSync,
	rmSync,
	statSync,
	symlinkSync,
	writeFileSync
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { exec } from './exec.mjs';
import { freePort, until } from './net.mjs';
import { postgresBin } from './packages.mjs';
import { dataFolder, root } from './paths.mjs';
import { PlainFault } from './say.mjs';

/**
 * @typedef {object} Postgres
 * @property {string} url connection string of the application's database
 * @property {boolean} mine whether this process started it
 * @property {() => Promise<void>} stop stops it, if this process started it
 * @property {() => Promise<void>} crash kills it outright; for tests
 * @property {() => Promise<void>} revive starts it again after that, on the same port
 */

/** @typedef {{ uid: number, gid: number } | null} ServerUser the account the server runs as; null: this one */

const isRoot = process.getuid?.() === 0;

/**
 * PostgreSQL refuses to run as root: it runs as the account made by Debian's package.
 * @returns {ServerUser}
 */
function serverUser() {
	if (!isRoot) return null;
	const id = (/** @type {string} */ flag) =>
		Number(spawnSync('id', [flag, 'postgres']).stdout.toString().trim());
	const [uid, gid] = [id('-u'), id('-g')];
	if (!uid || !gid)
		throw new PlainFault('The account "postgres" is missing: reinstall Debian\'s package postgresql.');
	return { uid, gid };
}

/** @param {string} folder @param {ServerUser} user */
function reachable(folder, user) {
	return spawnSync('test', ['-w', folder, '-a', '-x', folder], { ...(user ?? {}) }).status === 0;
}

/**
 * The folder of the lasting cluster: `.data/pg`, or, where the server's account can't enter the project's folder (a home closed to others),
 * a folder under /var/lib that `.data/pg` points to.
 * @param {ServerUser} user
 */
function lastingFolder(user) {
	const folder = join(dataFolder, 'pg');
	mkdirSync(dataFolder, { recursive: true });
	if (!existsSync(folder)) {
		mkdirSync(folder, { mode: 0o700 });
		if (user) chownSync(folder, user.uid, user.gid);
	}
	if (lstatSync(folder).isSymbolicLink() || reachable(folder, user)) return realpathSync(folder);
	const name = createHash('sha256').update(root).digest('hex').slice(0, 12);
	const elsewhere = join('/var/lib/easy-corner', name);
	mkdirSync(elsewhere, { recursive: true, mode: 0o755 });
	chmodSync(elsewhere, 0o700);
	if (user) chownSync(elsewhere, user.uid, user.gid);
	rmSync(folder, { recursive: true });
	symlinkSync(elsewhere, folder);
	return elsewhere;
}

/** @param {string} file */
function lastLine(file) {
	if (!existsSync(file)) return '';
	const lines = readFileSync(file, 'utf8').trim().split('\n');
	return lines.findLast((line) => /FATAL|ERROR|error/.test(line)) ?? lines.at(-1) ?? '';
}

/** @param {string} bin @param {string} folder @param {ServerUser} user @param {boolean} temporary */
async function initialise(bin, folder, user, temporary) {
	const passwordFile = join(folder, 'password');
	if (!existsSync(passwordFile)) {
		writeFileSync(passwordFile, randomBytes(24).toString('base64url'), { mode: 0o600 });
		if (user) chownSync(passwordFile, user.uid, user.gid);
	}
	const data = join(folder, 'data');
	if (existsSync(join(data, 'PG_VERSION'))) return;
	rmSync(data, { recursive: true, force: true });
	const args = ['-D', data, '-U', 'app', `--pwfile=${passwordFile}`, '-E', 'UTF8', '--locale=C.UTF-8'];
	args.push('--auth-local=scram-sha-256', '--auth-host=scram-sha-256', ...(temporary ? ['--no-sync'] : []));
	const made = spawnSync(join(bin, 'initdb'), args, { cwd: folder, ...(user ?? {}) });
	if (made.status !== 0) {
		const reason =
			made.stderr
				.toString()
				.trim()
				.split('\n')
				.find((l) => /error/.test(l)) ?? 'initdb failed';
		rmSync(data, { recursive: true, force: true });
		throw new PlainFault(
			`The database could not be created (${reason}): free some space or mend it and try again.`
		);
	}
}

/**
 * Port of a server running on this cluster, or null.
 * @param {string} folder
 */
function runningPort(folder) {
	const file = join(folder, 'data', 'postmaster.pid');
	if (!existsSync(file)) return null;
	const lines = readFileSync(file, 'utf8').split('\n');
	try {
		process.kill(Number(lines[0]), 0);
		// A dead server's process number may have gone to another program, so the name decides.
		const name = readFileSync(`/proc/${lines[0]}/comm`, 'utf8').trim();
		return name === 'postgres' ? Number(lines[3]) : null;
	} catch {
		return null;
	}
}

/** @param {string} folder @param {number} port */
function urlOf(folder, port) {
	return `postgres://app:${readFileSync(join(folder, 'password'), 'utf8').trim()}@127.0.0.1:${port}/app`;
}

/**
 * @param {string} bin @param {string} folder @param {ServerUser} user
 * @param {{ risky: boolean, lasting: boolean, onPort?: number }} how risky: not safe against a power cut, and faster
 */
async function launch(bin, folder, user, { risky, lasting, onPort = 0 }) {
	const port = await freePort(onPort);
	const settings = [
		'listen_addresses=127.0.0.1',
		`port=${port}`,
		'unix_socket_directories=',
		'timezone=UTC',
		'log_timezone=UTC',
		// Compiling a query takes longer than any of ours runs.
		'jit=off'
	];
	if (risky) settings.push('fsync=off', 'synchronous_commit=off', 'full_page_writes=off');
	const server = [join(bin, 'postgres'), '-D', join(folder, 'data'), ...settings.flatMap((s) => ['-c', s])];
	const log = join(folder, 'postgres.log');
	const out = openSync(log, 'w');
	// If this process is killed outright the server gets a fast shutdown, unless it was asked to outlive it.
	const as = user ? [`--reuid=${user.uid}`, `--regid=${user.gid}`, '--clear-groups'] : [];
	const words = ['setpriv', ...as, ...(lasting ? [] : ['--pdeathsig', 'INT']), '--', ...server];
	const child = spawn(words[0] ?? '', words.slice(1), {
		cwd: folder,
		detached: true,
		stdio: ['ignore', out, out]
	});
	closeSync(out);
	let ended = false;
	child.on('exit', () => (ended = true));
	const ready = async () =>
		spawnSync(join(bin, 'pg_isready'), [
			'-q',
			'-h',
			'127.0.0.1',
			'-p',
			String(port),
			'-U',
			'app',
			'-d',
			'postgres'
		]).status === 0;
	if (!(await until(ready, () => ended, 60))) {
		if (!ended) child.kill('SIGQUIT');
		throw new PlainFault(
			`PostgreSQL did not start (${lastLine(log)}): mend that, or start over with "npm run demo -- --fresh".`
		);
	}
	if (lasting) child.unref();
	return { port: port ?? 0, child, hasEnded: () => ended };
}

/** @param {string} bin @param {string} url */
async function needDatabase(bin, url) {
	const admin = url.replace(/\/app$/, '/postgres');
	const psql = (/** @type {string} */ sql) => exec(join(bin, 'psql'), ['-qAtX', '-d', admin, '-c', sql]);
	const { output } = await psql("select 1 from pg_database where datname = 'app'");
	if (output.trim() !== '1') await psql('create database app');
}

/**
 * Copies a database that nobody is connected to, on the same server.
 * @param {string} url of the database
 * @param {string} name of the copy
 * @returns {Promise<string>} where the copy is
 */
export async function copyDatabase(url, name) {
	const bin = postgresBin();
	if (!bin) throw new PlainFault('PostgreSQL is missing: install it with "apt-get install postgresql".');
	const from = new URL(url).pathname.slice(1);
	const admin = url.replace(/\/[^/]*$/, '/postgres');
	const { code, output } = await exec(join(bin, 'psql'), [
		'-qAtX',
		'-v',
		'ON_ERROR_STOP=1',
		'-d',
		admin,
		'-c',
		`create database "${name}" template "${from}"`
	]);
	if (code !== 0)
		throw new PlainFault(`The database could not be copied: ${output.trim().split('\n').at(-1)}`);
	return url.replace(/\/[^/]*$/, `/${name}`);
}

/**
 * Starts PostgreSQL on a free loopback port, or joins the server running on the project's cluster.
 * @param {{ temporary?: boolean, lasting?: boolean, durable?: boolean }} [how] temporary: a throw-away cluster that is not
 *   safe against a power cut, unless it is durable, and is removed at the end; lasting: it goes on when this process ends
 * @returns {Promise<Postgres>}
 */
export async function startPostgres({ temporary = false, lasting = false, durable = false } = {}) {
	const bin = postgresBin();
	if (!bin) throw new PlainFault('PostgreSQL is missing: install it with "apt-get install postgresql".');
	const user = serverUser();
	let folder;
	if (temporary) {
		folder = mkdtempSync(join(tmpdir(), 'easy-corner-pg-'));
		chmodSync(folder, 0o700);
		if (user) chownSync(folder, user.uid, user.gid);
	} else folder = lastingFolder(user);
	await initialise(bin, folder, user, temporary);
	const running = runningPort(folder);
	const stays = async () => {
		throw new PlainFault('This server belongs to someone else: it is not killed.');
	};
	if (running)
		return { url: urlOf(folder, running), mine: false, stop: async () => {}, crash: stays, revive: stays };
	const risky = temporary && !durable;
	let server = await launch(bin, folder, user, { risky, lasting });
	const url = urlOf(folder, server.port);
	await needDatabase(bin, url);
	const stop = async () => {
		if (!server.hasEnded()) server.child.kill('SIGINT');
		await until(
			async () => server.hasEnded(),
			() => false,
			30
		);
		if (temporary) rmSync(folder, { recursive: true, force: true });
	};
	/** Kills the server outright, as a power cut would; for tests of what survives it. */
	const crash = async () => {
		server.child.kill('SIGKILL');
		await until(
			async () => server.hasEnded(),
			() => false,
			30
		);
	};
	/**
	 * Starts it again in the same folder. Its helper processes notice their parent's death within seconds; until then the folder is locked.
	 */
	const revive = async () => {
		const { port } = server;
		for (let i = 0; ; i += 1)
			try {
				server = await launch(bin, folder, user, { risky, lasting, onPort: port });
				return;
			} catch (error) {
				if (i === 20) throw error;
				await new Promise((resolve) => setTimeout(resolve, 500));
			}
	};
	return { url, mine: true, stop, crash, revive };
}

/**
 * Starts a replica of a throw-away cluster that only reads, kept up to date by streaming replication.
 * @param {string} url of the cluster's database
 * @returns {Promise<{ url: string, stop: () => Promise<void> }>}
 */
export async function startReplica(url) {
	const bin = postgresBin();
	if (!bin) throw new PlainFault('PostgreSQL is missing: install it with "apt-get install postgresql".');
	const user = serverUser();
	const folder = mkdtempSync(join(tmpdir(), 'easy-corner-pg-'));
	chmodSync(folder, 0o700);
	if (user) chownSync(folder, user.uid, user.gid);
	const from = new URL(url);
	from.pathname = '/';
	const args = [
		'-d',
		from.toString(),
		'-D',
		join(folder, 'data'),
		'--write-recovery-conf',
		'--checkpoint=fast',
		'--no-sync'
	];
	const made = spawnSync(join(bin, 'pg_basebackup'), args, { cwd: folder, ...(user ?? {}) });
	if (made.status !== 0)
		throw new PlainFault(`The replica could not be made: ${made.stderr.toString().trim().split('\n')[0]}`);
	const server = await launch(bin, folder, user, { risky: true, lasting: false });
	const at = new URL(url);
	at.port = String(server.port);
	return {
		url: at.toString(),
		stop: async () => {
			if (!server.hasEnded()) server.child.kill('SIGINT');
			await until(
				async () => server.hasEnded(),
				() => false,
				30
			);
			rmSync(folder, { recursive: true, force: true });
		}
	};
}

/**
 * Stops the server of the project's cluster.
 * @returns {Promise<boolean>} whether one was running
 */
export async function stopPostgres() {
	const folder = join(dataFolder, 'pg');
	if (!existsSync(folder) || !runningPort(folder)) return false;
	const pid = Number(readFileSync(join(folder, 'data', 'postmaster.pid'), 'utf8').split('\n')[0]);
	process.kill(pid, 'SIGINT');
	await until(
		async () => !runningPort(folder),
		() => false,
		30
	);
	return true;
}

/** Whether a server is running on the project's cluster. */
export function isPostgresRunning() {
	const folder = join(dataFolder, 'pg');
	return existsSync(folder) && runningPort(folder) !== null;
}

/** Removes the project's cluster with all its data. */
export async function removeCluster() {
	await stopPostgres();
	const folder = join(dataFolder, 'pg');
	if (!existsSync(folder)) return;
	if (lstatSync(folder).isSymbolicLink()) rmSync(realpathSync(folder), { recursive: true, force: true });
	rmSync(folder, { recursive: true, force: true });
}

/** Whether the project's cluster exists. */
export function hasCluster() {
	const data = join(dataFolder, 'pg', 'data', 'PG_VERSION');
	return existsSync(data) && statSync(data).size > 0;
}
