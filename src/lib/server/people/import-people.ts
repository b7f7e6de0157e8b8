import { sql } from 'drizzle-orm';
import {
	readRoster,
	ROSTER_FIELDS,
	type ColumnMap,
	type RosterFault,
	type RosterField
} from '../../core/exchange';
import { knowsHolidaysOf } from '../../core/calendar/public-holidays';
import { needCoordinator, type Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';

const { cases, people } = schema;

/** People written in one statement. */
const CHUNK = 1000;

/** Faults told at most: with more the file is of another kind. */
const MOST_FAULTS = 200;

/** What an import does, or would do. */
export interface ImportReport {
	readonly added: number;
	readonly changed: number;
	readonly same: number;
	readonly faults: readonly RosterFault[];
	/** Faults beyond those that are shown. */
	readonly moreFaults: number;
	/** Countries in the file whose holidays are not known: dates there skip weekends only. */
	readonly unknownCountries: readonly string[];
	readonly isApplied: boolean;
}

/**
 * Takes a roster in: who is new by their address is added, who is known is changed where the file says otherwise. All of it
 * or nothing: with one fault nothing is taken in. The same file again changes nothing.
 *
 * Cost: a statement for every thousand people, all in one transaction.
 *
 * @param apply false to tell only what would be done
 */
export async function importPeople(
	db: Db,
	actor: Actor,
	input: { lines: readonly (readonly string[])[]; columns: ColumnMap; apply: boolean },
	now: Date
): Promise<ImportReport> {
	needCoordinator(actor);
	const { people: read, faults } = readRoster(input.lines, input.columns);
	const countries = [...new Set(read.map(({ country }) => country))].filter((c) => /^[A-Z]{2}$/.test(c));
	// What no column is for stays as it is.
	const told = ROSTER_FIELDS.filter((field) => input.columns[field] !== null && field !== 'email');
	const report = {
		faults: faults.slice(0, MOST_FAULTS),
		moreFaults: Math.max(0, faults.length - MOST_FAULTS),
		unknownCountries: countries.filter((country) => !knowsHolidaysOf({ country, region: null }))
	};
	if (faults.length > 0) return { added: 0, changed: 0, same: 0, ...report, isApplied: false };
	if (!input.apply) return { ...(await wouldDo(db, read, told)), ...report, isApplied: false };
	const counts = await inTransaction(db, async (tx) => {
		let [added, changed] = [0, 0];
		for (let from = 0; from < read.length; from += CHUNK) {
			const chunk = read.slice(from, from + CHUNK);
			const { rows } = await tx.execute<{ is_new: boolean }>(sql`
				insert into ${people} (${names(ROSTER_FIELDS)}, created_at)
				select ${values(ROSTER_FIELDS, 'x')}, ${now.toISOString()}::timestamptz
				from ${recordset(chunk)}
				on conflict (lower(email)) do update set
					${sql.join(
						told.map((field) => sql`${column(field)} = excluded.${column(field)}`),
						sql`, `
					)}, version = people.version + 1
				where (${values(told, 'people', true)}) is distinct from (${values(told, 'excluded', true)})
				returning (xmax = 0) as is_new`);
			added += rows.filter(({ is_new }) => is_new).length;
			changed += rows.filter(({ is_new }) => !is_new).length;
		}
		await tx.execute(sql`
			insert into ${cases} (person_id)
			select p.id from people p left join cases c on c.person_id = p.id where c.person_id is null`);
		const detail = { added, changed };
		await writeAuditLine(tx, actor, { at: now, act: 'people-imported', detail });
		return { added, changed };
	});
	return { ...counts, same: read.length - counts.added - counts.changed, ...report, isApplied: true };
}

/** A field's column in the table of people. */
const column = (field: RosterField) => sql.identifier(people[field].name);

const names = (fields: readonly RosterField[]) => sql.join(fields.map(column), sql`, `);

/** The fields of a row source; of the file's they are named as the roster names them, of the table's as its columns. */
const values = (fields: readonly RosterField[], source: string, isTable = false) =>
	sql.join(
		fields.map((field) => sql`${sql.identifier(source)}.${isTable ? column(field) : sql.identifier(field)}`),
		sql`, `
	);

const recordset = (chunk: readonly object[]) =>
	sql`jsonb_to_recordset(${JSON.stringify(chunk)}::jsonb) as x(${sql.join(
		ROSTER_FIELDS.map((field) => sql`${sql.identifier(field)} text`),
		sql`, `
	)})`;

/** What taking a roster in would do; reads only. */
async function wouldDo(db: Db, read: readonly { email: string }[], told: readonly RosterField[]) {
	let [known, same] = [0, 0];
	for (let from = 0; from < read.length; from += CHUNK) {
		const { rows } = await db.execute<{ same: boolean }>(sql`
			select (${values(told, 'people', true)}) is not distinct from (${values(told, 'x')}) as same
			from ${recordset(read.slice(from, from + CHUNK))}
			join ${people} on lower(people.email) = x.email`);
		known += rows.length;
		same += rows.filter((row) => row.same).length;
	}
	return { added: read.length - known, changed: known - same, same };
}
