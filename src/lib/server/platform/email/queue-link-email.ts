import type { Db } from '../db/client';
import { newestLinkPath } from '../../questionnaire/assessments/send-assessment';
import type { EmailWords } from '../../../messages/emails';
import { spotLinkPath } from './personal-link';
import { queueEmail } from './queue-email';

/** The recipient. */
interface Reader {
	readonly id: string;
	readonly name: string;
	readonly email: string;
	readonly leftAt: Date | null;
}

/** The text: which workstation's pages it leads to and which of them, and its round. */
type LinkEmail = EmailWords & { readonly spot?: number; readonly page?: string; readonly roundId?: string };

/**
 * Emails a person with their newest personal link, in the transaction of the act that causes it. People who have left are not emailed, and
 * without a link there is no email.
 * @returns whether an email was written
 */
export async function queueLinkEmail(
	tx: Db,
	person: Reader,
	{ spot = 1, page = '', ...email }: LinkEmail,
	now: Date
): Promise<boolean> {
	const link = person.leftAt === null ? await newestLinkPath(tx, person.id) : '';
	if (!link) return false;
	await queueEmail(tx, {
		...email,
		personId: person.id,
		toName: person.name,
		toEmail: person.email,
		linkPath: `${spotLinkPath(link, spot)}${page}`,
		writtenAt: now
	});
	return true;
}
