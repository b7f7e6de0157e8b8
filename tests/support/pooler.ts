import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { chmod } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { connect } from 'node:net';
import { vi } from 'vitest';
import { freePort } from '../../bin/lib/net.mjs';
import { PATIENCE } from './patience';

/** A program that won't run as root runs as this account there. */
const AS_NOBODY =
	process.getuid?.() === 0 ? ['setpriv', '--reuid=nobody', '--regid=nogroup', '--clear-groups'] : [];

/**
 * Starts Debian's PgBouncer before a database: each transaction gets one of a few connections, and any session's settings are refused.
 * @param url of the database
 * @param connections to it, shared by everybody
 */
export async function startPooler(url: string, connections: number) {
	const folder = mkdtempSync(join(tmpdir(), 'pooler-'));
	const to = new URL(url);
	const port = (await freePort(0)) ?? 0;
	const config = join(folder, 'pgbouncer.ini');
	writeFileSync(
		config,
		`[databases]
it = host=${to.hostname} port=${to.port} dbname=${to.pathname.slice(1)} user=${to.username} password=${decodeURIComponent(to.password)}
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
	await chmod(folder, 0o777);
	await chmod(config, 0o644);
	const [program = '', ...args] = [...AS_NOBODY, '/usr/sbin/pgbouncer', '-q', config];
	const child = spawn(program, args, { stdio: 'ignore' });
	const ended = new Promise((resolve) => child.once('exit', resolve));
	await vi.waitFor(
		() =>
			new Promise<void>((resolve, reject) => {
				const socket = connect(port, '127.0.0.1', () => (socket.destroy(), resolve())).on('error', reject);
			}),
		PATIENCE
	);
	return {
		url: `postgres://${to.username}@127.0.0.1:${port}/it`,
		stop: async () => {
			child.kill('SIGINT');
			await ended;
			rmSync(folder, { recursive: true });
		}
	};
}
