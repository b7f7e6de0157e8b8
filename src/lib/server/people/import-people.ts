import { sql, type SQL } from 'drizzle-orm';
import {
	ROSTER_FIELDS,
	type ColumnMap,
	type RosterField,
	type RosterPerson
} from '../../core/people/exchange/roster-fields';
import { RosterReader } from '../../core/people/exchange/read-roster';
import type {
	ImportReport,
	RenamedPerson,
	RosterChange,
	RosterLine
} from '../../core/people/exchange/import-report';
import { mayChange } from '../../core/people/directory/directory-settings';
import { hasHolidaysFor } from '../../core/platform/calendar/public-holidays';
import { requirePermission } from '../platform/access/require-permission';
import type { Actor } from '../platform/actor';
import { isoDay } from '../platform/clock';
import { idempotencyKeyFor } from '../platform/acts/desk-act';
import { writeAuditLine } from '../platform/audit/write-audit-line';
import { schema, type Db } from '../platform/db/client';
import { inTransaction } from '../platform/db/transaction';
import { DomainError } from '../platform/domain-error';
import { yieldToEventLoop } from '../platform/yield-to-event-loop';
import { readOrganisation } from '../platform/organisation/read-organisation';
import { markAsReturned, markAsLeft } from './mark-as-left';
import { fitDirectory, type DirectoryRules } from './fit-directory';
import { beginRecord, endRecord } from './import-record';
import { saveRosterMapping } from './roster-mappings';
import { queueJob } from '../platform/jobs/queue-job';

const { cases, people } = schema;

/** People written in one statement, and rows read before other work gets its turn. */
const CHUNK = 2000;

/** Most errors shown: with more, the file is of another kind. */
const MOST_FAULTS = 200;

/** Most people shown by name for each kind of change. */
const MOST_SHOWN = 100;

/** Most people that one file can mark as left or as returned: more would be the wrong file. Our assumption. */
const MAX_LEAVERS_AND_RETURNERS = 2000;

/** A file as sent by its page. */
export interface ImportInput {
	readonly lines: readonly (readonly string[])[];
	readonly columns: ColumnMap;
	/** Number of the first line as a spreadsheet numbers its rows. */
	readonly firstRow: number;
	/** The file's headings, under which its columns are remembered; empty for none. */
	readonly headings: string;
	/** Whether rows that can't be read are left out, and other cells that can't be used left empty; otherwise nothing is imported. */
	readonly leaveOut: boolean;
	/** People who are in the file under another address: theirs is changed, and nobody is added for it. */
	readonly renames: readonly string[];
	/** Where the list is a staff directory's, whose people are known by their staff numbers; left out for a file. */
	readonly directory?: DirectoryRules;
	/** What was seen before applying; null for a preview. */
	readonly apply: {
		/** Names this one act. */
		readonly key: string;
		readonly added: number;
		readonly changed: number;
		/** Marks people missing from the file as left. */
		readonly leaveAbsent: boolean;
		readonly takeBack: boolean;
	} | null;
}

/**
 * What a file changes for known people, where it has a column for it. Their email address identifies them; their language they choose on
 * their own pages.
 */
const KNOWN_FIELDS = ROSTER_FIELDS.filter((field) => field !== 'email' && field !== 'language');

/** Fields that say where someone lives: they move working days and days of emails. */
const PLACE_FIELDS: readonly RosterField[] = ['country', 'region', 'timeZone'];

/** Whether a directory says something of a field: a country says of a region and a time zone that they are of no other. */
const isTold = (columns: ColumnMap, field: RosterField) =>
	columns[field].length > 0 || (PLACE_FIELDS.includes(field) && columns.country.length > 0);

/** Reads the lines in pieces: a long file holds up nobody's request. */
async function readInPieces({ lines, columns, firstRow, headings }: ImportInput): Promise<RosterReader> {
	const reader = new RosterReader(columns, firstRow, headings);
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
	const { id } = requirePermission(actor, 'people:change');
	return importAs(db, { actor, userId: id }, input, now);
}

/** What importing a list would do, for a job that shows it to nobody by itself. */
export const previewImport = (db: Db, input: Omit<ImportInput, 'apply'>, now: Date): Promise<ImportReport> =>
	importAs(db, null, { ...input, apply: null }, now);

