import { sql, type SQL } from 'drizzle-orm';
import {
	ROSTER_FIELDS,
	RosterReader,
	type ColumnMap,
	type ImportReport,
	type RosterChange,
	type RosterField,
	type RosterLine,
	type RosterPerson
} from '../../core/exchange';
import { knowsHolidaysOf } from '../../core/calendar/public-holidays';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { keyFor } from '../acts/desk-act';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { Fault } from '../fault';
import { turn } from '../turn';
import { comeBack, leave } from './leave';
import { keepRosterMapping } from './roster-mappings';

const { cases, people } = schema;

/** People compared or written in one statement, and rows read before others have their turn. */
const CHUNK = 2000;

/** Faults told at most: with more the file is of another kind. */
const MOST_FAULTS = 200;

/** Of each kind of change, people that are shown by name. */
const MOST_SHOWN = 100;

/** People who can be marked as left, or taken back, by one file: more would be another file. Ours. */
export const MOST_MOVED = 2000;

/** A file as its page sends it. */
export interface ImportInput {
	readonly lines: readonly (readonly string[])[];
	readonly columns: ColumnMap;
	/** Number of the first line as a spreadsheet counts its rows. */
	readonly firstRow: number;
	/** The headings of the file, under which its columns are remembered; empty for none. */
	readonly headings: string;
	/** What was seen before it is applied; null to tell only what would be done. */
	readonly apply: {
		/** Names this one act. */
		readonly key: string;
		readonly added: number;
		readonly changed: number;
		/** Marks as left who is not in the file. */
		readonly leaveAbsent: boolean;
		/** Takes back who has left and is in the file. */
		readonly takeBack: boolean;
	} | null;
}

/** Reads the lines in pieces: a long file holds up nobody's request. */
async function readInPieces({ lines, columns, firstRow }: ImportInput): Promise<RosterReader> {
	const reader = new RosterReader(columns, firstRow);
	for (let from = 0; from < lines.length; from += CHUNK) {
		reader.add(lines.slice(from, from + CHUNK));
		await turn();
	}
	return reader;
}

/**
 * Takes a roster in: who is new by their address is added, who is known is changed where the file says otherwise; a field without a column
 * stays as it is. Who is absent or back is told, and moved only where that is asked for. All of it or nothing: with one fault nothing is
 * taken in. The same file again changes nothing.
 *
 * Cost: a statement for every two thousand people, and one over the list for those who are absent; in one transaction where it is applied.
 */
export async function importPeople(
	db: Db,
	actor: Actor,
	input: ImportInput,
	now: Date
): Promise<ImportReport> {
	const { id: userId } = requirePermission(actor, 'people:change');
	const { people: read, faults } = await readInPieces(input);
	const countries = [...new Set(read.map(({ country }) => country))].filter((c) => /^[A-Z]{2}$/.test(c));
	// What no column is for stays as it is.
	const told = ROSTER_FIELDS.filter((field) => input.columns[field].length > 0 && field !== 'email');
	const report = {
		faults: faults.slice(0, MOST_FAULTS),
		moreFaults: Math.max(0, faults.length - MOST_FAULTS),
		unknownCountries: countries.filter((country) => !knowsHolidaysOf({ country, region: null }))
	};
	if (faults.length > 0) return { ...NOTHING, ...report };
	const { apply } = input;
	if (!apply) return { ...(await compare(db, read, told)).report, ...report, isApplied: false };
	return inTransaction(db, async (tx) => {
		const { report: seen, absentIds, backIds } = await compare(tx, read, told);
		if (seen.added !== apply.added || seen.changed !== apply.changed)
			throw new Fault('conflict', 'listChanged');
		for (let from = 0; from < read.length; from += CHUNK)
			await write(tx, read.slice(from, from + CHUNK), told, now);
		// What coming back alone makes due is held back, as all that an import makes due.
		if (apply.takeBack) await judgeAgain(tx, backIds);
		await tx.execute(sql`
			insert into ${cases} (person_id)
			select p.id from people p left join cases c on c.person_id = p.id where c.person_id is null`);
		const moved = [
			...(apply.takeBack ? backIds.map((personId) => ({ personId, by: comeBack })) : []),
			...(apply.leaveAbsent ? absentIds.map((personId) => ({ personId, by: leave })) : [])
		];
		if (moved.length > MOST_MOVED)
			throw new Fault('invalid', { code: 'tooManyMoved', facts: { n: moved.length, most: MOST_MOVED } });
		for (const { personId, by } of moved) {
			const act = { personId, batch: apply.key, key: keyFor(apply.key, personId), version: null };
			await by(tx, actor, act, now);
		}
		if (input.headings !== '') await keepRosterMapping(tx, userId, input, now);
		const detail = { added: seen.added, changed: seen.changed, moved: moved.length };
		await writeAuditLine(tx, actor, { at: now, act: 'people-imported', detail });
		return { ...seen, ...report, isApplied: true };
	});
}

