import { and, asc, desc, eq, isNull } from 'drizzle-orm';
import { needCoordinator, type Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';
import { deskAct, type ActInput } from '../acts/desk-act';
import { inTransaction } from '../db/transaction';
import { openReferralOf } from '../judgements/open-referral';
import { needCase } from './need-case';

const { referrals, users } = schema;

/** Clinicians who can be asked. */
export function clinicians(db: Db) {
	return db
		.select({ id: users.id, name: users.name })
		.from(users)
		.where(and(eq(users.role, 'clinician'), isNull(users.closedAt)))
		.orderBy(asc(users.name));
}

/**
 * Asks a clinician to look at a case: from now until it is ended they see this case, and no other. Two who refer at once are both seen: the
 * second is shown, and nothing is replaced.
 */
export async function referCase(
	db: Db,
	actor: Actor,
	input: ActInput & { readonly clinicianId: string; readonly question: string },
	now: Date
): Promise<void> {
	const by = needCoordinator(actor);
	const { personId, clinicianId } = input;
	const question = input.question.trim();
	if (question === '') throw new Fault('invalid', 'Write what you ask the clinician.', '/question');
	await deskAct(db, actor, { ...input, kind: 'referred' }, now, async ({ tx, rows, actId }) => {
		const asked = await clinicians(tx);
		if (!asked.some(({ id }) => id === clinicianId))
			throw new Fault('invalid', 'Choose a clinician from the list.', '/clinicianId');
		if (await openReferralOf(tx, personId))
			throw new Fault(
				'conflict',
				'The case is with a clinician already. End that first, then refer it anew.'
			);
		await rows.insert(referrals, { id: actId, personId, clinicianId, question, at: now, byId: by.id });
		const detail = { clinician: clinicianId };
		await writeAuditLine(tx, actor, { at: now, act: 'referred', personId, detail });
	});
}

/** Ends a referral with what came of it. The clinician it was made to may do so, and any coordinator. */
export async function endReferral(
	db: Db,
	actor: Actor,
	input: ActInput & { readonly outcome: string },
	now: Date
): Promise<void> {
	const { personId } = input;
	await inTransaction(db, async (tx) => {
		await needCase(tx, actor, personId);
		await deskAct(tx, actor, { ...input, kind: 'referral-ended' }, now, async ({ rows }) => {
			await rows.update(
				referrals,
				{ endedAt: now, outcome: input.outcome.trim() },
				and(eq(referrals.personId, personId), isNull(referrals.endedAt))
			);
			await writeAuditLine(tx, actor, { at: now, act: 'referral-ended', personId });
		});
	});
}

/** The referrals of a person, newest first; served by referrals_person_at_idx. */
export function referralsOf(db: Db, personId: string) {
	return db
		.select({
			id: referrals.id,
			at: referrals.at,
			question: referrals.question,
			endedAt: referrals.endedAt,
			outcome: referrals.outcome,
			clinicianName: users.name
		})
		.from(referrals)
		.leftJoin(users, eq(users.id, referrals.clinicianId))
		.where(eq(referrals.personId, personId))
		.orderBy(desc(referrals.at))
		.limit(50);
}
