import { and, desc, eq, isNull } from 'drizzle-orm';
import { requirePermission } from '../platform/access/require-permission';
import type { Actor } from '../platform/actor';
import { runDeskAct, type DeskActInput } from '../platform/acts/desk-act';
import type { OpenAssessment } from '../questionnaire/assessments/open-assessment';
import { writeAuditLine } from '../platform/audit/write-audit-line';
import { writeEmail } from '../platform/texts/write-email';
import { schema, type Db } from '../platform/db/client';
import { DomainError } from '../platform/domain-error';
import { inTransaction } from '../platform/db/transaction';
import { reassessCase } from './case-assessments/reassess-cases';
import { unreadReferrals } from './referrals/answer-referral';
import { countLinkUse } from '../questionnaire/assessments/link-limits';
import { requirePerson } from '../people/lock-person';
import { queueLinkEmail } from '../platform/email/queue-link-email';

const { messages, referralLines, users } = schema;

/** Longest message, characters. */
export const MAX_MESSAGE_CHARS = 4000;

/** A message before it is stored. The key is made by the page: sent twice, it is one message. */
export interface NewMessage {
	readonly text: string;
	readonly key: string;
}

function needText(text: string): string {
	const trimmed = text.trim();
	if (trimmed === '') throw new DomainError('invalid', 'writeAFewWords', '/text');
	return trimmed;
}

/**
 * Writes to a person. They are emailed that there is a message, and read it through their own link: the email contains no word of it. It
 * answers what they had written. A sent email can't be undone.
 */
export async function writeToPerson(
	db: Db,
	actor: Actor,
	input: Pick<DeskActInput, 'key' | 'personId'> & { readonly text: string; readonly batch?: string },
	now: Date
): Promise<void> {
	const author = requirePermission(actor, 'messages:write');
	const text = needText(input.text);
	const act = { ...input, version: null, kind: 'written' as const, isFinal: true };
	await runDeskAct(db, actor, act, now, async ({ tx, person }) => {
		await tx
			.insert(messages)
			.values({ personId: person.id, authorId: author.id, fromPerson: false, at: now, text, key: input.key });
		// An answer closes an open message.
		await tx
			.update(messages)
			.set({ answeredAt: now })
			.where(and(eq(messages.personId, person.id), messages.fromPerson, isNull(messages.answeredAt)));
		await queueLinkEmail(
			tx,
			person,
			{ page: '/messages', ...(await writeEmail(tx, 'message', person)) },
			now
		);
		await writeAuditLine(tx, actor, { at: now, act: 'message-written', personId: person.id });
	});
}

/** Records that a coordinator has read what a person, or a clinician about them, wrote and that it needs no answer. */
export async function markMessagesRead(db: Db, actor: Actor, input: DeskActInput, now: Date): Promise<void> {
	requirePermission(actor, 'messages:write');
	const { personId } = input;
	await runDeskAct(db, actor, { ...input, kind: 'settled' }, now, async ({ tx, rows }) => {
		await rows.update(
			messages,
			{ answeredAt: now },
			and(eq(messages.personId, personId), messages.fromPerson, isNull(messages.answeredAt))
		);
		await rows.update(referralLines, { readAt: now }, unreadReferrals(tx, personId));
		await writeAuditLine(tx, actor, { at: now, act: 'message-read', personId });
	});
}

export async function writeToCoordinator(
	db: Db,
	open: OpenAssessment,
	input: NewMessage,
	now: Date
): Promise<void> {
	const { personId } = open.actor;
	const text = needText(input.text);
	await inTransaction(db, async (tx) => {
		await requirePerson(tx, personId);
		const [kept] = await tx
			.insert(messages)
			.values({ personId, fromPerson: true, at: now, text, key: input.key })
			.onConflictDoNothing()
			.returning({ id: messages.id });
		if (!kept) return;
		await countLinkUse(tx, open.assessment.placeOf ?? open.assessment.id, 'message', now);
		await reassessCase(tx, personId, now);
		await writeAuditLine(tx, open.actor, { at: now, act: 'message-written', personId });
	});
}

/** A message as both sides read it. */
export interface MessageLine {
	readonly id: string;
	readonly at: Date;
	readonly text: string;
	readonly isFromPerson: boolean;
	/** Whether it is from the person and nobody has answered it or marked it as read. */
	readonly isOpen: boolean;
	readonly authorName: string | null;
}

/** Most messages shown, newest first. */
const MOST_SHOWN = 200;

/** The newest messages with a person, oldest of them first; served by messages_person_at_idx. */
export async function messagesOf(db: Db, personId: string): Promise<MessageLine[]> {
	const rows = await db
		.select({
			id: messages.id,
			at: messages.at,
			text: messages.text,
			isFromPerson: messages.fromPerson,
			answeredAt: messages.answeredAt,
			authorName: users.name
		})
		.from(messages)
		.leftJoin(users, eq(users.id, messages.authorId))
		.where(eq(messages.personId, personId))
		.orderBy(desc(messages.at))
		.limit(MOST_SHOWN);
	return rows
		.reverse()
		.map(({ answeredAt, ...line }) => ({ ...line, isOpen: line.isFromPerson && answeredAt === null }));
}
