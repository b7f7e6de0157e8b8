import { processDueCases } from '../../cases/check-ins/process-due-cases';
import { purgeImportRecords } from '../../people/undo-import';
import { askTrialQuestions } from '../../plan/plans/ask-trial-questions';
import { purgeUndoData } from '../acts/undo-acts';
import { defineJob } from './define-job';

export const dueCasesJob = defineJob('due-cases', async ({ db, clock }, shouldContinue) => {
	await purgeUndoData(db, clock());
	await purgeImportRecords(db, clock());
	await askTrialQuestions(db, clock(), shouldContinue);
	await processDueCases(db, clock(), shouldContinue);
});
