import { sql } from 'drizzle-orm';
import { readRoster, type ColumnMap, type RosterFault } from '../../core/exchange';
import { knowsHolidaysOf } from '../../core/calendar/public-holidays';
import { needCoordinator, type Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';

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
	/** Faults beyond those that are told. */
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
	const told = {
		faults: faults.slice(0, MOST_FAULTS),
		moreFaults: Math.max(0, faults.length - MOST_FAULTS),
		unknownCountries: countries.filter((country) => !knowsHolidaysOf({ country, region: null }))
	};
	if (faults.length > 0) return { added: 0, changed: 0, same: 0, ...told, isApplied: false };
	if (!input.apply) return { ...(await wouldDo(db, read)), ...told, isApplied: false };
	const counts = await db.transaction(async (tx) => {
		let [added, changed] = [0, 0];
		for (let from = 0; from < read.length; from += CHUNK) {
			const chunk = read.slice(from, from + CHUNK);
			const { rows } = await tx.execute<{ is_new: boolean }>(sql`
				insert into ${people} (name, email, team, country, time_zone, language, created_at)
				select x.name, x.email, x.team, x.country, x."timeZone", x.language, ${now.toISOString()}::timestamptz
				from jsonb_to_recordset(${JSON.stringify(chunk)}::jsonb)
					as x(name text, email text, team text, country text, "timeZone" text, language text)
				on conflict (lower(email)) do update set
					name = excluded.name, team = excluded.team, country = excluded.country,
					time_zone = excluded.time_zone, language = excluded.language, version = people.version + 1
				where (people.name, people.team, people.country, people.time_zone, people.language)
					is distinct from (excluded.name, excluded.team, excluded.country, excluded.time_zone, excluded.language)
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
	return { ...counts, same: read.length - counts.added - counts.changed, ...told, isApplied: true };
}

/** What taking a roster in would do; reads only. */
async function wouldDo(db: Db, read: readonly { email: string }[]) {
	let [known, same] = [0, 0];
	for (let from = 0; from < read.length; from += CHUNK) {
		const { rows } = await db.execute<{ same: boolean }>(sql`
			select (p.name, p.team, p.country, p.time_zone, p.language)
				is not distinct from (x.name, x.team, x.country, x."timeZone", x.language) as same
			from jsonb_to_recordset(${JSON.stringify(read.slice(from, from + CHUNK))}::jsonb)
				as x(name text, email text, team text, country text, "timeZone" text, language text)
			join people p on lower(p.email) = x.email`);
		known += rows.length;
		same += rows.filter((row) => row.same).length;
	}
	return { added: read.length - known, changed: known - same, same };
}
