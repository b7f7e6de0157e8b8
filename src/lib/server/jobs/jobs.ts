import type pg from 'pg';
import PgBoss from 'pg-boss';
import { purgeUndoData } from '../acts/undo-acts';
import { processDueCases } from '../check-ins/process-due-cases';
import { remindCheckIns } from '../check-ins/remind-check-ins';
import { purgeWriteLimits } from '../access/write-limits';
import type { Config } from '../config';
import type { Db } from '../db/client';
import { sealAuditLog } from '../audit/seal-audit-log';
import { withDatabaseLock } from '../db/migrate';
import { writeErasures } from '../erasure/erasures-file';
import { applyRetention } from '../erasure/retention';
import { reassessOutdatedCases } from '../case-assessments/reassess-outdated-cases';
import { describeError, log } from '../log';
import { deliverEmails, DEFAULT_CLAIM } from '../email/deliver-emails';
import { readMailbox } from '../email/read-mailbox';
import { smtpTransport, mailboxTransport, type MailTransport } from '../email/mail-transport';
import { QueueConnections } from './queue-connections';
import type { ShouldContinue } from './should-continue';
import { sendDueReminders } from '../rounds/send-due-reminders';
import { sendRoundBatches } from '../rounds/send-round';

/** Work that waits in PostgreSQL for whichever process is free. What there is to do stands in the tables; a job only says: look. */
const JOBS = ['letters', 'bounces', 'round', 'reminders', 'due', 'judging', 'record', 'retention'] as const;

/** One kind of work. */
export type JobName = (typeof JOBS)[number];

/** When each is looked for beside what wakes it: every minute, and what is looked for among all people once an hour. */
const WHEN = (name: JobName) => (name === 'retention' ? '17 * * * *' : '* * * * *');

/** How long one job begins new parts of its work, ms: then the next one goes on with it. */
const LONGEST_WORK_MS = 240_000;

/**
 * A job of a process that died counts as lost after this long, s: longer than any works, with a last part of six minutes where a mail server
 * lets each letter wait. Nothing waits for it: every minute another looks, and the rows it had locked are free at once.
 */
const EXPIRE_SECONDS = 900;

/** Seconds between two looks into the queue: how long a letter waits at most before it leaves. */
const POLL_SECONDS = 1;

/** The queue of one process. */
export interface Jobs {
	/** Says that there is something to do; harmless where it is known. Called after the transaction that made it. */
	wake(name: JobName): void;
	stop(): Promise<void>;
}

function postmanOf(db: Db, config: Config, clock: () => Date): MailTransport {
	const { smtpUrl, mailFrom, mailPerMinute } = config;
	return smtpUrl ? smtpTransport(smtpUrl, mailFrom, mailPerMinute) : mailboxTransport(db, clock);
}

/**
 * Joins the queue: this process takes jobs, and so may any number of others. Each kind of work also runs once a minute by
 * itself, so that nothing waits for a wake-up that was lost with a process.
 */
export async function startJobs(
	{ db, pool, config }: { db: Db; pool: pg.Pool; config: Config },
	clock: () => Date
): Promise<Jobs> {
	const connections = new QueueConnections(config.databaseUrl);
	const boss = new PgBoss({
		db: connections,
		// At most one of each kind waits, and what is done is of no interest for long.
		archiveCompletedAfterSeconds: 3600,
		deleteAfterDays: 1,
		monitorStateIntervalSeconds: 60
	});
	boss.on('error', (error) => log({ level: 'error', event: 'queue', ...describeError(error) }));
	// The queue makes its tables at the first start, and does so badly where several processes try at once.
	await withDatabaseLock(pool, () => boss.start());
	const postman = postmanOf(db, config, clock);
	const work: Record<JobName, (shallGoOn: ShouldContinue) => Promise<unknown>> = {
		letters: (shallGoOn) => deliverEmails(db, postman, config.origin, clock, { ...DEFAULT_CLAIM, shallGoOn }),
		bounces: async (shallGoOn) => {
			if (config.bouncesMailbox) await readMailbox(db, config.bouncesMailbox, clock, shallGoOn);
		},
		round: async (shallGoOn) => {
			if ((await sendRoundBatches(db, clock, shallGoOn)) > 0) wake('letters');
		},
		reminders: async (shallGoOn) => {
			const letters = (await sendDueReminders(db, clock(), shallGoOn)) + (await remindCheckIns(db, clock()));
			if (letters > 0) wake('letters');
		},
		due: async (shallGoOn) => {
			await purgeUndoData(db, clock());
			if ((await processDueCases(db, clock(), shallGoOn)) > 0) wake('letters');
		},
		record: async (shallGoOn) => {
			const { n, newest, missing } = await sealAuditLog(db, clock, shallGoOn);
			// Kept apart from the database by whoever keeps the log: what proves later that nothing was changed.
			if (n > 0) log({ level: 'info', event: 'record-sealed', lines: n, seal: newest ?? '' });
			if (config.erasuresFile !== '') await writeErasures(db, config.erasuresFile);
			if (missing !== 0) log({ level: 'error', event: 'record-lines-missing', lines: missing });
		},
		retention: async () => {
			await purgeWriteLimits(db, clock());
			const n = await applyRetention(db, clock(), config.timeZone);
			if (n > 0) log({ level: 'info', event: 'retention', erased: n });
			if (n > 0) wake('record');
		},
		// The longest work of all, after an update.
		judging: (shallGoOn) => reassessOutdatedCases(db, clock, shallGoOn)
	};
	for (const name of JOBS) {
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
		await boss.work(name, { pollingIntervalSeconds: POLL_SECONDS, batchSize: 1 }, async () => {
			const began = performance.now();
			const shallGoOn = () => performance.now() - began < LONGEST_WORK_MS;
			try {
				await work[name](shallGoOn);
				if (!shallGoOn()) wake(name);
			} catch (error) {
				// The queue tries again by itself, and would say nothing of it.
				log({ level: 'error', event: `job:${name}`, ...describeError(error) });
				throw error;
			}
		});
		await boss.schedule(name, WHEN(name));
	}
	function wake(name: JobName): void {
		// A wake-up that fails costs at most the minute until the next look.
		boss
			.send(name, {})
			.catch((error: unknown) => log({ level: 'warn', event: 'wake', ...describeError(error) }));
	}
	// What waits already need not wait for the first minute.
	for (const name of JOBS) wake(name);
	const stop = async () => {
		await boss.stop({ graceful: true, wait: true, timeout: 5000 });
		await connections.close();
		postman.close?.();
	};
	return { wake, stop };
}
