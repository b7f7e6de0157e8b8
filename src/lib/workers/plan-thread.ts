/** The server thread that solves plans: a job comes in as a message, and its result goes back. */
import { parentPort } from 'node:worker_threads';
import { adviseCorner } from '$lib/core/plan/advice/advise-corner';
import { shareHousehold } from '$lib/core/plan/share-household';
import { solveBudget, type PlanJob } from '$lib/server/plan/planning/planning';

function answer(job: PlanJob): unknown {
	switch (job.kind) {
		case 'advise':
			return adviseCorner(job.corner);
		case 'share':
			return shareHousehold(job.spots);
		case 'budget':
			return solveBudget(job.question);
	}
}

parentPort?.on('message', (job: PlanJob) => parentPort?.postMessage(answer(job)));
