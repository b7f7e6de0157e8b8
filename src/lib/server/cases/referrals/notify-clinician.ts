import type { ClinicianNews } from '../../../core/platform/sending/email-kinds';
import { emailWords } from '../../../messages/emails';
import type { Db } from '../../platform/db/client';
import { queueEmail } from '../../platform/email/queue-email';

/** Emails a clinician that something waits for them, or no longer does. The email contains neither the person nor anything about health. */
export async function notifyClinician(
	tx: Db,
	clinician: { readonly name: string; readonly email: string; readonly language: string },
	referralId: string,
	kind: ClinicianNews,
	now: Date
): Promise<void> {
	await queueEmail(tx, {
		personId: null,
		toName: clinician.name,
		toEmail: clinician.email,
		// They can no longer see an ended one, but they can see their list.
		linkPath: kind === 'ended' ? '/desk' : `/desk/referrals/${referralId}`,
		writtenAt: now,
		...emailWords(`referral-${kind}`, clinician)
	});
}
