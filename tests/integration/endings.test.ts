import { once } from 'node:events';
import { createServer, connect, type Socket } from 'node:net';
import { get, type IncomingMessage } from 'node:http';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startApp, type App } from '../../bin/lib/app.mjs';
import { freePort } from '../../bin/lib/net.mjs';
import { cookieOf } from '../support/attack';
import type { TestDatabase } from '../support/database';
import { makeFilledDatabase } from '../support/filled-database';
import { SmtpStandIn } from '../support/smtp-stand-in';

/** Downloads of the desk; those of one person are below their case. */
const DOWNLOADS = [
	'/desk/organisation/archive/file',
	'/desk/people/export',
	'/desk/record/export',
	'/desk/equipment/export',
	'/desk/workforce/figures',
	'/desk/people/export/fhir',
	'/desk/organisation/checklist/file',
	'/desk/organisation/policy/file'
];
const OF_PERSON = ['/everything/archive', '/everything/data', '/everything/fhir'];

/** A reader of an archive goes after so many bytes; the demo's has some millions. */
const OFFSETS = Array.from({ length: 20 }, (_, i) => Math.round(1 + i ** 4.3));

let test: TestDatabase;
let app: App;
let mail: SmtpStandIn;
/** A service that takes a connection and never says a word. */
let mute: ReturnType<typeof createServer>;
let folder: string;
let cookie: string;
let ports: { metrics: number; bounces: number };
const muted: Socket[] = [];

const listening = async (server: ReturnType<typeof createServer>) => {
	server.listen(0, '127.0.0.1');
	await once(server, 'listening');
	const address = server.address();
	return typeof address === 'object' && address ? address.port : 0;
};

/** Starts reading something. */
const ask = (path: string) =>
	new Promise<IncomingMessage>((resolve, reject) => {
		get(`${app.address}${path}`, { headers: { cookie } }, resolve).on('error', reject);
	});

beforeAll(async () => {
	test = await makeFilledDatabase();
	mail = await SmtpStandIn.start();
	// Whatever is handed to it waits for an answer that never comes.
	mail.answer = () => null;
	mute = createServer((socket) => void muted.push(socket.on('error', () => {})));
	const silent = await listening(mute);
	folder = mkdtempSync(join(tmpdir(), 'easy-corner-endings-'));
	ports = { metrics: (await freePort(0)) ?? 0, bounces: (await freePort(0)) ?? 0 };
	app = await startApp({
		url: test.url,
		port: (await freePort(0)) ?? 0,
		env: {
			EASY_CORNER_MODE: 'demo',
			EASY_CORNER_METRICS_PORT: String(ports.metrics),
			EASY_CORNER_BOUNCES_PORT: String(ports.bounces),
			EASY_CORNER_BOUNCES_MAILBOX: `imap://a:b@127.0.0.1:${silent}/INBOX`,
			EASY_CORNER_SMTP: mail.url,
			EASY_CORNER_MAIL_FROM: 'Easy Corner <corner@organisation.example>',
			EASY_CORNER_REPLICA_URL: test.url,
			EASY_CORNER_ERASURES_FILE: join(folder, 'erasures.jsonl'),
			EASY_CORNER_SCIM_URL: `http://127.0.0.1:${silent}/scim`,
			EASY_CORNER_PRIVATE_HOSTS: '127.0.0.1'
		},
		log: 'pipe'
	});
	cookie = await cookieOf(app.address, 'coordinator@lanterns.example', 'tarn-valley-demo');
});

afterAll(async () => {
	await app.kill();
	for (const socket of muted) socket.destroy();
	mute.close();
	await mail.stop();
	await test.drop();
	rmSync(folder, { recursive: true, force: true });
});

describe('a download', () => {
	it('that its reader gives up, at whatever byte, ends nothing but itself', async () => {
		const [person] = (
			await test.pool.query<{ id: string }>(
				'select person_id as id from plans p join assessments a on a.id = p.assessment_id limit 1'
			)
		).rows;
		const paths = [...DOWNLOADS, ...OF_PERSON.map((path) => `/desk/cases/${person?.id}${path}`)];
		for (const path of paths) {
			const whole = await ask(path);
			expect(whole.statusCode, path).toBe(200);
			let bytes = 0;
			for await (const chunk of whole) bytes += (chunk as Buffer).length;
			expect(bytes, path).toBeGreaterThan(0);
			for (const at of OFFSETS.filter((offset) => offset < bytes)) {
				const part = await ask(path);
				let read = 0;
				for await (const chunk of part) {
					read += (chunk as Buffer).length;
					// Leaving the loop breaks the connection off.
					if (read >= at) break;
				}
			}
		}
		const health = await fetch(`${app.address}/health`);
		expect(health.status).toBe(200);
		// Each connection that an archive was read by has ended with it.
		await expect
			.poll(async () => {
				const { rows } = await test.pool.query<{ n: number }>(
					`select count(*)::int as n from pg_stat_activity where datname = current_database() and query like 'copy (%'`
				);
				return rows[0]?.n;
			})
			.toBe(0);
		// A mailbox that never says a word is a failure of its own, once it has been waited for.
		expect(app.failures().filter((line) => !line.includes('"event":"job:bounces"'))).toEqual([]);
	});
});

describe('the program', () => {
	it('ends by itself when it is asked to, with every option set and everybody in the midst of something', async () => {
		// Connections that stay: a scraper's, a mail server's, a browser's.
		const staying = [connect(ports.metrics, '127.0.0.1'), connect(ports.bounces, '127.0.0.1')];
		for (const socket of staying) socket.on('error', () => {});
		await Promise.all(staying.map((socket) => once(socket, 'connect')));
		staying[1]?.write('EHLO there\r\n');
		// Readers that don't read on: their responses stay open.
		const slow = await Promise.all(Array.from({ length: 3 }, () => ask('/desk/organisation/archive/file')));
		for (const response of slow) response.on('error', () => {}).pause();
		const stream = await ask('/desk/live');
		stream.on('error', () => {});
		// An email that the mail server never takes.
		await test.pool.query(
			`update emails set state = 'waiting', next_try_at = now(), claimed_until = null where id in (select id from emails where person_id is not null limit 20)`
		);
		// Pages as fast as they come.
		let isOver = false;
		const loading = Array.from({ length: 4 }, async () => {
			while (!isOver)
				await fetch(`${app.address}/desk`, { headers: { cookie } })
					.then((response) => response.arrayBuffer())
					.catch(() => (isOver = true));
		});
		const began = performance.now();
		expect(await app.stop()).toBe(true);
		process.stdout.write(`ended ${((performance.now() - began) / 1000).toFixed(1)} s after SIGTERM\n`);
		isOver = true;
		await Promise.all(loading);
		for (const socket of staying) socket.destroy();
	});
});
