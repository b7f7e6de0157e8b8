import { readFileSync } from 'node:fs';
import { request } from 'node:http';
import { Worker } from 'node:worker_threads';
import { startApp } from '../bin/lib/app.mjs';
import { freePort } from '../bin/lib/net.mjs';
import { needBuild } from '../bin/lib/packages.mjs';
import { startPostgres } from '../bin/lib/postgres.mjs';
import { print, quantile, rounded } from './measure';

/** Bodies that are sent at once, and how large each is, MB. */
const BODIES = 60;
const MB_EACH = 25;

const MB = 1024 * 1024;

/** Interval between two looks at the application's memory, ms. */
const LOOK_MS = 50;

const later = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** Resident memory of a process, MB. Linux only, like the project's commands. */
function residentMb(pid: number): number {
	const kB = /VmRSS:\s+(\d+) kB/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1];
	return Number(kB ?? Number.NaN) / 1024;
}

/**
 * Sends a chunked body without a stated size to a route that reads one.
 * @returns the status of the response; 0 where the connection was closed
 */
function sendChunked(address: string): Promise<number> {
	return new Promise((resolve) => {
		const sent = request(
			`${address}/desk/sign-in`,
			{
				method: 'POST',
				headers: {
					origin: address,
					accept: 'text/html',
					'content-type': 'application/x-www-form-urlencoded',
					'transfer-encoding': 'chunked'
				}
			},
			(response) => {
				response.resume();
				response.on('end', () => resolve(response.statusCode ?? 0));
			}
		);
		sent.on('error', () => resolve(0));
		const chunk = Buffer.alloc(64 * 1024, 'a');
		let left = MB_EACH * MB;
		// One chunk per turn, so that all bodies are sent in parallel.
		const write = () => {
			if (left <= 0 || sent.destroyed) return void sent.end();
			left -= chunk.length;
			if (sent.write(chunk)) setImmediate(write);
			else sent.once('drain', write);
		};
		write();
	});
}

/**
 * Many large chunked bodies from clients that are not signed in: how much the application's memory grows, and how long others wait
 * in the meantime.
 */
export async function benchBodies(): Promise<void> {
	await needBuild();
	const postgres = await startPostgres({ temporary: true });
	const app = await startApp({
		url: postgres.url,
		port: (await freePort(0)) ?? 0,
		env: { EASY_CORNER_MODE: 'demo', EASY_CORNER_WRITES_FACTOR: '100' },
		log: 'pipe'
	});
	try {
		// As warm as an application that has run for an hour.
		for (let i = 0; i < 300; i += 1) await (await fetch(`${app.address}/desk/sign-in`)).arrayBuffer();
		await later(2000);
		const before = residentMb(app.pid);
		let [isOver, most] = [false, before];
		const health = new Worker(new URL('./health-worker.mjs', import.meta.url), { workerData: app.address });
		const looked = new Promise<number[]>((resolve) => void health.once('message', resolve));
		const look = async () => {
			while (!isOver) {
				most = Math.max(most, residentMb(app.pid));
				await later(LOOK_MS);
			}
		};
		const looking = look();
		const statuses = await Promise.all(Array.from({ length: BODIES }, () => sendChunked(app.address)));
		isOver = true;
		health.postMessage('over');
		const waits = await looked;
		await looking;
		waits.sort((a, b) => a - b);
		print({
			figure: `bodies: ${BODIES} in chunks of ${MB_EACH} MB at once, by nobody who is signed in`,
			unit: 'MB',
			memoryBefore: rounded(before),
			memoryGrew: rounded(most - before),
			answers: Object.fromEntries(
				[...new Set(statuses)].map((status) => [status, statuses.filter((one) => one === status).length])
			),
			looks: waits.length,
			healthP95Ms: rounded(quantile(waits, 0.95)),
			healthMaxMs: rounded(waits.at(-1) ?? 0)
		});
	} finally {
		await app.stop();
		await postgres.stop();
	}
}
