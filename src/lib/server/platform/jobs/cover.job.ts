import { coverEmergencies } from '../cover/cover-job';
import { log } from '../log';
import { defineJob } from './define-job';

export const coverJob = defineJob('cover', async ({ db, post, clock }) => {
	const n = await coverEmergencies(db, post, clock);
	if (n > 0) log({ level: 'warn', event: 'deputy-alerted', emergencies: n });
});
