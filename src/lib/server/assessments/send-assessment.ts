import { and, desc, eq, isNull, ne } from 'drizzle-orm';
import { DEFAULT_WAY } from '../../core/guidance';
import type { Way } from '../../core/corner';
import { invitationLetter } from '../../messages/letters';
import { needCoordinator, type Actor } from '../actor';
import { hashToken, newToken } from '../access/tokens';
import { writeAuditLine } from '../audit/write-audit-line';
import { refreshCase } from '../cases/refresh-case';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';
import { writeLetter } from '../post/write-letter';

const { assessments, letters, people } = schema;

/** A link may be used for this many days. Ours. */
export const LINK_DAYS = 60;

/** What was sent: the personal link, told once. */
export interface SentAssessment {
	readonly id: string;
	readonly token: string;
}

/** Words of the letter, where they are not the usual ones. */
export type LetterWords = (input: { name: string; expiresAt: Date }) => { subject: string; body: string };

/**
 * Sends a self-assessment: makes the personal link, writes the letter. An earlier link of the person that has not
 * been answered ends here, so that one letter works at a time.
 */
export async function sendAssessment(
	db: Db,
	actor: Actor,
	input: { personId: string; way?: Way },
	now: Date
): Promise<SentAssessment> {
	needCoordinator(actor);
	return db.transaction((tx) => sendWithin(tx, actor, input, now));
}

/** The same within a larger act, whose right was asked there. */
export async function sendWithin(
	tx: Db,
	actor: Actor,
	input: { personId: string; way?: Way; roundId?: string; words?: LetterWords },
	now: Date
): Promise<SentAssessment> {
	const token = newToken();
	const expiresAt = new Date(now.getTime() + LINK_DAYS * 86_400_000);
	const [person] = await tx.select().from(people).where(eq(people.id, input.personId)).for('update');
	if (!person) throw new Fault('not-found', 'This person is not in the list any more.');
	if (person.leftAt)
		throw new Fault('conflict', `${person.name} has left. Take them back first if they are here again.`);
	await tx
		.update(assessments)
		.set({ revokedAt: now })
		.where(
			and(eq(assessments.personId, person.id), isNull(assessments.answeredAt), isNull(assessments.revokedAt))
		);
	const [made] = await tx
		.insert(assessments)
		.values({
			personId: person.id,
			tokenHash: hashToken(token),
			way: input.way ?? DEFAULT_WAY,
			sentAt: now,
			expiresAt
		})
		.returning({ id: assessments.id });
	if (!made) throw new Error('An insert returned no row');
	await writeLetter(tx, {
		personId: person.id,
		roundId: input.roundId ?? null,
		toName: person.name,
		toEmail: person.email,
		linkPath: `/c/${token}`,
		writtenAt: now,
		...(input.words ?? invitationLetter)({ name: person.name, expiresAt })
	});
	await refreshCase(tx, person.id, now);
	const detail = { assessment: made.id };
	await writeAuditLine(tx, actor, { at: now, act: 'assessment-sent', personId: person.id, detail });
	return { id: made.id, token };
}

/**
 * Path of a person's newest personal link, from their newest letter that holds one: only letters know it, everything else
 * keeps hashes. Empty where there is none, as after a withdrawal. Served by letters_person_idx.
 */
export async function newestLinkPath(db: Db, personId: string): Promise<string> {
	const [letter] = await db
		.select({ linkPath: letters.linkPath })
		.from(letters)
		.where(and(eq(letters.personId, personId), ne(letters.linkPath, '')))
		.orderBy(desc(letters.writtenAt))
		.limit(1);
	return /^\/c\/[^/]+/.exec(letter?.linkPath ?? '')?.[0] ?? '';
}
