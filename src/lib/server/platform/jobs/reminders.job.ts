import { remindCheckIns } from '../../cases/check-ins/remind-check-ins';
import { sendDueReminders } from '../../people/rounds/send-due-reminders';
import { defineJob } from './define-job';

export const remindersJob = defineJob('reminders', async ({ db, clock }, shouldContinue) => {
	await sendDueReminders(db, clock(), shouldContinue);
	await remindCheckIns(db, clock());
});
