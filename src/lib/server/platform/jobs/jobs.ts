import type pg from 'pg';
import PgBoss from 'pg-boss';
import { purgeUndoData } from '../acts/undo-acts';
import { purgeImportRecords } from '../../people/undo-import';
import { processDueCases } from '../../cases/check-ins/process-due-cases';
import { remindCheckIns } from '../../cases/check-ins/remind-check-ins';
import { purgeWriteLimits } from '../access/write-limits';
import type { Config } from '../config';
import { coverEmergencies } from '../cover/cover-job';
import type { Db } from '../db/client';
import { purgeDirectoryList, readDirectory } from '../../people/directory/read-directory';
import { sealAuditLog } from '../audit/seal-audit-log';
import { withDatabaseLock } from '../db/migrate';
import { writeErasures } from '../../people/erasure/erasures-file';
import { readOrganisation } from '../organisation/read-organisation';
import { applyRetention } from '../../people/erasure/retention';
import {
	countCasesToReassess,
	reassessOutdatedCases
} from '../../cases/case-assessments/reassess-outdated-cases';
import { describeError, log } from '../log';
import { deliverEmails, DEFAULT_CLAIM } from '../email/deliver-emails';
import { readMailbox } from '../email/read-mailbox';
import { smtpTransport, mailboxTransport, type MailTransport } from '../email/mail-transport';
import { QueueConnections } from './queue-connections';
import type { ShouldContinue } from './should-continue';
import { countDueFigures } from '../../workforce/count-due-figures';
import { forgetFigures } from '../../workforce/current-figures';
import { FiguresDatabase } from '../../workforce/figures-database';
import { publishDueClosings } from '../../workforce/publish-closing';
import { askTrialQuestions } from '../../plan/plans/ask-trial-questions';
import { applyRoundChanges } from '../../people/rounds/round-changes';
import { sendDueReminders } from '../../people/rounds/send-due-reminders';
import { sendRoundBatches } from '../../people/rounds/send-round';
import { deliverWebhookMessages, purgeWebhookMessages } from '../webhooks/deliver-messages';
import { postSigned } from '../webhooks/post-signed';

/** Jobs that wait in PostgreSQL for any free process. What there is to do is in the tables; a job only triggers a look. */
const JOBS = [
	'letters',
	'bounces',
	'round',
	'reminders',
	'due',
	'cover',
	'judging',
	'record',
	'webhooks',
	'directory',
	'retention',
	'closings',
	'figures'
] as const;

/** One kind of job. */
export type JobName = (typeof JOBS)[number];

/** When each runs besides being woken: every minute, and hourly where all people are looked through. */
const WHEN = (name: JobName) => (name === 'retention' || name === 'closings' ? '17 * * * *' : '* * * * *');

/** How long a job starts new parts of its work, ms: then the next one continues. */
const LONGEST_WORK_MS = 240_000;

/**
 * A job of a process that died counts as lost after this long, s: longer than any runs, including a last part of six minutes where a mail
 * server lets each email wait. Nothing waits for it: another runs every minute, and locked rows are free at once.
 */
const EXPIRE_SECONDS = 900;

/** Interval of polling the queue, s: how long an email waits at most before it is sent. */
const POLL_SECONDS = 1;

/** The job queue of one process. */
export interface Jobs {
	/** Says that there may be something to do; harmless if repeated. Call it after the transaction that caused it. */
	wake(name: JobName): void;
	stop(): Promise<void>;
}

function postmanOf(db: Db, config: Config, clock: () => Date): MailTransport {
	const { smtpUrl, mailFrom, mailPerMinute } = config;
	return smtpUrl ? smtpTransport(smtpUrl, mailFrom, mailPerMinute) : mailboxTransport(db, clock);
}

/**
 * Joins the queue: this process takes jobs, and so may any number of others. Each kind of job also runs every minute, so that nothing is
 * lost with a wake-up that died with a process.
 */