/** A list as read: who is here and who has gone by it, which fields it changes of known people, and what couldn't be read. */
function listOf(
	{ people: rows, faults }: RosterReader,
	{ columns, directory }: ImportInput,
	usual: string,
	today: string
) {
	const read = rows.map((person) => (person.language === '' ? { ...person, language: usual } : person));
	const hasGone = ({ leavesOn }: RosterPerson) => leavesOn !== '' && leavesOn <= today;
	const countries = [...new Set(read.map(({ country }) => country))].filter((c) => /^[A-Z]{2}$/.test(c));
	const unread = new Set(
		faults.filter(({ field }) => field === 'name' || field === 'email').map(({ row }) => row)
	);
	return {
		gone: read.filter(hasGone),
		here: read.filter((person) => !hasGone(person)),
		known: KNOWN_FIELDS.filter((field) =>
			directory ? isTold(columns, field) && mayChange(directory.may, field) : columns[field].length > 0
		),
		movesPeople: !directory || directory.may.includes('leavers'),
		report: {
			leftOut: unread.size,
			emptied: faults.filter(({ row }) => !unread.has(row)).length,
			faults: faults.slice(0, MOST_FAULTS),
			moreFaults: Math.max(0, faults.length - MOST_FAULTS),
			unknownCountries: countries.filter((country) => !hasHolidaysFor({ country, region: null }))
		}
	};
}

type RosterList = ReturnType<typeof listOf>;

/** @param by who applies it; null for a preview */
async function importAs(
	db: Db,
	by: { readonly actor: Actor; readonly userId: string } | null,
	input: ImportInput,
	now: Date
): Promise<ImportReport> {
	const reader = await readInPieces(input);
	const { language: usual, timeZone } = await readOrganisation(db);
	const today = isoDay(now, timeZone);
	const list = listOf(reader, input, usual, today);
	const { report } = list;
	if (reader.faults.length > 0 && !input.leaveOut) return { ...NOTHING, ...report };
	const { apply } = input;
	// Whose row can't be read is not missing.
	if (apply?.leaveAbsent && report.leftOut > 0) throw new DomainError('invalid', 'absentNeedsEveryRow');
	return inTransaction(db, async (tx) => {
		await putAside(tx, list.here, list.gone);
		const seen = await changesBy(tx, list, input);
		if (!apply || !by) return { ...seen, ...report, isApplied: false };
		if (seen.added !== apply.added || seen.changed !== apply.changed)
			throw new DomainError('conflict', 'listChanged');
		const { actor, userId } = by;
		const moved = await movedBy(tx, list, seen, apply);
		// Sent twice, it is done once.
		const isChanged = isChangedBy(list.known);
		const record = { id: apply.key, userId, today, isChanged, ...seen, moved: moved.ids.length };
		if (!(await beginRecord(tx, record, now))) throw new DomainError('conflict', 'listChanged');
		await writeList(tx, list, moved.ids, now);
		await endRecord(tx, apply.key, now);
		// What returning alone makes due is held back, like everything an import makes due.
		await judgeAgain(tx, moved.backIds);
		await addCases(tx);
		for (const personId of moved.ids) {
			const move = moved.backIds.includes(personId) ? markAsReturned : markAsLeft;
			const act = { personId, batch: apply.key, key: idempotencyKeyFor(apply.key, personId), version: null };
			await move(tx, actor, act, now);
		}
		if (input.headings !== '') await saveRosterMapping(tx, userId, input, now);
		const detail = { added: seen.added, changed: seen.changed, moved: moved.ids.length };
		await writeAuditLine(tx, actor, { at: now, act: 'people-imported', detail });
		// Whoever moved to another country has other days off.
		await queueJob(tx, 'reassessment');
		return { ...seen, ...report, isApplied: true };
	});
}

/** What importing the list would do; reads only, but for whom it takes to be someone known. */
async function changesBy(tx: Db, { known, movesPeople }: RosterList, { directory, renames }: ImportInput) {
	const fitted = directory ? await fitDirectory(tx, directory, MOST_SHOWN) : NOTHING_ASIDE;
	// A directory's people are known by their numbers already.
	const renamed = directory ? [] : await renamedIn(tx, renames);
	const compared = await compare(tx, known);
	return { ...compared, ...(movesPeople ? {} : nobodyMoves(compared)), renamed, ...fitted };
}

/** Who is marked as left or returned. Read before the list is written: afterwards everyone in it is there. */
async function movedBy(
	tx: Db,
	{ movesPeople }: RosterList,
	seen: Pick<ImportReport, 'back' | 'absent' | 'leaving'>,
	{ takeBack, leaveAbsent }: NonNullable<ImportInput['apply']>
) {
	const n = (takeBack ? seen.back : 0) + (leaveAbsent ? seen.absent : 0) + seen.leaving;
	if (n > MAX_LEAVERS_AND_RETURNERS)
		throw new DomainError('invalid', { code: 'tooManyMoved', facts: { n, most: MAX_LEAVERS_AND_RETURNERS } });
	const backIds = takeBack && movesPeople ? await idsOf(tx, BACK) : [];
	const absentIds = leaveAbsent && movesPeople ? await idsOf(tx, ABSENT) : [];
	const leavingIds = movesPeople ? await idsOf(tx, LEAVING) : [];
	return { backIds, ids: [...backIds, ...absentIds, ...leavingIds] };
}

