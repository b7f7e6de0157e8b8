import { purgeDirectoryList } from '../../people/directory/read-directory';
import { applyRetention } from '../../people/erasure/retention';
import { purgeWriteLimits } from '../access/write-limits';
import { log } from '../log';
import { readOrganisation } from '../organisation/read-organisation';
import { purgeWebhookMessages } from '../webhooks/deliver-messages';
import { defineJob } from './define-job';
import { queueJob } from './queue-job';

export const retentionJob = defineJob(
	'retention',
	async ({ db, clock }) => {
		await purgeWriteLimits(db, clock());
		await purgeWebhookMessages(db, clock());
		await purgeDirectoryList(db, clock());
		const { timeZone } = await readOrganisation(db);
		const n = await applyRetention(db, clock(), timeZone);
		if (n === 0) return;
		log({ level: 'info', event: 'retention', erased: n });
		await queueJob(db, 'audit-log');
	},
	{ schedule: 'hourly' }
);
