/** The server thread that assesses the cases under other rules: `ReassessStart` comes with it, and how many were assessed goes back. */
import { setPriority } from 'node:os';
import { parentPort, workerData } from 'node:worker_threads';
import { configureKeys } from '$lib/server/platform/access/secret-keys';
import { reassessOutdatedCases } from '$lib/server/cases/case-assessments/reassess-outdated-cases';
import type { ReassessStart } from '$lib/server/cases/case-assessments/reassess-thread';
import { openDatabase } from '$lib/server/platform/db/client';
import { publishedByNow } from '$lib/server/platform/live/publish-batched';

/** Whoever waits for a page goes first: half as urgent as the process's other threads. On Linux, of this thread alone. */
const NICENESS = 5;

async function reassess({ databaseUrl, poolerUrl, keys, workMs }: ReassessStart): Promise<void> {
	const began = performance.now();
	let isStopped = false;
	parentPort?.once('message', () => {
		isStopped = true;
	});
	if (process.platform === 'linux') setPriority(NICENESS);
	configureKeys(keys);
	const { db, pool } = openDatabase(databaseUrl, poolerUrl);
	try {
		const shallGoOn = () => !isStopped && performance.now() - began < workMs;
		const n = await reassessOutdatedCases(db, () => new Date(), shallGoOn);
		await publishedByNow(db);
		parentPort?.postMessage(n);
	} finally {
		await pool.end();
		parentPort?.close();
	}
}

void reassess(workerData as ReassessStart);
