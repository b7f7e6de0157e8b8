import { writeErasures } from '../../people/erasure/erasures-file';
import { sealAuditLog } from '../audit/seal-audit-log';
import { log } from '../log';
import { defineJob } from './define-job';
import { queueJob } from './queue-job';

export const auditLogJob = defineJob('audit-log', async ({ db, config, clock }, shouldContinue) => {
	const { n, newest, missing } = await sealAuditLog(db, clock, shouldContinue);
	// Whoever keeps the log has this apart from the database: it proves later that nothing was changed.
	if (n > 0) log({ level: 'info', event: 'record-sealed', lines: n, seal: newest ?? '' });
	// The alarm comes before anything that may fail.
	if (missing !== 0) log({ level: 'error', event: 'record-lines-missing', lines: missing });
	// Webhooks report acts once their lines are sealed.
	if (n > 0) await queueJob(db, 'webhooks');
	if (config.erasuresFile !== '') await writeErasures(db, config.erasuresFile);
});
