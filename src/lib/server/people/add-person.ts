import { countriesWithHolidays } from '../../core/platform/calendar/public-holidays';
import { requirePermission } from '../platform/access/require-permission';
import type { Actor } from '../platform/actor';
import { writeAuditLine } from '../platform/audit/write-audit-line';
import { schema, type Db } from '../platform/db/client';
import { inTransaction } from '../platform/db/transaction';
import { DomainError } from '../platform/domain-error';
import { reassessCase } from '../cases/case-assessments/reassess-cases';
import { readOrganisation } from '../platform/organisation/read-organisation';
import { teamsOf } from './list-people';
import { checkPersonDetails, type PersonDetails } from './person-details';

/** The details of a person being added; the rest may follow. */
export type NewPerson = Pick<PersonDetails, 'name' | 'email' | 'team'> & Partial<PersonDetails>;

const NOT_KNOWN = {
	staffNumber: '',
	phone: '',
	country: '',
	region: '',
	timeZone: ''
} as const;

/** What the form for a new person offers: the teams there are, and countries whose public holidays are known. */
export async function newPersonPage(db: Db, actor: Actor) {
	requirePermission(actor, 'people:change');
	return { teams: await teamsOf(db, actor), countries: countriesWithHolidays() };
}

/** Adds a person. A known email address is refused: one person, one record. */
export async function addPerson(db: Db, actor: Actor, input: NewPerson, now: Date): Promise<string> {
	requirePermission(actor, 'people:change');
	const { language } = await readOrganisation(db);
	const values = checkPersonDetails({ ...NOT_KNOWN, language, ...input });
	return inTransaction(db, async (tx) => {
		const [person] = await tx
			.insert(schema.people)
			.values({ ...values, createdAt: now })
			.onConflictDoNothing()
			.returning({ id: schema.people.id });
		if (!person) throw new DomainError('conflict', 'addressTaken', 'email');
		await reassessCase(tx, person.id, now);
		await writeAuditLine(tx, actor, { at: now, act: 'person-added', personId: person.id });
		return person.id;
	});
}
