import { ReassessThread } from '../cases/case-assessments/reassess-thread';
import { configureKeys } from './access/secret-keys';
import { WriteLimits } from './access/write-limits';
import { readConfig, type Config } from './config';
import { openDatabase, type OpenDatabase } from './db/client';
import { DatabaseWatch } from './db/database-watch';
import { startJobs } from './jobs/start-jobs';
import { ChangeFeed } from './live/changes';
import { publishedByNow } from './live/publish-batched';
import { OpenStreams } from './live/open-streams';
import { PlanPool } from '../plan/planning/plan-pool';
import { FiguresDatabase } from '../workforce/figures-database';
import { receiveBounces } from './email/receive-bounces';
import { log } from './log';
import { serveMetrics } from './metrics/metrics';

/** What one process of the application runs on; made on first use, so that a build touches no database. */
interface Runtime extends OpenDatabase {
	readonly config: Config;
	readonly planning: PlanPool;
	readonly figures: FiguresDatabase;
	/** The replica's connections; null where there is none. */
	readonly replica: OpenDatabase | null;
	readonly changes: ChangeFeed;
	readonly streams: OpenStreams;
	readonly watch: DatabaseWatch;
	readonly writes: WriteLimits;
}

/**
 * The process ends this long after it was asked to, ms, whatever still works on something: less than what starts it waits (30 s by
 * `deploy`), so that it is never killed. What is cut off is in the database, and the queue takes it up again.
 */
const LONGEST_END_MS = 9000;

/**
 * Joins the queue and opens the ports of its own, once the database has this version; ends all of it when the process is asked to end.
 * @throws ConfigError where a port can't be used
 */
export async function startServices(): Promise<void> {
	const { db, config, pool, figures, replica, changes, watch } = runtime();
	const { databaseUrl, poolerUrl, keys } = config;
	const { bouncesPort, metricsPort } = config;
	// Ports first: whoever can't open one is told before anything has begun.
	const receiver = bouncesPort === null ? null : await receiveBounces(db, bouncesPort, () => new Date());
	const endMetrics = metricsPort === null ? null : await serveMetrics(metricsPort, runtime());
	watch.start();
	const thread = new ReassessThread();
	const reassess = (_: unknown, workMs: number) => thread.run({ databaseUrl, poolerUrl, keys, workMs });
	const jobs = await startJobs({ db, pool, config, figures, changes, reassess }, () => new Date());
	for (const signal of ['SIGTERM', 'SIGINT'] as const)
		process.once(signal, () => {
			// Streams end first, because adapter-node waits for open responses; then it reports that it has stopped.
			changes.close();
			setTimeout(() => {
				log({ level: 'warn', event: 'ended-at-limit' });
				process.exit(0);
			}, LONGEST_END_MS).unref();
		});
	process.once('sveltekit:shutdown', () => {
		void endMetrics?.();
		void receiver?.stop();
		thread.stop();
		void jobs.stop().finally(async () => {
			watch.stop();
			await publishedByNow(db);
			void pool.end();
			void replica?.pool.end();
		});
	});
}

let made: Runtime | null = null;

/** The process's settings, database and planning threads. */
export function runtime(): Runtime {
	if (!made) {
		const config = readConfig(process.env);
		const { databaseUrl, poolerUrl, replicaUrl } = config;
		configureKeys(config.keys);
		const open = openDatabase(databaseUrl, poolerUrl);
		const replica = replicaUrl === null ? null : openDatabase(replicaUrl);
		const changes = new ChangeFeed(databaseUrl);
		made = {
			config,
			figures: new FiguresDatabase(open.db, replica?.db ?? null),
			replica,
			planning: new PlanPool(),
			changes,
			streams: new OpenStreams(),
			writes: new WriteLimits(open.pool, config.writesFactor),
			watch: new DatabaseWatch(databaseUrl, () => {
				open.drop();
				changes.drop();
			}),
			...open
		};
	}
	return made;
}
