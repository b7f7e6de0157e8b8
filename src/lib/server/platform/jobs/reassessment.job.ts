import { countCasesToReassess } from '../../cases/case-assessments/reassess-outdated-cases';
import { defineJob } from './define-job';
import { LONGEST_WORK_MS } from './should-continue';

/** The longest job of all, after an update. */
export const reassessmentJob = defineJob('reassessment', async ({ db, reassess }, shouldContinue) => {
	// Asked every minute: nothing is started for it where there is nothing to do.
	if ((await countCasesToReassess(db)) > 0) await reassess(shouldContinue, LONGEST_WORK_MS);
});
