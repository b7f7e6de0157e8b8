import { and, eq, isNull } from 'drizzle-orm';
import { DEFAULT_WAY } from '../../core/guidance';
import type { Way } from '../../core/corner';
import { invitationLetter } from '../../messages/letters';
import { needCoordinator, type Actor } from '../actor';
import { hashToken, newToken } from '../access/tokens';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';
import { writeLetter } from '../post/write-letter';

const { assessments, people } = schema;

/** A link may be used for this many days. Ours. */
export const LINK_DAYS = 60;

/** What was sent: the personal link, told once. */
export interface SentAssessment {
	readonly id: string;
	readonly token: string;
}

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
	const token = newToken();
	const expiresAt = new Date(now.getTime() + LINK_DAYS * 86_400_000);
	return db.transaction(async (tx) => {
		const [person] = await tx.select().from(people).where(eq(people.id, input.personId)).for('update');
		if (!person) throw new Fault('not-found', 'This person is not in the list any more.');
		await tx
			.update(assessments)
			.set({ revokedAt: now })
			.where(
				and(
					eq(assessments.personId, person.id),
					isNull(assessments.answeredAt),
					isNull(assessments.revokedAt)
				)
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
			toName: person.name,
			toEmail: person.email,
			linkPath: `/c/${token}`,
			writtenAt: now,
			...invitationLetter({ name: person.name, expiresAt })
		});
		await writeAuditLine(tx, actor, {
			at: now,
			act: 'assessment-sent',
			personId: person.id,
			detail: { assessment: made.id }
		});
		return { id: made.id, token };
	});
}
