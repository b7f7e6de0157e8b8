import { deliverWebhookMessages } from '../webhooks/deliver-messages';
import { defineJob } from './define-job';

export const webhooksJob = defineJob('webhooks', ({ db, post, clock }, shouldContinue) =>
	deliverWebhookMessages(db, post, clock, shouldContinue)
);