/** Locks whom the list changes or moves, in the order of their ids; acts on a person begin with that person's row. */
async function lockListed(tx: Db, known: readonly RosterField[], movedIds: readonly string[]): Promise<void> {
	await tx.execute(sql`
		select from ${people} where id in (
			select people.id from roster x join ${people} on lower(people.email) = x.match where ${isChangedBy(known)}
			union all select unnest(${sql.param(movedIds)}::uuid[]))
		order by id for no key update`);
}

/** Writes the people of the list who are here. */
async function writeList(
	tx: Db,
	{ here, known }: RosterList,
	movedIds: readonly string[],
	now: Date
): Promise<void> {
	await lockListed(tx, known, movedIds);
	await judgeMoved(tx, known);
	await writeAddresses(tx);
	for (let from = 0; from < here.length; from += CHUNK) await write(tx, from, known, now);
}

/** Gives everybody who was added a case. */
async function addCases(tx: Db): Promise<void> {
	await tx.execute(sql`
		insert into ${cases} (person_id)
		select p.id from people p left join cases c on c.person_id = p.id where c.person_id is null`);
}

const NOTHING_ASIDE = { asideCount: 0, aside: [], notAdded: 0 } as const;

const NOTHING = {
	...NOTHING_ASIDE,
	added: 0,
	changed: 0,
	same: 0,
	absent: 0,
	back: 0,
	leaving: 0,
	departed: 0,
	renamed: [],
	shown: { added: [], changed: [], absent: [], back: [], leaving: [] },
	isApplied: false
} as const;

/** What remains where nobody may be marked as left or returned. */
const nobodyMoves = ({ shown }: Pick<ImportReport, 'shown'>) => ({
	absent: 0,
	back: 0,
	leaving: 0,
	departed: 0,
	shown: { ...shown, absent: [], back: [], leaving: [] }
});

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

