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
import { hasHolidaysFor } from '../../core/calendar/public-holidays';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { idempotencyKeyFor } from '../acts/desk-act';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';
import { yieldToEventLoop } from '../yield-to-event-loop';
import { readOrganisation } from '../organisation/read-organisation';
import { markAsReturned, markAsLeft } from './mark-as-left';
import { saveRosterMapping } from './roster-mappings';

const { cases, people } = schema;

/** People written in one statement, and rows read before others have their turn. */
const CHUNK = 2000;

/** Faults told at most: with more the file is of another kind. */
const MOST_FAULTS = 200;

/** Of each kind of change, people that are shown by name. */
const MOST_SHOWN = 100;

/** People who can be marked as left, or taken back, by one file: more would be another file. Our assumption. */
export const MAX_LEAVERS_AND_RETURNERS = 2000;

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

/**
 * What a file changes of people who are known, where it has a column for it. Their address is what they are known by; their language they choose
 * themselves, on their own pages.
 */
const KNOWN_FIELDS = ROSTER_FIELDS.filter((field) => field !== 'email' && field !== 'language');

/** Reads the lines in pieces: a long file holds up nobody's request. */
async function readInPieces({ lines, columns, firstRow }: ImportInput): Promise<RosterReader> {
	const reader = new RosterReader(columns, firstRow);
	for (let from = 0; from < lines.length; from += CHUNK) {
		reader.add(lines.slice(from, from + CHUNK));
		await yieldToEventLoop();
	}
	return reader;
}

/**
 * Takes a roster in: who is new by their address is added, who is known is changed where the file says otherwise; a field without a column
 * stays as it is, and new people without a language get the organisation's. Who is absent or back is told, and moved only where that is asked for. All of it or nothing: with one fault nothing is
 * taken in. The same file again changes nothing.
 *
 * Cost: the file goes into a temporary table, and is compared with the people as one set along people_email_key; no more of either than is shown comes back.
 * A statement for every two thousand rows that are written.
 */