export async function startJobs(
	{
		db,
		pool,
		config,
		figures = new FiguresDatabase(db, null),
		reassess = (shallGoOn) => reassessOutdatedCases(db, clock, shallGoOn)
	}: {
		db: Db;
		pool: pg.Pool;
		config: Config;
		figures?: FiguresDatabase;
		/** Assesses the cases under other rules; in this thread unless another is given. */
		reassess?: (shallGoOn: ShouldContinue, workMs: number) => Promise<number>;
	},
	clock: () => Date
): Promise<Jobs> {
	const connections = new QueueConnections(config.databaseUrl);
	const boss = new PgBoss({
		db: connections,
		// At most one of each kind waits, and completed jobs are soon of no interest.
		archiveCompletedAfterSeconds: 3600,
		deleteAfterDays: 1,
		monitorStateIntervalSeconds: 60
	});
	boss.on('error', (error) => log({ level: 'error', event: 'queue', ...describeError(error) }));
	// The queue creates its tables on first start, and fails at it where several processes try at once.
	await withDatabaseLock(pool, () => boss.start());
	await forgetFigures(db);
	const postman = postmanOf(db, config, clock);
	const post = postSigned(config.privateHosts);
	const work: Record<JobName, (shallGoOn: ShouldContinue) => Promise<unknown>> = {
		letters: (shallGoOn) => deliverEmails(db, postman, config.origin, clock, { ...DEFAULT_CLAIM, shallGoOn }),
		bounces: async (shallGoOn) => {
			if (config.bouncesMailbox) await readMailbox(db, config.bouncesMailbox, clock, shallGoOn);
		},
		round: async (shallGoOn) => {
			const helpers = { callOthers: () => wake('round'), seal: () => wake('record') };
			// Who is to be called after a round is assessed by what is due.
			if ((await applyRoundChanges(db, clock, shallGoOn)) > 0) wake('due');
			if ((await sendRoundBatches(db, clock, shallGoOn, helpers)) > 0) {
				wake('letters');
				wake('record');
			}
		},
		reminders: async (shallGoOn) => {
			const letters = (await sendDueReminders(db, clock(), shallGoOn)) + (await remindCheckIns(db, clock()));
			if (letters > 0) wake('letters');
		},
		due: async (shallGoOn) => {
			await purgeUndoData(db, clock());
			await purgeImportRecords(db, clock());
			const asked = await askTrialQuestions(db, clock(), shallGoOn);
			if ((await processDueCases(db, clock(), shallGoOn)) + asked > 0) wake('letters');
		},
		cover: async () => {
			const n = await coverEmergencies(db, post, clock);
			if (n > 0) log({ level: 'warn', event: 'deputy-alerted', emergencies: n });
			if (n > 0) wake('letters');
		},
		record: async (shallGoOn) => {
			const { n, newest, missing } = await sealAuditLog(db, clock, shallGoOn);
			// Whoever keeps the log has this apart from the database: it proves later that nothing was changed.
			if (n > 0) log({ level: 'info', event: 'record-sealed', lines: n, seal: newest ?? '' });
			// The alarm comes before anything that may fail.
			if (missing !== 0) log({ level: 'error', event: 'record-lines-missing', lines: missing });
			// Acts are told once their lines are sealed.
			if (n > 0) wake('webhooks');
			if (config.erasuresFile !== '') await writeErasures(db, config.erasuresFile);
		},
		webhooks: (shallGoOn) => deliverWebhookMessages(db, post, clock, shallGoOn),
		directory: async () => {
			const read = config.directory && (await readDirectory(db, config.directory, clock));
			if (read?.fault) log({ level: 'warn', event: 'directory-not-read', fault: read.fault });
			else if (read) log({ level: 'info', event: 'directory-read', people: read.people });
		},
		retention: async () => {
			await purgeWriteLimits(db, clock());
			await purgeWebhookMessages(db, clock());
			await purgeDirectoryList(db, clock());
			const { timeZone } = await readOrganisation(db);
			const n = await applyRetention(db, clock(), timeZone);
			if (n > 0) log({ level: 'info', event: 'retention', erased: n });
			if (n > 0) wake('record');
		},
		closings: async (shallGoOn) => {
			const n = await publishDueClosings(db, clock, shallGoOn);
			if (n > 0) log({ level: 'info', event: 'closings-published', closings: n });
		},
		figures: (shallGoOn) => countDueFigures({ db, figures }, clock, shallGoOn),
		// The longest job of all, after an update.
		judging: async (shallGoOn) => {
			// Asked every minute: nothing is started for it where there is nothing to do.
			if ((await countCasesToReassess(db)) > 0) await reassess(shallGoOn, LONGEST_WORK_MS);
		}
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
				// The queue retries by itself, and would log nothing.
				log({ level: 'error', event: `job:${name}`, ...describeError(error) });
				throw error;
			}
		});
		await boss.schedule(name, WHEN(name));
	}
	function wake(name: JobName): void {
		// A failed wake-up costs at most the minute until the next run.
		boss
			.send(name, {})
			.catch((error: unknown) => log({ level: 'warn', event: 'wake', ...describeError(error) }));
	}
	// Work that is already waiting need not wait for the first minute.
	for (const name of JOBS) wake(name);
	const stop = async () => {
		await boss.stop({ graceful: true, wait: true, timeout: 5000 });
		await connections.close();
		postman.close?.();
	};
	return { wake, stop };
}
