import { accountTexts } from './accounts';
import { caseTexts } from './cases';
import { daySheetTexts } from './day-sheet';
import { equipmentTexts } from './equipment';
import { followUpTexts } from './follow-ups';
import { deskFrameTexts } from './frame';
import { retentionTexts } from './keeping';
import { organisationTexts } from './organisation';
import { peopleTexts } from './people';
import { referralTexts } from './referrals';
import { roundTexts } from './rounds';
import { timelineTexts } from './timeline';
import { crisisLineTexts } from './crisis-lines';
import { waitingEmailTexts } from './waiting-emails';
import { workforceTexts } from './workforce';

/**
 * English texts of the desk, by subject. The desk has one language, the organisation's; it is separate from the employees' catalogue, so
 * that their pages load none of it. Another language is another folder of this shape.
 */
export const deskWords = {
	accounts: accountTexts,
	cases: caseTexts,
	daySheet: daySheetTexts,
	equipment: equipmentTexts,
	followUps: followUpTexts,
	frame: deskFrameTexts,
	keeping: retentionTexts,
	organisation: organisationTexts,
	people: peopleTexts,
	referrals: referralTexts,
	rounds: roundTexts,
	timeline: timelineTexts,
	crisisLines: crisisLineTexts,
	waitingEmails: waitingEmailTexts,
	workforce: workforceTexts
};
