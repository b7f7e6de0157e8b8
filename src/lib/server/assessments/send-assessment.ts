import { randomUUID } from 'node:crypto';
import { MAIN_RHYTHM, type Rhythm } from '../../core/moving/rhythm';
import { and, desc, eq, isNull, ne } from 'drizzle-orm';
import { DEFAULT_WAY } from '../../core/guidance';
import type { Route } from '../../core/answers';
import type { Way } from '../../core/corner';
import { RULES_IN_FORCE } from '../../core/rules';
import { invitationLetter } from '../../messages/letters';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { linkToken } from '../access/keys';
import { hashToken } from '../access/tokens';
import { deskAct, type ActInput } from '../acts/desk-act';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';
import { judgeAnew } from '../judgements/judge-anew';
import { needPerson, type LockedPerson } from '../people/lock-person';
import { keptLinkPath } from '../post/personal-link';
import { writeLetter } from '../post/write-letter';

const { assessments, letters } = schema;

/** What was sent: the personal link, shown once. */
export interface SentAssessment {
	readonly id: string;
	readonly token: string;
}

/** Words of the letter, where they are not the usual ones. */
export type LetterWords = (input: { name: string }) => { subject: string; body: string };

/** What a self-assessment is sent with. */
interface Sending {
	readonly way?: Way;
	readonly route?: Route;
	readonly rhythm?: Rhythm;
	readonly roundId?: string;
	readonly words?: LetterWords;
	/** Answers that are there before the person begins: what was known already. */
	readonly prefilled?: Readonly<Record<string, string>>;
}

/**
 * Sends a self-assessment: makes the personal link, writes the letter. An earlier link of the person that has not
 * been answered ends here, so that one letter works at a time.
 *
 * @returns what was sent; null where the same page had sent it already
 */
export async function sendAssessment(
	db: Db,
	actor: Actor,
	input: ActInput & { readonly way?: Way; readonly batch?: string },
	now: Date
): Promise<SentAssessment | null> {
	requirePermission(actor, 'assessments:send');
	const { way, ...act } = input;
	return deskAct(db, actor, { ...act, kind: 'sent', isFinal: true }, now, ({ tx, person }) =>
		sendTo(tx, actor, person, way ? { way } : {}, now)
	);
}

/** The same within a larger act, whose right was asked there. */
export async function sendWithin(
	tx: Db,
	actor: Actor,
	{ personId, ...sending }: Sending & { personId: string },
	now: Date
): Promise<SentAssessment> {
	const sent = await sendTo(tx, actor, await needPerson(tx, personId), sending, now);
	await judgeAnew(tx, personId, now);
	return sent;
}

async function sendTo(
	tx: Db,
	actor: Actor,
	person: LockedPerson,
	{ roundId, words = invitationLetter, prefilled = {}, ...wanted }: Sending,
	now: Date
): Promise<SentAssessment> {
	const id = randomUUID();
	const token = linkToken(id);
	// What was set for this person goes before what a round says of everybody.
	const way = person.way ?? wanted.way ?? DEFAULT_WAY;
	const route = person.route ?? wanted.route ?? 'short';
	const rhythm = person.rhythm ?? wanted.rhythm ?? MAIN_RHYTHM;
	if (person.leftAt) throw new Fault('conflict', { code: 'hasLeft', facts: { name: person.name } });
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
		checklistVersion: RULES_IN_FORCE.checklist.version,
		sentAt: now,
		answers: { ...prefilled }
	});
	await writeLetter(tx, {
		personId: person.id,
		roundId: roundId ?? null,
		toName: person.name,
		toEmail: person.email,
		linkPath: keptLinkPath(id),
		writtenAt: now,
		...words({ name: person.name })
	});
	const detail = { assessment: id };
	await writeAuditLine(tx, actor, { at: now, act: 'assessment-sent', personId: person.id, detail });
	return { id, token };
}

/**
 * Path of a person's newest personal link as letters keep it, from their newest letter that holds one. Empty where there is none, as after a withdrawal. Served by letters_person_idx.
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
