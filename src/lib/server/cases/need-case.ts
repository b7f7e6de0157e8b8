import { and, eq, isNull } from 'drizzle-orm';
import type { Actor } from '../actor';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';

const { people, referrals } = schema;

/** A signed-in user who may see a case. */
export interface CaseReader {
	readonly id: string;
	readonly name: string;
	readonly role: 'coordinator' | 'clinician';
}

const NOT_THERE = 'This person is not in the list. They may have been removed.';

/**
 * Asks that the actor may see a person's case: coordinators see all, a clinician those that are referred to them just now,
 * a reader none. What somebody may not see is shown like what is not there.
 */
export async function needCase(db: Db, actor: Actor, personId: string): Promise<CaseReader> {
	if (actor.kind !== 'user' || actor.role === 'reader')
		throw new Fault('not-allowed', 'Cases are for coordinators and for the clinician they are referred to.');
	if (actor.role === 'clinician') {
		const [open] = await db
			.select({ id: referrals.id })
			.from(referrals)
			.where(
				and(eq(referrals.personId, personId), eq(referrals.clinicianId, actor.id), isNull(referrals.endedAt))
			)
			.limit(1);
		if (!open) throw new Fault('not-found', NOT_THERE);
	}
	const [person] = await db.select({ id: people.id }).from(people).where(eq(people.id, personId));
	if (!person) throw new Fault('not-found', NOT_THERE);
	return { id: actor.id, name: actor.name, role: actor.role };
}
