import { publishChange } from '../live/changes';
import type { Db } from '../db/client';

/** Jobs that wait in PostgreSQL for any free process. What there is to do is in the tables; a job only triggers a look. */
const JOB_NAMES = [
	'emails',
	'bounces',
	'rounds',
	'reminders',
	'due-cases',
	'cover',
	'reassessment',
	'audit-log',
	'webhooks',
	'directory',
	'retention',
	'closings',
	'figures'
] as const;

export type JobName = (typeof JOB_NAMES)[number];

/**
 * Has a job look for work as soon as the transaction that made it is committed; harmless if repeated. Lost where no process is listening at
 * that moment: the next run, at most a minute later, finds the work all the same.
 */
export const queueJob = (tx: Db, name: JobName): Promise<void> => publishChange(tx, `job:${name}`);
