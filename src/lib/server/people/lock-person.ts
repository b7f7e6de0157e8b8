import { asc, eq, getTableColumns } from 'drizzle-orm';
import { isAnyOf } from '../platform/db/is-any-of';
import { schema, type Db } from '../platform/db/client';
import { DomainError } from '../platform/domain-error';
import { daysOffColumn, readSettings } from '../platform/organisation-settings/read-settings';
import { organisationZone } from '../platform/organisation/organisation-zone';
import { personPlaceOf, type OrganisationDays, type PersonPlace } from './person-place';

const { people } = schema;

/** A person with their place; whoever changes anything of theirs holds their row lock. */
export type LockedPerson = typeof people.$inferSelect & { readonly place: PersonPlace };

/**
 * Locks a person before anything else of theirs: every act on a case begins with this, so that two at once queue up and never wait for each
 * other in a circle. Others may still insert rows that refer to the person.
 */
export async function lockPerson(tx: Db, personId: string): Promise<LockedPerson | null> {
	const [person] = await personById(tx, personId).for('no key update');
	return person ? withPlace(person) : null;
}

/** Locks several people, always in the same order; people no longer there are left out. */
export async function lockPeople(tx: Db, personIds: readonly string[]): Promise<LockedPerson[]> {
	return withPlaces(tx, await peopleByIds(tx, personIds).for('no key update'));
}

/** The same without a lock, for a page that only reads. */
export async function readPersonPlace(db: Db, personId: string): Promise<LockedPerson | null> {
	const [person] = await personById(db, personId);
	return person ? withPlace(person) : null;
}

/** Several people without a lock, in the order of their ids. */
export async function readPeoplePlaces(db: Db, personIds: readonly string[]): Promise<LockedPerson[]> {
	return withPlaces(db, await peopleByIds(db, personIds));
}

function peopleByIds(db: Db, personIds: readonly string[]) {
	return db
		.select({ ...getTableColumns(people), organisationZone })
		.from(people)
		.where(isAnyOf(people.id, personIds))
		.orderBy(asc(people.id));
}

/** The days off are read once for all of them, not with each. */
async function withPlaces(
	db: Db,
	rows: readonly (typeof people.$inferSelect & Pick<OrganisationDays, 'organisationZone'>)[]
): Promise<LockedPerson[]> {
	if (rows.length === 0) return [];
	const { settings: daysOff } = await readSettings(db, 'days-off');
	return rows.map((row) => withPlace({ ...row, daysOff }));
}

function personById(db: Db, personId: string) {
	return db
		.select({ ...getTableColumns(people), organisationZone, daysOff: daysOffColumn })
		.from(people)
		.where(eq(people.id, personId));
}

function withPlace({
	organisationZone: zone,
	daysOff,
	...row
}: typeof people.$inferSelect & OrganisationDays): LockedPerson {
	return { ...row, place: personPlaceOf(row, { organisationZone: zone, daysOff }) };
}

/** The same, or an error where there is no such person. */
export async function requirePerson(tx: Db, personId: string): Promise<LockedPerson> {
	const person = await lockPerson(tx, personId);
	if (!person) throw new DomainError('not-found', 'personGone');
	return person;
}
