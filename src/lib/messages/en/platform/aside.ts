import { checkInTexts } from '../cases/check-in';
import { ownRequestTexts, reminderTexts, withdrawalTexts } from '../cases/correspondence';
import { offlineTexts } from './frame';

/** English texts of pages that few people open, so that the questionnaire and the plan do not carry them. */
export const asideTexts = {
	checkIn: checkInTexts,
	withdraw: withdrawalTexts,
	reminders: reminderTexts,
	equipment: ownRequestTexts,
	withoutNetwork: offlineTexts
};