const NOTHING = {
	added: 0,
	changed: 0,
	same: 0,
	absent: 0,
	back: 0,
	shown: { added: [], changed: [], absent: [], back: [] },
	isApplied: false
} as const;

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

const differs = (told: readonly RosterField[], source: string): SQL =>
	told.length === 0
		? sql`false`
		: sql`(${values(told, 'people', true)}) is distinct from (${values(told, source, source === 'excluded')})`;

/** Fields that say where somebody lives: with them, working days and days of emails move. */
const PLACE_FIELDS: readonly RosterField[] = ['country', 'region', 'timeZone'];

/** Has people judged again by the queue, or by the next act on them; what that alone makes due is held back. */
async function judgeAgain(tx: Db, personIds: readonly string[]): Promise<void> {
	if (personIds.length === 0) return;
	await tx.execute(sql`update ${cases} set rules_version = '' where person_id = any(${sql.param(personIds)}::uuid[])
		and rules_version is not null`);
}

async function write(tx: Db, chunk: readonly RosterPerson[], told: readonly RosterField[], now: Date) {
	const places = told.filter((field) => PLACE_FIELDS.includes(field));
	const { rows: moved } = await tx.execute<{ id: string }>(sql`
		select people.id from ${recordset(chunk)} join ${people} on lower(people.email) = x.email where ${differs(places, 'x')}`);
	await judgeAgain(
		tx,
		moved.map(({ id }) => id)
	);
	const set = told.map((field) => sql`${column(field)} = excluded.${column(field)}`);
	await tx.execute(sql`
		insert into ${people} (${names(ROSTER_FIELDS)}, created_at)
		select ${values(ROSTER_FIELDS, 'x')}, ${now.toISOString()}::timestamptz
		from ${recordset(chunk)}
		on conflict (lower(email)) do update set ${sql.join([...set, sql`version = people.version + 1`], sql`, `)}
		where ${differs(told, 'excluded')}`);
}

/** Somebody who is known: as they are, and whether the file says otherwise. */
type Known = { id: string; at: string; changed: boolean; hasLeft: boolean } & Record<RosterField, string>;

function changeOf(person: RosterPerson, known: Known, told: readonly RosterField[]): RosterChange {
	return {
		...lineOf(person),
		fields: told.flatMap((field) =>
			known[field] === person[field] ? [] : [{ field, from: known[field], to: person[field] }]
		)
	};
}

const lineOf = ({ name, email, team }: RosterLine): RosterLine => ({ name, email, team });

/** What taking a roster in would do; reads only. */
async function compare(db: Db, read: readonly RosterPerson[], told: readonly RosterField[]) {
	let [changed, found] = [0, 0];
	const shown = { added: [] as RosterLine[], changed: [] as RosterChange[], back: [] as RosterLine[] };
	const backIds: string[] = [];
	for (let from = 0; from < read.length; from += CHUNK) {
		const chunk = read.slice(from, from + CHUNK);
		const { rows } = await db.execute<Known>(sql`
			select people.id, lower(people.email) as at, people.left_at is not null as "hasLeft", ${differs(told, 'x')} as changed,
				${sql.join(
					ROSTER_FIELDS.map((field) => sql`people.${column(field)} as ${sql.identifier(field)}`),
					sql`, `
				)}
			from ${recordset(chunk)} join ${people} on lower(people.email) = x.email`);
		const known = new Map(rows.map((row) => [row.at, row]));
		found += rows.length;
		for (const person of chunk) {
			const row = known.get(person.email);
			if (!row && shown.added.length < MOST_SHOWN) shown.added.push(lineOf(person));
			if (row?.changed) {
				changed += 1;
				if (shown.changed.length < MOST_SHOWN) shown.changed.push(changeOf(person, row, told));
			}
			if (row?.hasLeft) {
				backIds.push(row.id);
				if (shown.back.length < MOST_SHOWN) shown.back.push(lineOf(person));
			}
		}
		await turn();
	}
	const addresses = read.map(({ email }) => email);
	const { rows: absent } = await db.execute<{ id: string; name: string; email: string; team: string }>(sql`
		select id, name, email, team from people
		where left_at is null and lower(email) <> all(${sql.param(addresses)}::text[]) order by lower(name), id`);
	return {
		report: {
			added: read.length - found,
			changed,
			same: found - changed,
			absent: absent.length,
			back: backIds.length,
			shown: { ...shown, absent: absent.slice(0, MOST_SHOWN).map(lineOf) }
		},
		absentIds: absent.map(({ id }) => id),
		backIds
	};
}
