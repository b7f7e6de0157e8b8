import { and, asc, desc, eq, isNull } from 'drizzle-orm';
import { needCoordinator, type Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';
import { needCase } from './need-case';
import { lockPerson, refreshCase } from './refresh-case';

const { referrals, users } = schema;

/** Clinicians who can be asked. */
export function clinicians(db: Db) {
	return db
		.select({ id: users.id, name: users.name })
		.from(users)
		.where(and(eq(users.role, 'clinician'), isNull(users.closedAt)))
		.orderBy(asc(users.name));
}

/** Asks a clinician to look at a case: from now until it is ended they see this case, and no other. */
export async function referCase(
	db: Db,
	actor: Actor,
	input: { personId: string; clinicianId: string; question: string },
	now: Date
): Promise<void> {
	const by = needCoordinator(actor);
	const question = input.question.trim();
	if (question === '') throw new Fault('invalid', 'Write what you ask the clinician.', '/question');
	await db.transaction(async (tx) => {
		await needCase(tx, actor, input.personId);
		await lockPerson(tx, input.personId);
		const known = (await clinicians(tx)).some(({ id }) => id === input.clinicianId);
		if (!known) throw new Fault('invalid', 'Choose a clinician from the list.', '/clinicianId');
		await endOpen(tx, input.personId, '', now);
		await tx
			.insert(referrals)
			.values({ personId: input.personId, clinicianId: input.clinicianId, question, at: now, byId: by.id });
		await refreshCase(tx, input.personId, now);
		const detail = { clinician: input.clinicianId };
		await writeAuditLine(tx, actor, { at: now, act: 'referred', personId: input.personId, detail });
	});
}

/** Ends a referral with what came of it. The clinician it was made to may do so, and any coordinator. */
export async function endReferral(
	db: Db,
	actor: Actor,
	input: { personId: string; outcome: string },
	now: Date
): Promise<void> {
	await db.transaction(async (tx) => {
		await needCase(tx, actor, input.personId);
		await lockPerson(tx, input.personId);
		if ((await endOpen(tx, input.personId, input.outcome.trim(), now)) === 0) return;
		await refreshCase(tx, input.personId, now);
		await writeAuditLine(tx, actor, { at: now, act: 'referral-ended', personId: input.personId });
	});
}

async function endOpen(db: Db, personId: string, outcome: string, now: Date): Promise<number> {
	const ended = await db
		.update(referrals)
		.set({ endedAt: now, outcome })
		.where(and(eq(referrals.personId, personId), isNull(referrals.endedAt)))
		.returning({ id: referrals.id });
	return ended.length;
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
