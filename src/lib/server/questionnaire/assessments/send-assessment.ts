import { randomUUID } from 'node:crypto';
import { DEFAULT_BREAK_SCHEDULE, type BreakSchedule } from '../../../core/breaks/break-schedules';
import { and, desc, eq, inArray, isNull, ne } from 'drizzle-orm';
import { DEFAULT_SITTING_STYLE } from '../../../core/body/guidance/sitting-styles';
import type { QuestionnaireMode } from '../../../core/questionnaire/answers/fields';
import type { SittingStyle } from '../../../core/workstation/corner/vocabulary';
import type { Organisation } from '../../../core/platform/organisation';
import type { EmailReader, EmailWords } from '../../../messages/emails';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import { linkToken } from '../../platform/access/secret-keys';
import { hashToken } from '../../platform/access/tokens';
import { checklistVersionToSend } from '../checklists/read-checklists';
import { runDeskAct, type DeskActInput } from '../../platform/acts/desk-act';
import { writeAuditLines } from '../../platform/audit/write-audit-line';
import { writeEmail } from '../../platform/texts/write-email';
import { schema, type Db } from '../../platform/db/client';
import { DomainError } from '../../platform/domain-error';
import { reassessCase } from '../../cases/case-assessments/reassess-cases';
import { readOrganisation } from '../../platform/organisation/read-organisation';
import { requirePerson, type LockedPerson } from '../../people/lock-person';
import { firstLinkIn, storedLinkPath } from '../../platform/email/personal-link';
import { queueEmails, type NewEmail } from '../../platform/email/queue-email';
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
	readonly sittingStyle?: SittingStyle;
	readonly questionnaireMode?: QuestionnaireMode;
	readonly breakSchedule?: BreakSchedule;
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
	input: DeskActInput & { readonly sittingStyle?: SittingStyle; readonly batch?: string },
	now: Date
): Promise<SentAssessment | null> {
	requirePermission(actor, 'assessments:send');
	const { sittingStyle, ...act } = input;
	return runDeskAct(db, actor, { ...act, kind: 'sent', isFinal: true }, now, ({ tx, person }) =>
		sendTo(tx, actor, person, sittingStyle ? { sittingStyle } : {}, now)
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

/** The same for one person; the act assesses their case again itself. */
async function sendTo(
	tx: Db,
	actor: Actor,
	person: LockedPerson,
	sending: Sending,
	now: Date
): Promise<SentAssessment> {
	const sent = (await sendToAll(tx, actor, [person], sending, now)).get(person.id);
	if (!sent) throw new Error('A person was sent nothing');
	return sent;
}

/**
 * The same for many people within a larger act, which checked the permission and locked them, and assesses their cases again afterwards.
 * Cost: half a dozen statements for all together.
 * @returns what was sent, by person
 */
export async function sendToAll(
	tx: Db,
	actor: Actor,
	people: readonly LockedPerson[],
	{ roundId, checklistVersion, words = invitation, prefilled = {}, ...wanted }: Sending,
	now: Date
): Promise<Map<string, SentAssessment>> {
	const gone = people.find(({ leftAt }) => leftAt !== null);
	if (gone) throw new DomainError('conflict', { code: 'hasLeft', facts: { name: gone.name } });
	const version = checklistVersion ?? (await checklistVersionToSend(tx));
	const made = people.map((person) => {
		const id = randomUUID();
		return { person, id, token: linkToken(id) };
	});
	await tx
		.update(assessments)
		.set({ revokedAt: now, endedWhy: 'replaced' })
		.where(
			and(
				inArray(
					assessments.personId,
					people.map(({ id }) => id)
				),
				isNull(assessments.answeredAt),
				isNull(assessments.revokedAt)
			)
		);
	await tx.insert(assessments).values(
		made.map(({ person, id, token }) => ({
			id,
			personId: person.id,
			tokenHash: hashToken(token),
			// What was set for this person takes precedence over the round's setting.
			sittingStyle: person.sittingStyle ?? wanted.sittingStyle ?? DEFAULT_SITTING_STYLE,
			questionnaireMode: person.questionnaireMode ?? wanted.questionnaireMode ?? ('short' as const),
			breakSchedule: person.breakSchedule ?? wanted.breakSchedule ?? DEFAULT_BREAK_SCHEDULE,
			checklistVersion: version,
			sentAt: now,
			answers: { ...usualUnit(person.language), ...prefilled }
		}))
	);
	if (words) {
		const from = await readOrganisation(tx);
		const written: NewEmail[] = [];
		for (const { person, id } of made)
			written.push({
				personId: person.id,
				roundId: roundId ?? null,
				toName: person.name,
				toEmail: person.email,
				linkPath: storedLinkPath(id),
				writtenAt: now,
				...(await words(tx, person, from))
			});
		await queueEmails(tx, written);
	}
	await writeAuditLines(
		tx,
		actor,
		made.map(({ person, id }) => ({
			at: now,
			act: 'assessment-sent',
			personId: person.id,
			detail: { assessment: id }
		}))
	);
	return new Map(made.map(({ person, id, token }) => [person.id, { id, token }]));
}

/**
 * Path of a person's newest personal link as emails store it, from their newest email with a link. Empty where there is none, as after a
 * withdrawal. Served by emails_person_idx.
 */
export async function newestLinkPath(db: Db, personId: string): Promise<string> {
	const [email] = await db
		.select({ linkPath: emails.linkPath })
		.from(emails)
		.where(and(eq(emails.personId, personId), ne(emails.linkPath, '')))
		.orderBy(desc(emails.writtenAt))
		.limit(1);
	return firstLinkIn(email?.linkPath ?? '');
}
