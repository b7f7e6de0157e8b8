import { applyRoundChanges } from '../../people/rounds/round-changes';
import { sendRoundBatches } from '../../people/rounds/send-round';
import { defineJob } from './define-job';
import { queueJob } from './queue-job';

export const roundsJob = defineJob('rounds', async ({ db, clock }, shouldContinue) => {
	// Who is to be called after a round is assessed by what is due.
	if ((await applyRoundChanges(db, clock, shouldContinue)) > 0) await queueJob(db, 'due-cases');
	if ((await sendRoundBatches(db, clock, shouldContinue)) > 0) await queueJob(db, 'audit-log');
});
