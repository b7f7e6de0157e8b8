import { accounts } from './accounts';
import { cases } from './cases';
import { daySheet } from './day-sheet';
import { equipment } from './equipment';
import { followUps } from './follow-ups';
import { frame } from './frame';
import { keeping } from './keeping';
import { people } from './people';
import { referrals } from './referrals';
import { rounds } from './rounds';
import { timeline } from './timeline';
import { crisisLines } from './crisis-lines';
import { waitingEmails } from './waiting-emails';
import { workforce } from './workforce';

/**
 * English texts of the coordinator's door, by subject. The desk has one language, the organisation's; it stands apart from
 * the employee's catalogue, so that their pages carry none of it. Another language is another folder of this shape.
 */
export const deskWords = {
	accounts,
	cases,
	daySheet,
	equipment,
	followUps,
	frame,
	keeping,
	people,
	referrals,
	rounds,
	timeline,
	crisisLines,
	waitingEmails,
	workforce
};
