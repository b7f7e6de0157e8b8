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

/** People written in one statement, and rows read before other work gets its turn. */
const CHUNK = 2000;

/** Most errors shown: with more, the file is of another kind. */
const MOST_FAULTS = 200;

/** Most people shown by name for each kind of change. */
const MOST_SHOWN = 100;

/** Most people that one file can mark as left or as returned: more would be the wrong file. Our assumption. */
export const MAX_LEAVERS_AND_RETURNERS = 2000;

/** A file as sent by its page. */
export interface ImportInput {
	readonly lines: readonly (readonly string[])[];
	readonly columns: ColumnMap;
	/** Number of the first line as a spreadsheet numbers its rows. */
	readonly firstRow: number;
	/** The file's headings, under which its columns are remembered; empty for none. */
	readonly headings: string;
	/** What was seen before applying; null for a preview. */
	readonly apply: {
		/** Names this one act. */
		readonly key: string;
		readonly added: number;
		readonly changed: number;
		/** Marks people missing from the file as left. */
		readonly leaveAbsent: boolean;
		/** Takes back people who had left and are in the file. */
		readonly takeBack: boolean;
	} | null;
}

/**
 * What a file changes for known people, where it has a column for it. Their email address identifies them; their language they choose on
 * their own pages.
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
 * Imports a roster: people new by their email address are added, known ones are changed where the file differs. A field without a column
 * stays unchanged, and new people without a language get the organisation's. Absent and returning people are reported, and changed only on
 * request. All or nothing: with one error nothing is imported. The same file again changes nothing. Cost: the file goes into a temporary
 * table and is compared with the people as a set along people_email_key; only as many rows as are shown come back. One statement for every
 * two thousand rows written.
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
		// Absent and returning people are determined before the file is written: afterwards everyone in it is there.
		const backIds = apply.takeBack ? await idsOf(tx, BACK) : [];
		const absentIds = apply.leaveAbsent ? await idsOf(tx, ABSENT) : [];
		await judgeMoved(tx, known);
		for (let from = 0; from < read.length; from += CHUNK) await write(tx, from, known, now);
		// What returning alone makes due is held back, like everything an import makes due.
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

/** The fields of a row source: the file's are named as in the roster, the table's as its columns. */
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

/** Fields that say where someone lives: they move working days and days of emails. */
const PLACE_FIELDS: readonly RosterField[] = ['country', 'region', 'timeZone'];

/** Has people assessed again by the queue, or by the next act on them; what that alone makes due is held back. */
async function judgeAgain(tx: Db, personIds: readonly string[]): Promise<void> {
	if (personIds.length === 0) return;
	await tx.execute(sql`update ${cases} set rules_version = '' where person_id = any(${sql.param(personIds)}::uuid[])
		and rules_version is not null`);
}

/** Marks people whom the file moves to another place to be assessed again. */
async function judgeMoved(tx: Db, told: readonly RosterField[]): Promise<void> {
	const places = told.filter((field) => PLACE_FIELDS.includes(field));
	if (places.length === 0) return;
	await tx.execute(sql`update ${cases} set rules_version = '' from roster x join ${people} on lower(people.email) = x.email
		where person_id = people.id and rules_version is not null and (${differs(places, 'x')})`);
}

/** Writes a chunk of the file's rows, from a given line on. */
async function write(tx: Db, from: number, told: readonly RosterField[], now: Date): Promise<void> {
	const set = told.map((field) => sql`${column(field)} = excluded.${column(field)}`);
	await tx.execute(sql`
		insert into ${people} (${names(ROSTER_FIELDS)}, created_at)
		select ${values(ROSTER_FIELDS, 'x')}, ${now.toISOString()}::timestamptz
		from roster x where x.line >= ${from} and x.line < ${from + CHUNK} order by x.line
		on conflict (lower(email)) do update set ${sql.join([...set, sql`version = people.version + 1`], sql`, `)}
		where ${differs(told, 'excluded')}`);
}

/** The file as a temporary table of this transaction, its lines numbered from 0, for comparison with the people as a set. */
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

/** People whom the file takes back: they have left, and are in it. */
const BACK = sql`roster x join ${people} on lower(people.email) = x.email where people.left_at is not null`;

/** People who are not in the file. */
const ABSENT = sql`${people} where people.left_at is null
	and not exists (select 1 from roster x where x.email = lower(people.email))`;

async function idsOf(tx: Db, of: SQL): Promise<string[]> {
	const { rows } = await tx.execute<{ id: string }>(sql`select people.id from ${of} order by people.id`);
	return rows.map(({ id }) => id);
}

/** A person whom the file changes: present values, and the file's. */
type Changed = Record<`${'is' | 'file'}.${RosterField}`, string>;

function changeOf(row: Changed, told: readonly RosterField[]): RosterChange {
	const { 'file.name': name, 'file.email': email, 'file.team': team } = row;
	const fields = told.flatMap((field) => {
		const [from, to] = [row[`is.${field}`], row[`file.${field}`]];
		return from === to ? [] : [{ field, from, to }];
	});
	return { name, email, team, fields };
}

/** What importing the file would do; reads only. */
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
