import type { Db } from '../db/client';
import { newestLinkPath } from '../assessments/send-assessment';
import type { EmailWords } from '../../messages/emails';
import { queueEmail } from './queue-email';

/** Who is written to. */
interface Reader {
	readonly id: string;
	readonly name: string;
	readonly email: string;
	readonly leftAt: Date | null;
}

/** What they are written: where it leads within their personal pages, and the round that it is of. */
type Letter = EmailWords & { readonly page?: string; readonly roundId?: string };

/**
 * Writes to a person by their newest personal link, in the transaction of the act that causes it. Who has left is written to no more, and who
 * has no link can't be.
 *
 * @returns whether a letter was written
 */
export async function queueLinkEmail(
	tx: Db,
	person: Reader,
	{ page = '', ...letter }: Letter,
	now: Date
): Promise<boolean> {
	const link = person.leftAt === null ? await newestLinkPath(tx, person.id) : '';
	if (!link) return false;
	await queueEmail(tx, {
		...letter,
		personId: person.id,
		toName: person.name,
		toEmail: person.email,
		linkPath: `${link}${page}`,
		writtenAt: now
	});
	return true;
}
