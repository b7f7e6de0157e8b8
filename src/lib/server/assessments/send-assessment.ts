import { randomUUID } from 'node:crypto';
import { DEFAULT_BREAK_SCHEDULE, type BreakSchedule } from '../../core/breaks/break-schedules';
import { and, desc, eq, isNull, ne } from 'drizzle-orm';
import { DEFAULT_SITTING_STYLE } from '../../core/guidance';
import type { QuestionnaireMode } from '../../core/answers';
import type { SittingStyle } from '../../core/corner';
import type { Organisation } from '../../core/organisation';
import type { EmailReader, EmailWords } from '../../messages/emails';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { linkToken } from '../access/secret-keys';
import { hashToken } from '../access/tokens';
import { checklistVersionToSend } from '../checklists/read-checklists';
import { runDeskAct, type DeskActInput } from '../acts/desk-act';
import { writeAuditLine } from '../audit/write-audit-line';
import { writeEmail } from '../texts/write-email';
import { schema, type Db } from '../db/client';
import { DomainError } from '../domain-error';
import { reassessCase } from '../case-assessments/reassess-cases';
import { readOrganisation } from '../organisation/read-organisation';
import { requirePerson, type LockedPerson } from '../people/lock-person';
import { storedLinkPath } from '../email/personal-link';
import { queueEmail } from '../email/queue-email';
import { usualUnit } from './usual-unit';

const { assessments, emails } = schema;

/** What was sent: the personal link, shown once. */
export interface SentAssessment {
	readonly id: string;
	readonly token: string;
}

/** Text of the email, where it is not the usual one. */
export type WordsOfInvitation = (
	tx: Db,
	reader: EmailReader,
	from: Organisation
) => EmailWords | Promise<EmailWords>;

const invitation: WordsOfInvitation = (tx, reader, from) => writeEmail(tx, 'invitation', reader, from);

/** What a self-assessment is sent with. */
interface Sending {
	readonly way?: SittingStyle;
	readonly route?: QuestionnaireMode;
	readonly rhythm?: BreakSchedule;
	readonly roundId?: string;
	/** The newest if left out. */
	readonly checklistVersion?: number;
	/** Null for no email. */
	readonly words?: WordsOfInvitation | null;
	/** Answers already known before the person begins. */
	readonly prefilled?: Readonly<Record<string, string>>;
}

/**
 * Sends a self-assessment: makes the personal link and the email. An earlier unanswered link of the person ends here, so that one email
 * works at a time.
 * @returns what was sent; null where the same form had sent it already
 */
export async function sendAssessment(
	db: Db,
	actor: Actor,
	input: DeskActInput & { readonly way?: SittingStyle; readonly batch?: string },
	now: Date
): Promise<SentAssessment | null> {
	requirePermission(actor, 'assessments:send');
	const { way, ...act } = input;
	return runDeskAct(db, actor, { ...act, kind: 'sent', isFinal: true }, now, ({ tx, person }) =>
		sendTo(tx, actor, person, way ? { way } : {}, now)
	);
}

/** The same within a larger act, which checked the permission. */
export async function sendWithin(
	tx: Db,
	actor: Actor,
	{ personId, ...sending }: Sending & { personId: string },
	now: Date
): Promise<SentAssessment> {
	const sent = await sendTo(tx, actor, await requirePerson(tx, personId), sending, now);
	await reassessCase(tx, personId, now);
	return sent;
}

/**
 * The same within a larger act, which checked the permission and locked the person, and assesses the case again afterwards: for many people
 * together, that takes a tenth of the time.
 */
export async function sendTo(
	tx: Db,
	actor: Actor,
	person: LockedPerson,
	{ roundId, checklistVersion, words = invitation, prefilled = {}, ...wanted }: Sending,
	now: Date
): Promise<SentAssessment> {
	const id = randomUUID();
	const token = linkToken(id);
	// What was set for this person takes precedence over the round's setting.
	const way = person.way ?? wanted.way ?? DEFAULT_SITTING_STYLE;
	const route = person.route ?? wanted.route ?? 'short';
	const rhythm = person.rhythm ?? wanted.rhythm ?? DEFAULT_BREAK_SCHEDULE;
	if (person.leftAt) throw new DomainError('conflict', { code: 'hasLeft', facts: { name: person.name } });
	await tx
		.update(assessments)
		.set({ revokedAt: now, endedWhy: 'replaced' })
		.where(
			and(eq(assessments.personId, person.id), isNull(assessments.answeredAt), isNull(assessments.revokedAt))
		);
	await tx.insert(assessments).values({
		id,
		personId: person.id,
		tokenHash: hashToken(token),
		way,
		route,
		rhythm,
		checklistVersion: checklistVersion ?? (await checklistVersionToSend(tx)),
		sentAt: now,
		answers: { ...usualUnit(person.language), ...prefilled }
	});
	if (words)
		await queueEmail(tx, {
			personId: person.id,
			roundId: roundId ?? null,
			toName: person.name,
			toEmail: person.email,
			linkPath: storedLinkPath(id),
			writtenAt: now,
			...(await words(tx, person, await readOrganisation(tx)))
		});
	const detail = { assessment: id };
	await writeAuditLine(tx, actor, { at: now, act: 'assessment-sent', personId: person.id, detail });
	return { id, token };
}

/**
 * Path of a person's newest personal link as emails store it, from their newest email with a link. Empty where there is none, as after a
 * withdrawal. Served by letters_person_idx.
 */
export async function newestLinkPath(db: Db, personId: string): Promise<string> {
	const [letter] = await db
		.select({ linkPath: emails.linkPath })
		.from(emails)
		.where(and(eq(emails.personId, personId), ne(emails.linkPath, '')))
		.orderBy(desc(emails.writtenAt))
		.limit(1);
	return /^\/c\/[^/]+/.exec(letter?.linkPath ?? '')?.[0] ?? '';
}