export async function importPeople(
	db: Db,
	actor: Actor,
	input: ImportInput,
	now: Date
): Promise<ImportReport> {
	const { id: userId } = requirePermission(actor, 'people:change');
	const { people: rows, faults } = await readInPieces(input);
	const { language: usual } = await readOrganisation(db);
	const read = rows.map((person) => (person.language === '' ? { ...person, language: usual } : person));
	const countries = [...new Set(read.map(({ country }) => country))].filter((c) => /^[A-Z]{2}$/.test(c));
	const known = KNOWN_FIELDS.filter((field) => input.columns[field].length > 0);
	const report = {
		faults: faults.slice(0, MOST_FAULTS),
		moreFaults: Math.max(0, faults.length - MOST_FAULTS),
		unknownCountries: countries.filter((country) => !hasHolidaysFor({ country, region: null }))
	};
	if (faults.length > 0) return { ...NOTHING, ...report };
	const { apply } = input;
	return inTransaction(db, async (tx) => {
		await putAside(tx, read);
		const seen = await compare(tx, known);
		if (!apply) return { ...seen, ...report, isApplied: false };
		if (seen.added !== apply.added || seen.changed !== apply.changed)
			throw new DomainError('conflict', 'listChanged');
		const n = (apply.takeBack ? seen.back : 0) + (apply.leaveAbsent ? seen.absent : 0);
		if (n > MAX_LEAVERS_AND_RETURNERS)
			throw new DomainError('invalid', {
				code: 'tooManyMoved',
				facts: { n, most: MAX_LEAVERS_AND_RETURNERS }
			});
		// Who is absent or back is known before the file is written: afterwards all of it is there.
		const backIds = apply.takeBack ? await idsOf(tx, BACK) : [];
		const absentIds = apply.leaveAbsent ? await idsOf(tx, ABSENT) : [];
		await judgeMoved(tx, known);
		for (let from = 0; from < read.length; from += CHUNK) await write(tx, from, known, now);
		// What coming back alone makes due is held back, as all that an import makes due.
		if (apply.takeBack) await judgeAgain(tx, backIds);
		await tx.execute(sql`
			insert into ${cases} (person_id)
			select p.id from people p left join cases c on c.person_id = p.id where c.person_id is null`);
		const moved = [
			...backIds.map((personId) => ({ personId, by: markAsReturned })),
			...absentIds.map((personId) => ({ personId, by: markAsLeft }))
		];
		for (const { personId, by } of moved) {
			const act = { personId, batch: apply.key, key: idempotencyKeyFor(apply.key, personId), version: null };
			await by(tx, actor, act, now);
		}
		if (input.headings !== '') await saveRosterMapping(tx, userId, input, now);
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
	sql`rows from (jsonb_to_recordset(${JSON.stringify(chunk)}::jsonb) as (${sql.join(
		ROSTER_FIELDS.map((field) => sql`${sql.identifier(field)} text`),
		sql`, `
	)})) with ordinality as x(${sql.join(
		[...ROSTER_FIELDS, 'n'].map((field) => sql.identifier(field)),
		sql`, `
	)})`;

const differs = (told: readonly RosterField[], source: string): SQL =>
	told.length === 0
		? sql`false`
		: sql`(${values(told, 'people', true)}) is distinct from (${values(told, source, source === 'excluded')})`;

/** Fields that say where someone lives: with them, working days and days of emails move. */
const PLACE_FIELDS: readonly RosterField[] = ['country', 'region', 'timeZone'];

/** Has people judged again by the queue, or by the next act on them; what that alone makes due is held back. */
async function judgeAgain(tx: Db, personIds: readonly string[]): Promise<void> {
	if (personIds.length === 0) return;
	await tx.execute(sql`update ${cases} set rules_version = '' where person_id = any(${sql.param(personIds)}::uuid[])
		and rules_version is not null`);
}

/** Has those judged again whom the file moves to another place. */
async function judgeMoved(tx: Db, told: readonly RosterField[]): Promise<void> {
	const places = told.filter((field) => PLACE_FIELDS.includes(field));
	if (places.length === 0) return;
	await tx.execute(sql`update ${cases} set rules_version = '' from roster x join ${people} on lower(people.email) = x.email
		where person_id = people.id and rules_version is not null and (${differs(places, 'x')})`);
}

/** Writes the rows of the file from one line on, a chunk of them. */
async function write(tx: Db, from: number, told: readonly RosterField[], now: Date): Promise<void> {
	const set = told.map((field) => sql`${column(field)} = excluded.${column(field)}`);
	await tx.execute(sql`
		insert into ${people} (${names(ROSTER_FIELDS)}, created_at)
		select ${values(ROSTER_FIELDS, 'x')}, ${now.toISOString()}::timestamptz
		from roster x where x.line >= ${from} and x.line < ${from + CHUNK} order by x.line
		on conflict (lower(email)) do update set ${sql.join([...set, sql`version = people.version + 1`], sql`, `)}
		where ${differs(told, 'excluded')}`);
}

/** The file as a table of this transaction's own, its lines numbered from 0: it is compared with the people as one set. */
async function putAside(tx: Db, read: readonly RosterPerson[]): Promise<void> {
	const fields = ROSTER_FIELDS.map((field) => sql`${sql.identifier(field)} text not null`);
	await tx.execute(
		sql`create temporary table roster (line integer not null, ${sql.join(fields, sql`, `)}) on commit drop`
	);
	for (let from = 0; from < read.length; from += CHUNK) {
		const rows = read.slice(from, from + CHUNK);
		await tx.execute(sql`insert into roster
			select ${from}::integer + n - 1, ${values(ROSTER_FIELDS, 'x')} from ${recordset(rows)}`);
		await yieldToEventLoop();
	}
	await tx.execute(sql`create index on roster (email)`);
	await tx.execute(sql`analyze roster`);
}

/** Whom the file takes back: they have left, and it has them. */
const BACK = sql`roster x join ${people} on lower(people.email) = x.email where people.left_at is not null`;

/** Who is not in the file. */
const ABSENT = sql`${people} where people.left_at is null
	and not exists (select 1 from roster x where x.email = lower(people.email))`;

async function idsOf(tx: Db, of: SQL): Promise<string[]> {
	const { rows } = await tx.execute<{ id: string }>(sql`select people.id from ${of} order by people.id`);
	return rows.map(({ id }) => id);
}

/** Someone whom the file changes: as they are, and as it has them. */
type Changed = Record<`${'is' | 'file'}.${RosterField}`, string>;

function changeOf(row: Changed, told: readonly RosterField[]): RosterChange {
	const { 'file.name': name, 'file.email': email, 'file.team': team } = row;
	const fields = told.flatMap((field) => {
		const [from, to] = [row[`is.${field}`], row[`file.${field}`]];
		return from === to ? [] : [{ field, from, to }];
	});
	return { name, email, team, fields };
}

/** What taking in the file that was put aside would do; reads only. */
async function compare(tx: Db, told: readonly RosterField[]) {
	const known = sql`roster x join ${people} on lower(people.email) = x.email`;
	const added = sql`roster x where not exists (select 1 from ${people} where lower(people.email) = x.email)`;
	const line = sql`x.name, x.email, x.team`;
	const most = sql`limit ${MOST_SHOWN}`;
	const [{ rows: counts }, { rows: absents }, shownAdded, shownChanged, shownBack, shownAbsent] = [
		await tx.execute<{ all: number; found: number; changed: number; back: number }>(sql`
			select count(*)::int as all, count(people.id)::int as found,
				(count(*) filter (where people.id is not null and (${differs(told, 'x')})))::int as changed,
				count(people.left_at)::int as back
			from roster x left join ${people} on lower(people.email) = x.email`),
		await tx.execute<{ n: number }>(sql`select count(*)::int as n from ${ABSENT}`),
		await tx.execute<RosterLine & Record<string, unknown>>(
			sql`select ${line} from ${added} order by x.line ${most}`
		),
		await tx.execute<Changed>(sql`
			select ${sql.join(
				ROSTER_FIELDS.flatMap((field) => [
					sql`people.${column(field)} as ${sql.identifier(`is.${field}`)}`,
					sql`x.${sql.identifier(field)} as ${sql.identifier(`file.${field}`)}`
				]),
				sql`, `
			)} from ${known} where ${differs(told, 'x')} order by x.line ${most}`),
		await tx.execute<RosterLine & Record<string, unknown>>(
			sql`select ${line} from ${BACK} order by x.line ${most}`
		),
		await tx.execute<RosterLine & Record<string, unknown>>(
			sql`select name, email, team from ${ABSENT} order by lower(name), id ${most}`
		)
	];
	const { all = 0, found = 0, changed = 0, back = 0 } = counts[0] ?? {};
	return {
		added: all - found,
		changed,
		same: found - changed,
		absent: absents[0]?.n ?? 0,
		back,
		shown: {
			added: shownAdded.rows,
			changed: shownChanged.rows.map((row) => changeOf(row, told)),
			absent: shownAbsent.rows,
			back: shownBack.rows
		}
	};
}
