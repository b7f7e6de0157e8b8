import { DEFAULT_CLAIM, deliverEmails } from '../email/deliver-emails';
import { defineJob } from './define-job';

export const emailsJob = defineJob('emails', ({ db, transport, config, clock }, shouldContinue) =>
	deliverEmails(db, transport, config.origin, clock, { ...DEFAULT_CLAIM, shallGoOn: shouldContinue })
);
