import { clinicianLetter } from '../../messages/letters';
import type { Db } from '../db/client';
import { writeLetter } from '../post/write-letter';

/** Writes to a clinician that something waits for them. Neither the person nor anything about health is in the letter. */
export async function tellClinician(
	tx: Db,
	clinician: { readonly name: string; readonly email: string },
	referralId: string,
	kind: 'asked' | 'answered',
	now: Date
): Promise<void> {
	await writeLetter(tx, {
		personId: null,
		toName: clinician.name,
		toEmail: clinician.email,
		linkPath: `/desk/referrals/${referralId}`,
		writtenAt: now,
		...clinicianLetter({ name: clinician.name, kind })
	});
}
