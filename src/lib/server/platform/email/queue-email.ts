import { desc, eq, ilike, or } from 'drizzle-orm';
import type { EmailKind } from '../../../core/platform/sending/email-kinds';
import type { Language } from '../../../messages/languages';
import { schema, type Db } from '../db/client';
import { queueJob } from '../jobs/queue-job';

const { emails } = schema;

/** An email before it is stored. */
export interface NewEmail {
	readonly personId: string | null;
	readonly roundId?: string | null;
	readonly toName: string;
	readonly toEmail: string;
	readonly kind: EmailKind;
	readonly language: Language;
	readonly subject: string;
	readonly body: string;
	readonly linkPath: string;
	readonly writtenAt: Date;
}

/**
 * Queues an email in the transaction of the act that causes it: it is written with the act or not at all. The queue delivers it
 * (`deliver-emails.ts`).
 */
export const queueEmail = (db: Db, email: NewEmail): Promise<void> => queueEmails(db, [email]);

/** The same for several; there is at least one. */
export async function queueEmails(db: Db, rows: readonly NewEmail[]): Promise<void> {
	await db.insert(emails).values(rows.map((email) => ({ ...email, nextTryAt: email.writtenAt })));
	await queueJob(db, 'emails');
}

/** An email in the simulated inbox. */
export type QueuedEmail = typeof emails.$inferSelect;

/** Most emails shown in the simulated inbox at once. */
const LETTERS_SHOWN = 300;

/**
 * The newest emails, to someone or with a subject if given; served by emails_written_idx. For the simulated inbox of demo and development
 * only.
 * @param sought part of a name, an address or a subject; empty for all
 */
export function newestEmails(db: Db, sought = ''): Promise<QueuedEmail[]> {
	const part = `%${sought.replace(/[\\%_]/g, '\\$&')}%`;
	return db
		.select()
		.from(emails)
		.where(
			sought === ''
				? undefined
				: or(ilike(emails.toName, part), ilike(emails.toEmail, part), ilike(emails.subject, part))
		)
		.orderBy(desc(emails.writtenAt))
		.limit(LETTERS_SHOWN);
}

/** One email, or null. */
export async function emailById(db: Db, id: string): Promise<QueuedEmail | null> {
	const [email] = await db.select().from(emails).where(eq(emails.id, id));
	return email ?? null;
}
