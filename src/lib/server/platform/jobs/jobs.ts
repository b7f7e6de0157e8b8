import { auditLogJob } from './audit-log.job';
import { bouncesJob } from './bounces.job';
import { closingsJob } from './closings.job';
import { coverJob } from './cover.job';
import type { Job } from './define-job';
import { directoryJob } from './directory.job';
import { dueCasesJob } from './due-cases.job';
import { emailsJob } from './emails.job';
import { figuresJob } from './figures.job';
import { reassessmentJob } from './reassessment.job';
import { remindersJob } from './reminders.job';
import { retentionJob } from './retention.job';
import { roundsJob } from './rounds.job';
import { webhooksJob } from './webhooks.job';

/** Every kind of job. */
export const JOBS: readonly Job[] = [
	emailsJob,
	bouncesJob,
	roundsJob,
	remindersJob,
	dueCasesJob,
	coverJob,
	reassessmentJob,
	auditLogJob,
	webhooksJob,
	directoryJob,
	retentionJob,
	closingsJob,
	figuresJob
];
