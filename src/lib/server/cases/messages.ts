import { and, asc, eq, isNull, sql } from 'drizzle-orm';
import { messageLetter } from '../../messages/letters';
import { needCoordinator, type Actor } from '../actor';
import type { OpenAssessment } from '../assessments/open-assessment';
import { newestLinkPath } from '../assessments/send-assessment';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';
import { writeLetter } from '../post/write-letter';
import { lockPerson, refreshCase } from './refresh-case';

const { messages, users } = schema;

/** Longest message, in characters. */
export const LONGEST_MESSAGE = 4000;

/** A message before it is kept. The key is made by the page: sent twice, it is one. */
export interface NewMessage {
	readonly text: string;
	readonly key: string;
}

function needText(text: string): string {
	const trimmed = text.trim();
	if (trimmed === '') throw new Fault('invalid', 'Write a few words first.', '/text');
	return trimmed;
}

/** Writes to a person. They get a letter that says that there is a message, and read it by their own link: no word of it is in the letter. */
export async function writeToPerson(
	db: Db,
	actor: Actor,
	input: NewMessage & { personId: string },
	now: Date
): Promise<void> {
	const author = needCoordinator(actor);
	const text = needText(input.text);
	await db.transaction(async (tx) => {
		const person = await lockPerson(tx, input.personId);
		if (!person) throw new Fault('not-found', 'This person is not in the list any more.');
		const [kept] = await tx
			.insert(messages)
			.values({ personId: person.id, authorId: author.id, fromPerson: 0, at: now, text, key: input.key })
			.onConflictDoNothing()
			.returning({ id: messages.id });
		if (!kept) return;
		// Answering is what an open message waits for.
		await tx
			.update(messages)
			.set({ answeredAt: now })
			.where(and(eq(messages.personId, person.id), eq(messages.fromPerson, 1), isNull(messages.answeredAt)));
		const link = await newestLinkPath(tx, person.id);
		if (!person.leftAt && link)
			await writeLetter(tx, {
				personId: person.id,
				toName: person.name,
				toEmail: person.email,
				linkPath: `${link}/messages`,
				writtenAt: now,
				...messageLetter({ name: person.name })
			});
		await refreshCase(tx, person.id, now);
		await writeAuditLine(tx, actor, { at: now, act: 'message-written', personId: person.id });
	});
}

/** A person writes to their coordinator, by their link. */
export async function writeToCoordinator(
	db: Db,
	open: OpenAssessment,
	input: NewMessage,
	now: Date
): Promise<void> {
	const { personId } = open.actor;
	const text = needText(input.text);
	await db.transaction(async (tx) => {
		await lockPerson(tx, personId);
		const [kept] = await tx
			.insert(messages)
			.values({ personId, fromPerson: 1, at: now, text, key: input.key })
			.onConflictDoNothing()
			.returning({ id: messages.id });
		if (!kept) return;
		await refreshCase(tx, personId, now);
		await writeAuditLine(tx, open.actor, { at: now, act: 'message-written', personId });
	});
}

/** One message as both sides read it. */
export interface MessageLine {
	readonly id: string;
	readonly at: Date;
	readonly text: string;
	readonly isFromPerson: boolean;
	readonly authorName: string | null;
}

/** The messages of a person, oldest first; served by messages_person_at_idx. */
export async function messagesOf(db: Db, personId: string): Promise<MessageLine[]> {
	return db
		.select({
			id: messages.id,
			at: messages.at,
			text: messages.text,
			isFromPerson: sql<boolean>`${messages.fromPerson} = 1`,
			authorName: users.name
		})
		.from(messages)
		.leftJoin(users, eq(users.id, messages.authorId))
		.where(eq(messages.personId, personId))
		.orderBy(asc(messages.at))
		.limit(500);
}
