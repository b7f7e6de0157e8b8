import type { Config } from '../config';
import type { Db } from '../db/client';
import type { MailTransport } from '../email/mail-transport';
import type { postSigned } from '../webhooks/post-signed';
import type { FiguresDatabase } from '../../workforce/figures-database';
import type { JobName } from './queue-job';
import type { ShouldContinue } from './should-continue';

export interface JobContext {
	readonly db: Db;
	readonly config: Config;
	readonly figures: FiguresDatabase;
	readonly transport: MailTransport;
	readonly post: ReturnType<typeof postSigned>;
	readonly clock: () => Date;
	/** Assesses the cases under other rules, for so long at most. */
	readonly reassess: (shouldContinue: ShouldContinue, workMs: number) => Promise<number>;
}

/** When a job runs besides being queued: every minute, or hourly where it looks through everybody. */
export type Schedule = 'every-minute' | 'hourly';

export interface Job {
	readonly name: JobName;
	readonly schedule: Schedule;
	/**
	 * Looks for work and does it.
	 * @param shouldContinue whether to begin another part; what is left is for the next run
	 */
	run(context: JobContext, shouldContinue: ShouldContinue): Promise<unknown>;
}

/** Defines a kind of job; it runs every minute unless it says otherwise. */
export const defineJob = (
	name: JobName,
	run: Job['run'],
	{ schedule = 'every-minute' }: { readonly schedule?: Schedule } = {}
): Job => ({ name, schedule, run });
