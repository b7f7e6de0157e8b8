import { eq, sql } from 'drizzle-orm';
import { requirePermission } from '../platform/access/require-permission';
import type { Actor } from '../platform/actor';
import { writeAuditLine } from '../platform/audit/write-audit-line';
import { schema, type Db } from '../platform/db/client';
import { inTransaction } from '../platform/db/transaction';
import { DomainError } from '../platform/domain-error';
import { reassessCase } from '../cases/case-assessments/reassess-cases';
import { requirePerson } from './lock-person';
import { checkPersonDetails, type PersonDetails } from './person-details';

const { people } = schema;

/** Changes a person's details. A new address is tried again if emails to the old one bounced. */
export async function changePerson(
	db: Db,
	actor: Actor,
	{ id, version, ...typed }: PersonDetails & { id: string; version: number },
	now: Date
): Promise<void> {
	requirePermission(actor, 'people:change');
	const details = checkPersonDetails(typed);
	await inTransaction(db, async (tx) => {
		const person = await requirePerson(tx, id);
		if (person.version !== version) throw new DomainError('conflict', 'personChanged');
		const [taken] = await tx
			.select({ id: people.id })
			.from(people)
			.where(eq(sql`lower(${people.email})`, details.email));
		if (taken && taken.id !== id) throw new DomainError('conflict', 'addressTaken', '/email');
		await tx
			.update(people)
			.set({
				...details,
				version: version + 1,
				...(details.email === person.email ? {} : { bouncedAt: null })
			})
			.where(eq(people.id, id));
		await reassessCase(tx, id, now);
		await writeAuditLine(tx, actor, { at: now, act: 'person-changed', personId: id });
	});
}
