import type { ClinicianNews } from '../../core/sending/email-kinds';
import { emailWords } from '../../messages/emails';
import type { Db } from '../db/client';
import { queueEmail } from '../email/queue-email';

/** Writes to a clinician that something waits for them, or waits no more. Neither the person nor anything about health is in the letter. */
export async function notifyClinician(
	tx: Db,
	clinician: { readonly name: string; readonly email: string },
	referralId: string,
	kind: ClinicianNews,
	now: Date
): Promise<void> {
	await queueEmail(tx, {
		personId: null,
		toName: clinician.name,
		toEmail: clinician.email,
		// What has ended is theirs to see no more: their list is.
		linkPath: kind === 'ended' ? '/desk' : `/desk/referrals/${referralId}`,
		writtenAt: now,
		...emailWords(`referral-${kind}`, clinician)
	});
}
