import type { Organisation } from '../../../core/platform/organisation';
import { isEmployeeEmail, type EmailKind } from '../../../core/platform/sending/email-kinds';
import {
	emailWords,
	ownEmailWords,
	type EmailDetails,
	type EmailReader,
	type EmailWords
} from '../../../messages/emails';
import { languageOf } from '../../../messages/languages';
import type { Db } from '../db/client';
import { readOrganisation } from '../organisation/read-organisation';
import { ownTextOf } from './read-own-text';

/**
 * The words of an email to an employee: the organisation's own where it has worded this kind, else the software's. One key look-up, and
 * another for the organisation's name where the text is its own.
 * @param from who writes; looked up where it is needed and left out
 */
export async function writeEmail(
	db: Db,
	kind: EmailKind,
	reader: EmailReader,
	from?: Organisation,
	details?: EmailDetails
): Promise<EmailWords> {
	const own = isEmployeeEmail(kind) ? await ownTextOf(db, kind, languageOf(reader.language ?? 'en')) : null;
	return own
		? ownEmailWords(kind, reader, own, from ?? (await readOrganisation(db)), details)
		: emailWords(kind, reader, from, details);
}
