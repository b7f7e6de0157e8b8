import { eq } from 'drizzle-orm';
import { requirePermission } from '../platform/access/require-permission';
import type { Actor } from '../platform/actor';
import { runDeskAct, type DeskActInput } from '../platform/acts/desk-act';
import { writeAuditLine } from '../platform/audit/write-audit-line';
import { unansweredOf } from '../questionnaire/assessments/unanswered';
import { requireCase } from './require-case';
import { schema, type Db } from '../platform/db/client';
import { DomainError } from '../platform/domain-error';
import { linkPathToSend, storedLinkPath } from '../platform/email/personal-link';
import { readPersonPlace } from '../people/lock-person';
import { readPrivacyLines } from '../questionnaire/privacy/read-privacy-lines';
import { markConsent } from '../questionnaire/assessments/record-consent';
import { sendWithin } from '../questionnaire/assessments/send-assessment';

const { assessments } = schema;

/** What a coordinator reads out before the questions, in the person's language. */
export async function readPhonePage(db: Db, actor: Actor, personId: string) {
	await requireCase(db, actor, personId, 'cases:act');
	const person = await readPersonPlace(db, personId);
	if (!person) throw new DomainError('not-found', 'noPerson');
	return {
		person: {
			id: person.id,
			name: person.name,
			phone: person.phone,
			language: person.language,
			hasLeft: person.leftAt !== null
		},
		hasOpen: (await unansweredOf(db, personId)) !== null,
		privacy: (await readPrivacyLines(db, person.language)).brief
	};
}

/**
 * Begins the questions with somebody on the phone: the open self-assessment, or a new one that nobody is emailed. Records that the person
 * has heard what is collected and agrees, and who asks; its answers are marked so.
 * @returns the path of the first page
 * @throws DomainError where the coordinator doesn't say that the person agrees
 */
export async function beginByPhone(
	db: Db,
	actor: Actor,
	{ hasAgreed, ...input }: DeskActInput & { readonly hasAgreed: boolean },
	now: Date
): Promise<string> {
	const user = requirePermission(actor, 'assessments:send');
	if (!hasAgreed) throw new DomainError('invalid', 'agreedOnPhone', '/agreed');
	const { personId } = input;
	await runDeskAct(db, actor, { ...input, kind: 'sent', isFinal: true }, now, async ({ tx }) => {
		const id =
			(await unansweredOf(tx, personId)) ?? (await sendWithin(tx, actor, { personId, words: null }, now)).id;
		await markConsent(tx, { id, personId }, now);
		await tx.update(assessments).set({ phoneBy: user.id, phoneAt: now }).where(eq(assessments.id, id));
		await writeAuditLine(tx, actor, { at: now, act: 'begun-by-phone', personId, detail: { assessment: id } });
	});
	const id = await unansweredOf(db, personId);
	const path = id && (await linkPathToSend(db, storedLinkPath(id)));
	if (!path) throw new DomainError('conflict', 'phoneLinkGone');
	return path;
}
