import { WriteLimits } from './access/write-limits';
import { readConfig, type Config } from './config';
import { openDatabase, type OpenDatabase } from './db/client';
import { startJobs, type Jobs } from './jobs/jobs';
import { Changes } from './live/changes';
import { PlanPool } from './planning/plan-pool';
import type { Planning } from './planning/planning';

/** What one process of the application runs on; made on first use, so that a build touches no database. */
interface Runtime extends OpenDatabase {
	readonly config: Config;
	readonly planning: Planning;
	readonly changes: Changes;
	readonly writes: WriteLimits;
}

/** The queue, once it has been joined; before that nothing is woken and the next look of any process finds the work. */
let joined: Jobs | null = null;

/** Wakes the queue. @param name what there is to do */
export const wake: Jobs['wake'] = (name) => joined?.wake(name);

/** Joins the queue, once the database is of this version; leaves it when the process is asked to end. */
export async function joinQueue(): Promise<void> {
	const { db, config, pool, changes } = runtime();
	const jobs = await startJobs({ db, pool, config }, () => new Date());
	joined = jobs;
	// Streams are ended first, as adapter-node waits for what is being answered; then it tells that it has stopped.
	for (const signal of ['SIGTERM', 'SIGINT'] as const) process.once(signal, () => changes.close());
	process.once('sveltekit:shutdown', () => {
		void jobs.stop().finally(() => pool.end());
	});
}

let made: Runtime | null = null;

/** The process's settings, database and planning threads. */
export function runtime(): Runtime {
	if (!made) {
		const config = readConfig(process.env);
		const { databaseUrl } = config;
		made = {
			config,
			planning: new PlanPool(),
			changes: new Changes(databaseUrl),
			writes: new WriteLimits(config.writesFactor),
			...openDatabase(databaseUrl, config.timeZone)
		};
	}
	return made;
}
