import { sql, type SQL } from 'drizzle-orm';
import { ROSTER_FIELDS, type RosterField } from '../../core/people/exchange/roster-fields';
import { schema, type Db } from '../platform/db/client';

const { cases, people, rosterImports, rosterImportPeople } = schema;

/** A person's present details, as one JSON document by the names of the roster's fields. */
export const detailsOfPerson: SQL = sql`jsonb_build_object(${sql.join(
	ROSTER_FIELDS.map(
		(field: RosterField) => sql`${field}::text, people.${sql.identifier(people[field].name)}`
	),
	sql`, `
)})`;

/** An import that is about to be written. */
interface Import {
	/** Names the act. */
	readonly id: string;
	readonly userId: string;
	/** Whether a known person is changed by their row of the file. */
	readonly isChanged: SQL;
	/** The organisation's day. */
	readonly today: string;
	readonly added: number;
	readonly changed: number;
	/** How many leave or return by it. */
	readonly moved: number;
}

/**
 * Notes, before anything is written, how those are whom the file changes: to be put back if the import is undone.
 * @returns false where this act was carried out before
 */
export async function beginRecord(
	tx: Db,
	{ id, userId, isChanged, today, added, changed, moved }: Import,
	now: Date
): Promise<boolean> {
	const made = await tx
		.insert(rosterImports)
		.values({ id, userId, at: now, onDay: today, added, changed, moved })
		.onConflictDoNothing()
		.returning({ id: rosterImports.id });
	if (made.length === 0) return false;
	await tx.execute(sql`insert into ${rosterImportPeople} (import_id, person_id, before)
		select ${id}::uuid, people.id, ${detailsOfPerson} from roster x join ${people} on lower(people.email) = x.match where ${isChanged}`);
	return true;
}

/** Notes what was written, and those whom the import added: made at its moment, and without a case yet. */
export async function endRecord(tx: Db, id: string, now: Date): Promise<void> {
	await tx.execute(sql`update ${rosterImportPeople} as r set after = ${detailsOfPerson}
		from ${people} where people.id = r.person_id and r.import_id = ${id}::uuid`);
	await tx.execute(sql`insert into ${rosterImportPeople} (import_id, person_id, after)
		select ${id}::uuid, people.id, ${detailsOfPerson} from roster x join ${people} on lower(people.email) = x.email
		where people.created_at = ${now.toISOString()}::timestamptz
			and not exists (select from ${cases} where ${cases.personId} = people.id)
		on conflict do nothing`);
}
