import { readMailbox } from '../email/read-mailbox';
import { defineJob } from './define-job';

export const bouncesJob = defineJob('bounces', async ({ db, config, clock }, shouldContinue) => {
	if (config.bouncesMailbox) await readMailbox(db, config.bouncesMailbox, clock, shouldContinue);
});
