import { publishDueClosings } from '../../workforce/publish-closing';
import { log } from '../log';
import { defineJob } from './define-job';

export const closingsJob = defineJob(
	'closings',
	async ({ db, clock }, shouldContinue) => {
		const n = await publishDueClosings(db, clock, shouldContinue);
		if (n > 0) log({ level: 'info', event: 'closings-published', closings: n });
	},
	{ schedule: 'hourly' }
);
