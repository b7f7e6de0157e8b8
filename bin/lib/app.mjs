import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { exec } from './exec.mjs';
import { until } from './net.mjs';
import { postgresBin } from './packages.mjs';
import { packageProgram, root } from './paths.mjs';
import { setUpRoles } from './roles.mjs';
import { PlainFault, say } from './say.mjs';

/**
 * @typedef {object} App
 * @property {string} address
 * @property {number} pid of its process
 * @property {() => Promise<boolean>} stop asks it to end, and ends it where it does not; gives whether it ended by itself
 * @property {() => Promise<void>} kill ends it outright, as a power cut would; for tests of what is left then
 * @property {Promise<void>} ended settles when the application ends, by itself or not
 * @property {() => string[]} failures lines of its log that tell of a failure of its own, where the log is kept
 */

/**
 * Room for new objects before they are collected, MB: with Node.js's own, a page of the day sheet takes about a tenth more of the processor. The
 * files in `deploy` start the application with the same.
 */
export const NODE_FLAGS = ['--max-semi-space-size=64'];

/** Brings the database to this version and fills it with the demo data if it is empty. @param {string} url @param {string[]} [args] */
export async function migrateAndSeed(url, args = []) {
	say('Preparing the database …');
	const { code, output } = await exec(packageProgram('tsx'), ['seed/main.ts', ...args], {
		cwd: root,
		env: { ...process.env, DATABASE_URL: url }
	});
	// A crash of Node.js ends with its version, which says nothing: the error's own line stands before.
	const lines = output.split('\n').filter((line) => line.trim() !== '' && !/^Node\.js v/.test(line));
	const error = lines.find((line) => /^\w*Error\b/.test(line));
	if (code !== 0) throw new PlainFault(error ?? lines.at(-1) ?? 'The database could not be prepared.');
	return lines.at(-1) ?? '';
}

/**
 * Starts the built application and waits until it answers.
 * @param {{ url: string, port: number, env?: NodeJS.ProcessEnv, log?: 'inherit' | 'pipe' }} options log: shown here, or kept
 * @returns {Promise<App>}
 */
export async function startApp({ url, port, env = {}, log = 'inherit' }) {
	const address = `http://127.0.0.1:${port}`;
	const bin = postgresBin();
	if (!bin) throw new PlainFault('PostgreSQL is missing: install it with "apt-get install postgresql".');
	const { appUrl, migratorUrl } = await setUpRoles(bin, url);
	const command = join(root, 'build', 'app.js');
	const prepared = await exec(process.execPath, [command, 'migrate'], {
		cwd: root,
		env: { ...process.env, DATABASE_URL: appUrl, EASY_CORNER_MIGRATION_DATABASE_URL: migratorUrl }
	});
	if (prepared.code !== 0) throw new PlainFault(prepared.output.trim().split('\n').at(-1) ?? '');
	const child = spawn(
		'setpriv',
		['--pdeathsig', 'TERM', '--', process.execPath, ...NODE_FLAGS, command, 'start'],
		{
			cwd: root,
			detached: true,
			stdio: ['ignore', log, log],
			env: {
				...process.env,
				NODE_ENV: 'production',
				DATABASE_URL: appUrl,
				PORT: String(port),
				ORIGIN: address,
				...env
			}
		}
	);
	const kept = { log: '', besides: '' };
	child.stdout?.on('data', (/** @type {Buffer} */ data) => (kept.log += data.toString()));
	child.stderr?.on('data', (/** @type {Buffer} */ data) => (kept.besides += data.toString()));
	const failures = () => [
		...kept.log.split('\n').filter((line) => line.includes('"level":"error"')),
		...kept.besides.split('\n').filter((line) => line !== '')
	];
	let ended = false;
	const end = new Promise((resolve) => child.on('exit', () => ((ended = true), resolve(undefined))));
	const answers = () =>
		fetch(`${address}/health`, { signal: AbortSignal.timeout(2000) }).then(
			(response) => response.ok,
			() => false
		);
	if (!(await until(answers, () => ended, 30))) {
		if (!ended) child.kill('SIGKILL');
		throw new PlainFault(
			'The application did not start: see the lines above, or start over with "npm run demo -- --fresh".'
		);
	}
	const stop = async () => {
		if (!ended) child.kill('SIGTERM');
		const hasEnded = await until(
			async () => ended,
			() => false,
			20
		);
		if (!hasEnded) child.kill('SIGKILL');
		return hasEnded;
	};
	const kill = async () => {
		child.kill('SIGKILL');
		await end;
	};
	return { address, pid: child.pid ?? 0, stop, kill, ended: end.then(() => undefined), failures };
}
