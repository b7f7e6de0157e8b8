import type pg from 'pg';
import PgBoss from 'pg-boss';
import { reassessOutdatedCases } from '../../cases/case-assessments/reassess-outdated-cases';
import { forgetFigures } from '../../workforce/current-figures';
import { FiguresDatabase } from '../../workforce/figures-database';
import type { Config } from '../config';
import type { Db } from '../db/client';
import { withDatabaseLock } from '../db/migrate';
import { testInboxTransport, smtpTransport, type MailTransport } from '../email/mail-transport';
import { ChangeFeed } from '../live/changes';
import { describeError, log } from '../log';
import { postSigned } from '../webhooks/post-signed';
import type { Job, JobContext, Schedule } from './define-job';
import { JOBS } from './jobs';
import { QueueConnections } from './queue-connections';
import type { JobName } from './queue-job';
import { LONGEST_WORK_MS } from './should-continue';

const CRON: Readonly<Record<Schedule, string>> = { 'every-minute': '* * * * *', hourly: '17 * * * *' };

/**
 * A job of a process that died counts as lost after this long, s: longer than any runs, including a last part of six minutes where a mail
 * server lets each email wait. Nothing waits for it: another runs every minute, and locked rows are free at once.
 */
const EXPIRE_SECONDS = 900;

/** Interval of polling the queue, s: how long an email waits at most before it is sent. */
const POLL_SECONDS = 1;

/** How long one job's messages are gathered, ms: a batch that commits row by row is one look, not one a row. */
const GATHER_MS = 100;

/** The job queue of one process. */
export interface Jobs {
	stop(): Promise<void>;
}

function transportOf(db: Db, config: Config, clock: () => Date): MailTransport {
	const { smtpUrl, mailFrom, mailPerMinute } = config;
	return smtpUrl ? smtpTransport(smtpUrl, mailFrom, mailPerMinute) : testInboxTransport(db, clock);
}

/** What a process joins the queue with; whatever is left out it makes itself. */
interface JobsOptions {
	readonly db: Db;
	readonly pool: pg.Pool;
	readonly config: Config;
	readonly figures?: FiguresDatabase;
	readonly changes?: Pick<ChangeFeed, 'follow'>;
	/** Assesses the cases under other rules; in this thread unless another is given. */
	readonly reassess?: JobContext['reassess'];
}

/** The queue's tables are created on first start, which fails where several processes try at once. */
async function joinQueue(pool: pg.Pool, connections: QueueConnections): Promise<PgBoss> {
	const boss = new PgBoss({
		db: connections,
		// At most one of each kind waits, and completed jobs are soon of no interest.
		archiveCompletedAfterSeconds: 3600,
		deleteAfterDays: 1,
		monitorStateIntervalSeconds: 60
	});
	boss.on('error', (error) => log({ level: 'error', event: 'queue', ...describeError(error) }));
	await withDatabaseLock(pool, () => boss.start());
	return boss;
}

/**
 * Joins the queue: this process takes jobs, and so may any number of others. Each kind of job also runs by schedule, so that nothing is lost
 * with a message that no process heard.
 */
export async function startJobs(
	{
		db,
		pool,
		config,
		figures = new FiguresDatabase(db, null),
		changes = new ChangeFeed(config.databaseUrl),
		reassess = (shouldContinue) => reassessOutdatedCases(db, clock, shouldContinue)
	}: JobsOptions,
	clock: () => Date
): Promise<Jobs> {
	const connections = new QueueConnections(config.databaseUrl);
	const boss = await joinQueue(pool, connections);
	await forgetFigures(db);
	const transport = transportOf(db, config, clock);
	const post = postSigned(config.privateHosts);
	const context: JobContext = { db, config, figures, transport, post, clock, reassess };
	const send = (name: JobName) => {
		// One that can't be sent costs at most the minute until the next run.
		boss
			.send(name, {})
			.catch((error: unknown) => log({ level: 'warn', event: 'wake', ...describeError(error) }));
	};
	const work = async ({ name, run }: Job) => {
		const began = performance.now();
		const shouldContinue = () => performance.now() - began < LONGEST_WORK_MS;
		try {
			await run(context, shouldContinue);
			if (!shouldContinue()) send(name);
		} catch (error) {
			// The queue retries by itself, and would log nothing.
			log({ level: 'error', event: `job:${name}`, ...describeError(error) });
			throw error;
		}
	};
	const unfollow: (() => void)[] = [];
	const gathering = new Map<JobName, NodeJS.Timeout>();
	const sendSoon = (name: JobName) => {
		if (gathering.has(name)) return;
		const sendNow = () => {
			gathering.delete(name);
			send(name);
		};
		gathering.set(name, setTimeout(sendNow, GATHER_MS));
	};
	for (const job of JOBS) {
		const { name, schedule } = job;
		await withDatabaseLock(pool, () =>
			boss.createQueue(name, {
				name,
				policy: 'short',
				retryLimit: 5,
				retryBackoff: true,
				retryDelay: 2,
				expireInSeconds: EXPIRE_SECONDS
			})
		);
		await boss.work(name, { pollingIntervalSeconds: POLL_SECONDS, batchSize: 1 }, () => work(job));
		await boss.schedule(name, CRON[schedule]);
		// The first look is for work that is already waiting.
		unfollow.push(changes.follow(`job:${name}`, { look: () => sendSoon(name), end: () => {} }));
	}
	const stop = async () => {
		for (const end of unfollow) end();
		for (const timer of gathering.values()) clearTimeout(timer);
		await boss.stop({ graceful: true, wait: true, timeout: 5000 });
		await connections.close();
		transport.close?.();
	};
	return { stop };
}
