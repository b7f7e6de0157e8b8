/** The server's thread that solves plans: a job comes in by message, its answer goes back. */
import { parentPort } from 'node:worker_threads';
import { adviseCorner } from '$lib/core/advice';
import { shareHousehold } from '$lib/core/plan';
import type { PlanJob } from '$lib/server/planning/planning';

parentPort?.on('message', (job: PlanJob) =>
	parentPort?.postMessage(job.kind === 'advise' ? adviseCorner(job.corner) : shareHousehold(job.spots))
);
