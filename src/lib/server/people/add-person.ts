import { needCoordinator, type Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { refreshCase } from '../cases/refresh-case';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';

/** What is known of a person when they are added. */
export interface NewPerson {
	readonly name: string;
	readonly email: string;
	readonly team: string;
}

/** Adds a person. An address that is known already is refused: one person, one record. */
export async function addPerson(db: Db, actor: Actor, input: NewPerson, now: Date): Promise<string> {
	needCoordinator(actor);
	const values = {
		name: input.name.trim(),
		email: input.email.trim().toLowerCase(),
		team: input.team.trim()
	};
	if (values.name === '') throw new Fault('invalid', 'Give the person’s name.', 'name');
	return db.transaction(async (tx) => {
		const [person] = await tx
			.insert(schema.people)
			.values({ ...values, createdAt: now })
			.onConflictDoNothing()
			.returning({ id: schema.people.id });
		if (!person) throw new Fault('conflict', 'Somebody with this address is in the list already.', 'email');
		await refreshCase(tx, person.id, now);
		await writeAuditLine(tx, actor, { at: now, act: 'person-added', personId: person.id });
		return person.id;
	});
}