/** Whether a row of the file, `x`, changes the person it is about: by another address, or by one of these fields. */
const isChangedBy = (told: readonly RosterField[]): SQL =>
	sql`(x.match <> x.email or (${differs(told, 'x')}))`;

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
	await tx.execute(sql`update ${cases} set rules_version = '' from roster x join ${people} on lower(people.email) = x.match
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

/**
 * The file as a temporary table of this transaction, its lines numbered from 0, for comparison with the people as a set. `match` is the
 * address under which a person is known, which may be another than the file's.
 * @param gone people whose leaving day has come: they are only marked as left
 */
async function putAside(tx: Db, read: readonly RosterPerson[], gone: readonly RosterPerson[]): Promise<void> {
	const fields = ROSTER_FIELDS.map((field) => sql`${sql.identifier(field)} text not null`);
	await tx.execute(
		sql`create temporary table roster (line integer not null, match text not null, ${sql.join(fields, sql`, `)}) on commit drop`
	);
	await tx.execute(
		sql`create temporary table roster_gone (match text not null, "staffNumber" text not null) on commit drop`
	);
	await tx.execute(sql`insert into roster_gone select email, "staffNumber" from ${recordset(gone)}`);
	// Addresses of people in the list whose rows can't be taken: they are not missing.
	await tx.execute(sql`create temporary table roster_aside (match text not null) on commit drop`);
	for (let from = 0; from < read.length; from += CHUNK) {
		const rows = read.slice(from, from + CHUNK);
		await tx.execute(sql`insert into roster
			select ${from}::integer + n - 1, x.email, ${values(ROSTER_FIELDS, 'x')} from ${recordset(rows)}`);
		await yieldToEventLoop();
	}
	await tx.execute(sql`create index on roster (match)`);
	await tx.execute(sql`analyze roster`);
}

/** People whom the file takes back: they have left, and are in it. */
const BACK = sql`roster x join ${people} on lower(people.email) = x.match where people.left_at is not null`;

const ABSENT = sql`${people} where people.left_at is null
	and not exists (select 1 from roster x where x.match = lower(people.email))
	and not exists (select 1 from roster_gone g where g.match = lower(people.email))
	and not exists (select 1 from roster_aside a where a.match = lower(people.email))`;

/** People who are still here, and whose leaving day in the file has come. */
const LEAVING = sql`${people} where people.left_at is null
	and exists (select 1 from roster_gone g where g.match = lower(people.email))`;

/** Most people who are shown as known under another address. */
const MOST_RENAMED = 300;

/**
 * Finds people of the file who may be known under another address, and takes those that were chosen as the same: one person in the file and
 * one known person, who isn't in it, with the same staff number; or with the same name, if no number says otherwise.
 * @param chosen ids of the known people
 * @throws DomainError where someone who was chosen is no longer among them
 */
async function renamedIn(tx: Db, chosen: readonly string[]): Promise<RenamedPerson[]> {
	const { rows } = await tx.execute<{ [K in keyof RenamedPerson]: RenamedPerson[K] }>(sql`
		with strangers as (
			select x.* from roster x where not exists (select 1 from ${people} where lower(people.email) = x.email)),
		missing as (select people.* from ${ABSENT}),
		pairs as (
			select m.id, x.name, m.email as is_email, x.email, 'staff-number' as by
			from strangers x join missing m on m.staff_number = x."staffNumber" where x."staffNumber" <> ''
			union all
			select m.id, x.name, m.email, x.email, 'name'
			from strangers x join missing m on lower(m.name) = lower(x.name)
			where m.staff_number = '' or x."staffNumber" = ''),
		counted as (
			select *, count(*) over (partition by id) as per_person, count(*) over (partition by email) as per_row from pairs)
		select id as "personId", name, is_email as "from", email as "to", by from counted
		where per_person = 1 and per_row = 1 order by by desc, lower(name), id limit ${MOST_RENAMED}`);
	const taken = rows.filter(({ personId }) => chosen.includes(personId));
	if (taken.length < new Set(chosen).size) throw new DomainError('conflict', 'listChanged');
	for (const { from, to } of taken)
		await tx.execute(sql`update roster set match = ${from.toLowerCase()} where email = ${to}`);
	return rows.map((row) => ({ ...row }));
}

/** Gives people who were known under another address that of the file; one that bounced is tried again. */
async function writeAddresses(tx: Db): Promise<void> {
	await tx.execute(sql`update ${people} set email = x.email, bounced_at = null, version = people.version + 1
		from roster x where lower(people.email) = x.match and x.match <> x.email`);
	await tx.execute(sql`update roster set match = email`);
}

async function idsOf(tx: Db, of: SQL): Promise<string[]> {
	const { rows } = await tx.execute<{ id: string }>(sql`select people.id from ${of} order by people.id`);
	return rows.map(({ id }) => id);
}

/** A person whom the file changes: present values, and the file's. */
type Changed = Record<`${'is' | 'file'}.${RosterField}`, string>;

function changeOf(row: Changed, told: readonly RosterField[]): RosterChange {
	const { 'file.name': name, 'file.email': email, 'file.team': team } = row;
	// A new address counts, too: no column of the file is left out for it.
	const fields = ([...told, 'email'] as const).flatMap((field) => {
		const [from, to] = [row[`is.${field}`], row[`file.${field}`]];
		return from === to ? [] : [{ field, from, to }];
	});
	return { name, email, team, fields };
}

async function compare(tx: Db, told: readonly RosterField[]) {
	const known = sql`roster x join ${people} on lower(people.email) = x.match`;
	const added = sql`roster x where not exists (select 1 from ${people} where lower(people.email) = x.match)`;
	const isChanged = isChangedBy(told);
	const line = sql`x.name, x.email, x.team`;
	const most = sql`limit ${MOST_SHOWN}`;
	const [
		{ rows: counts },
		{ rows: leavers },
		{ rows: absents },
		shownAdded,
		shownChanged,
		shownBack,
		shownAbsent,
		shownLeaving
	] = [
		await tx.execute<{ all: number; found: number; changed: number; back: number }>(sql`
			select count(*)::int as all, count(people.id)::int as found,
				(count(*) filter (where people.id is not null and ${isChanged}))::int as changed,
				count(people.left_at)::int as back
			from roster x left join ${people} on lower(people.email) = x.match`),
		await tx.execute<{ n: number; departed: number }>(sql`select (select count(*) from ${LEAVING})::int as n,
			(select count(*) from roster_gone g
				where not exists (select 1 from ${people} where lower(people.email) = g.match))::int as departed`),
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
			)} from ${known} where ${isChanged} order by x.line ${most}`),
		await tx.execute<RosterLine & Record<string, unknown>>(
			sql`select ${line} from ${BACK} order by x.line ${most}`
		),
		await tx.execute<RosterLine & Record<string, unknown>>(
			sql`select name, email, team from ${ABSENT} order by lower(name), id ${most}`
		),
		await tx.execute<RosterLine & Record<string, unknown>>(
			sql`select name, email, team from ${LEAVING} order by lower(name), id ${most}`
		)
	];
	const { all = 0, found = 0, changed = 0, back = 0 } = counts[0] ?? {};
	return {
		added: all - found,
		changed,
		same: found - changed,
		absent: absents[0]?.n ?? 0,
		back,
		leaving: leavers[0]?.n ?? 0,
		departed: leavers[0]?.departed ?? 0,
		shown: {
			added: shownAdded.rows,
			changed: shownChanged.rows.map((row) => changeOf(row, told)),
			absent: shownAbsent.rows,
			leaving: shownLeaving.rows,
			back: shownBack.rows
		}
	};
}
