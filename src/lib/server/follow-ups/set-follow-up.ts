import { and, eq, isNull, sql } from 'drizzle-orm';
import { needCoordinator, type Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';

const { followUps, people } = schema;

/** A follow-up as it is set. `version` is the one that was seen, 0 where none was open. */
export interface FollowUpInput {
	readonly personId: string;
	/** ISO date. */
	readonly due: string;
	readonly reason: string;
	readonly version: number;
}

const CHANGED =
	'Somebody else changed this follow-up meanwhile. What they set is shown below; set yours again if it still stands.';

/** Sets the day on which a person is looked at again: a new follow-up, or another day for the open one. */
export async function setFollowUp(db: Db, actor: Actor, input: FollowUpInput, now: Date): Promise<void> {
	needCoordinator(actor);
	const { personId, due, reason } = input;
	await db.transaction(async (tx) => {
		const [person] = await tx
			.select({ id: people.id })
			.from(people)
			.where(eq(people.id, personId))
			.for('update');
		if (!person) throw new Fault('not-found', 'This person is not in the list any more.');
		const [open] = await tx
			.select()
			.from(followUps)
			.where(and(eq(followUps.personId, personId), isNull(followUps.doneAt)));
		if ((open?.version ?? 0) !== input.version) throw new Fault('conflict', CHANGED);
		if (open)
			await tx
				.update(followUps)
				.set({ due, reason, version: open.version + 1 })
				.where(eq(followUps.id, open.id));
		else await tx.insert(followUps).values({ personId, due, reason, createdAt: now });
		await writeAuditLine(tx, actor, { at: now, act: 'follow-up-set', personId, detail: { due } });
	});
}

/** Says that a follow-up was done. Harmless where it was done already. */
export async function finishFollowUp(db: Db, actor: Actor, personId: string, now: Date): Promise<void> {
	needCoordinator(actor);
	await db.transaction(async (tx) => {
		const done = await tx
			.update(followUps)
			.set({ doneAt: now, version: sql`${followUps.version} + 1` })
			.where(and(eq(followUps.personId, personId), isNull(followUps.doneAt)))
			.returning({ id: followUps.id });
		if (done.length > 0) await writeAuditLine(tx, actor, { at: now, act: 'follow-up-done', personId });
	});
}
