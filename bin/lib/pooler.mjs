import { spawn } from 'node:child_process';
import { chmodSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { connect } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort, until } from './net.mjs';
import { PlainFault } from './say.mjs';

/** A program that won't run as root runs as this account there. */
const AS_NOBODY = ['setpriv', '--reuid=nobody', '--regid=nogroup', '--clear-groups'];

/** Whether something accepts connections. @param {number} port @returns {Promise<boolean>} */
const accepts = (port) =>
	new Promise((resolve) => {
		const socket = connect(port, '127.0.0.1', () => {
			socket.destroy();
			resolve(true);
		}).on('error', () => resolve(false));
	});

/**
 * Starts Debian's PgBouncer before a database, for tests and benches: each transaction gets one of a few connections, and a session's
 * settings are refused.
 * @param {string} url of the database
 * @param {number} connections to it, shared by everybody
 * @returns {Promise<{ url: string, stop: () => Promise<void> }>}
 */
export async function startPooler(url, connections) {
	const folder = mkdtempSync(join(tmpdir(), 'easy-corner-pooler-'));
	const to = new URL(url);
	const port = (await freePort(0)) ?? 0;
	const config = join(folder, 'pgbouncer.ini');
	const database = [
		`host=${to.hostname}`,
		`port=${to.port}`,
		`dbname=${to.pathname.slice(1)}`,
		`user=${to.username}`,
		`password=${decodeURIComponent(to.password)}`
	];
	writeFileSync(
		config,
		`[databases]
it = ${database.join(' ')}
[pgbouncer]
listen_addr = 127.0.0.1
listen_port = ${port}
unix_socket_dir =
auth_type = any
pool_mode = transaction
default_pool_size = ${connections}
max_client_conn = 200
logfile = ${folder}/log
`
	);
	chmodSync(folder, 0o777);
	chmodSync(config, 0o644);
	const as = process.getuid?.() === 0 ? AS_NOBODY : [];
	const [program = '', ...args] = [...as, '/usr/sbin/pgbouncer', '-q', config];
	const child = spawn(program, args, { stdio: 'ignore' });
	let hasEnded = false;
	const ended = new Promise((resolve) => child.once('exit', () => resolve((hasEnded = true))));
	if (
		!(await until(
			() => accepts(port),
			() => hasEnded,
			60
		))
	)
		throw new PlainFault('PgBouncer did not start.');
	return {
		url: `postgres://${to.username}@127.0.0.1:${port}/it`,
		stop: async () => {
			child.kill('SIGINT');
			await ended;
			rmSync(folder, { recursive: true });
		}
	};
}
