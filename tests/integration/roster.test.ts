import { randomUUID } from 'node:crypto';
import { Readable } from 'node:stream';
import { eq, sql } from 'drizzle-orm';
import Papa from 'papaparse';
import { readSheet } from 'read-excel-file/node';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import writeXlsxFile from 'write-excel-file/node';
import { parseExportColumns, EXPORT_COLUMNS } from '$lib/core/people/exchange/export-columns';
import { guessColumns } from '$lib/core/people/exchange/guess-columns';
import { headingRowOf } from '$lib/core/people/exchange/heading-row';
import { headingsKey } from '$lib/core/people/exchange/headings-key';
import { ROSTER_FIELDS, type ColumnMap } from '$lib/core/people/exchange/roster-fields';
import { UNSET_ORGANISATION } from '$lib/core/platform/organisation';
import { schema } from '$lib/server/platform/db/client';
import { setOrganisation } from '$lib/server/platform/organisation/set-organisation';
import { setLanguage } from '$lib/server/people/set-language';
import { exportPeople } from '$lib/server/people/export-people';
import { importPeople, type ImportInput } from '$lib/server/people/import-people';
import { markAsLeft } from '$lib/server/people/mark-as-left';
import { listPeople } from '$lib/server/people/list-people';
import { filterOfQuery } from '$lib/server/people/people-filter';
import { rosterMappingsOf } from '$lib/server/people/roster-mappings';
import { tableOf } from '$lib/ui/people/roster-table';
import { act, Desk, faultOf } from '../support/desk';

let desk: Desk;
const now = new Date('2026-03-02T09:00:00Z');
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

const NONE: ColumnMap = {
	name: [],
	email: [],
	staffNumber: [],
	team: [],
	phone: [],
	country: [],
	region: [],
	timeZone: [],
	language: [],
	leavesOn: []
};
const columns: ColumnMap = { ...NONE, name: [0], email: [1], team: [2], country: [3] };
const look = (lines: readonly (readonly string[])[], over: Partial<ImportInput> = {}) =>
	importPeople(
		db(),
		desk.coordinator,
		{ lines, columns, firstRow: 2, headings: '', leaveOut: false, renames: [], apply: null, ...over },
		now
	);

/** Looks at what it would do, then takes it in as it was seen. */
async function take(
	lines: readonly (readonly string[])[],
	over: Partial<ImportInput> = {},
	moves = { leaveAbsent: false, takeBack: false }
) {
	const { added, changed } = await look(lines, over);
	return look(lines, { ...over, apply: { key: randomUUID(), added, changed, ...moves } });
}
const find = (query: string) =>
	listPeople(db(), desk.coordinator, { now, filter: filterOfQuery(new URLSearchParams(query)) });

async function exported(query: string, list: string): Promise<string> {
	let csv = '';
	const wanted = { filter: filterOfQuery(new URLSearchParams(query)), columns: parseExportColumns(list) };
	for await (const part of exportPeople(db(), desk.coordinator, wanted, now)) csv += part;
	return csv;
}

const AVA = ['Ava Roster', 'ava@roster.example', 'Glaze', 'Portugal'];
const BEN = ['Ben Roster', 'BEN@roster.example', 'Kiln', 'de'];

describe('a roster', () => {
	it('is compared before it is applied, all or nothing, and again changes nothing', async () => {
		expect(await look([AVA, BEN])).toMatchObject({
			added: 2,
			isApplied: false,
			shown: { added: [{ name: 'Ava Roster', email: 'ava@roster.example', team: 'Glaze' }, {}] }
		});
		expect((await find('q=roster.example')).total).toBe(0);
		const wrong = await look([AVA, BEN, ['', 'ava@roster.example', '', '']]);
		expect(wrong.faults.map(({ row, code }) => [row, code])).toEqual([
			[4, 'missing'],
			[4, 'twice']
		]);
		expect(await take([AVA, BEN])).toMatchObject({ added: 2, changed: 0, same: 0, isApplied: true });
		expect(await take([AVA, BEN])).toMatchObject({ added: 0, changed: 0, same: 2 });
		const moved = ['Ben Roster', 'ben@roster.example', 'Glaze', 'DE'];
		expect((await look([AVA, moved])).shown.changed).toEqual([
			{
				name: 'Ben Roster',
				email: 'ben@roster.example',
				team: 'Glaze',
				fields: [{ field: 'team', from: 'Kiln', to: 'Glaze' }]
			}
		]);
		expect(await take([AVA, moved])).toMatchObject({ added: 0, changed: 1, same: 1 });
	});

	it('leaves a field without a column as it is', async () => {
		const few: ColumnMap = { ...NONE, name: [0, 1], email: [2], staffNumber: [3] };
		await take([['Ava', 'Roster-Reed', 'ava@roster.example', '0042']], { columns: few });
		const [ava] = (await find('q=ava@roster.example')).lines;
		expect(ava).toMatchObject({ name: 'Ava Roster-Reed', team: 'Glaze' });
		expect(await exported('q=ava@roster.example', 'name,staffNumber,team,country')).toBe(
			'\ufeffname,staffNumber,team,country\r\nAva Roster-Reed,0042,Glaze,PT\r\n'
		);
	});

	it('tells who is absent and who is back, and moves them only where that is asked for', async () => {
		const idOf = async (address: string) => (await find(`q=${address}`)).lines[0]?.id ?? '';
		await take([['Cai Roster', 'cai@roster.example', '', '']]);
		await markAsLeft(db(), desk.coordinator, act(await idOf('ben@roster.example')), now);
		const file = [AVA, ['Ben Roster', 'ben@roster.example', 'Glaze', 'DE']];
		const seen = await look(file);
		expect(seen).toMatchObject({ absent: 1, back: 1 });
		expect(seen.shown.absent.map(({ email }) => email)).toEqual(['cai@roster.example']);
		await take(file);
		expect([(await find('q=cai')).total, (await find('q=ben@roster')).total]).toEqual([1, 0]);
		await take(file, {}, { leaveAbsent: true, takeBack: true });
		expect([(await find('q=cai')).total, (await find('q=ben@roster')).total]).toEqual([0, 1]);
		expect((await find('q=cai&who=left')).total).toBe(1);
	});

	it('is refused where the list is not what was seen', async () => {
		const apply = { key: randomUUID(), added: 5, changed: 0, leaveAbsent: false, takeBack: false };
		expect(await faultOf(look([AVA], { apply }))).toBe('conflict');
		expect(await faultOf(importPeople(db(), desk.clinician, {} as ImportInput, now))).toBe('not-allowed');
	});

	it('remembers the columns of a file by its headings, each user theirs', async () => {
		const headings = headingsKey(['Who', 'Post']);
		await take([AVA], { headings });
		expect(await rosterMappingsOf(db(), desk.coordinator)).toEqual([{ headings, columns }]);
		expect(await rosterMappingsOf(db(), desk.second)).toEqual([]);
	});

	it('names three bad rows of 5,000 as a spreadsheet numbers them', async () => {
		const lines = Array.from({ length: 5000 }, (_, i) => [`P ${i}`, `p${i}@many.example`, 'T', 'PT']);
		lines[9] = ['', 'p9@many.example', 'T', 'PT'];
		lines[2500] = ['P', 'no address', 'T', 'PT'];
		lines[4999] = ['P', 'p0@many.example', 'T', 'PT'];
		const { faults, added } = await look(lines);
		expect(faults.map(({ row, field }) => [row, field])).toEqual([
			[11, 'name'],
			[2502, 'email'],
			[5001, 'email']
		]);
		expect(added).toBe(0);
	});
});

describe('a list against many more people', () => {
	const MANY = 20_000;
	beforeAll(async () => {
		await db().execute(sql`insert into people (name, email, team, country)
			select 'Many ' || lpad(n::text, 6, '0'), 'many' || n || '@roster.example', 'Many', 'PT' from generate_series(1, ${MANY}) as n`);
	});
	const line = (n: number, team = 'Many') => [
		`Many ${String(n).padStart(6, '0')}`,
		`many${n}@roster.example`,
		team,
		'PT'
	];

	it('is compared as a set: every count is right, and no more comes back than is shown', async () => {
		const before = (await look([line(1)])).absent + 1;
		const lines = [
			...Array.from({ length: 3000 }, (_, i) => line(i + 1)),
			...Array.from({ length: 500 }, (_, i) => line(i + 3001, 'Moved')),
			...Array.from({ length: 400 }, (_, i) => [`New ${i}`, `new${i}@roster.example`, 'New', 'PT'])
		];
		const seen = await look(lines);
		expect(seen).toMatchObject({ added: 400, changed: 500, same: 3000, absent: before - 3500, back: 0 });
		const { added, changed, absent } = seen.shown;
		expect([added.length, changed.length, absent.length]).toEqual([100, 100, 100]);
		// In the order of the file, and of names where there is no file.
		expect(added[0]?.name).toBe('New 0');
		expect(changed[0]).toMatchObject({
			email: 'many3001@roster.example',
			fields: [{ field: 'team', from: 'Many', to: 'Moved' }]
		});
		expect([...absent].map(({ name }) => name.toLowerCase())).toEqual(
			absent.map(({ name }) => name.toLowerCase()).sort()
		);
		// Nobody marks thousands as left by a list that is another.
		const apply = { key: randomUUID(), added: 400, changed: 500, leaveAbsent: true, takeBack: false };
		expect(await faultOf(look(lines, { apply }))).toBe('invalid');
		expect(await look(lines)).toMatchObject({ added: 400, changed: 500 });
		await take(lines);
		expect(await look(lines)).toMatchObject({ added: 0, changed: 0, same: 3900 });
	});
	afterAll(async () => {
		await db().execute(
			sql`delete from people where email like 'many%@roster.example' or email like 'new%@roster.example'`
		);
	});
});

describe('a file that a spreadsheet wrote', () => {
	const TABLE = [
		['Name', 'E-mail', 'Team', 'Country'],
		['Zoë Ångström', 'zoe@files.example', 'Glaze; wet', 'PT'],
		['', '', '', ''],
		['Łucja “Lu” Nowak', 'lucja@files.example', 'Kiln\nnorth', 'PL']
	];
	const LATIN = TABLE.map((row) => row.map((cell) => cell.replace('Ł', 'L').replace(/[“”]/g, '"')));
	const csv = (delimiter: string, table = TABLE) => Papa.unparse(table, { delimiter, newline: '\r\n' });
	const utf16 = (text: string, isBig: boolean) => {
		const bytes = Buffer.from(`\ufeff${text}`, 'utf16le');
		return isBig ? bytes.swap16() : bytes;
	};
	const files: readonly (readonly [string, Buffer, string[][]])[] = [
		['utf-8', Buffer.from(`\ufeff${csv(',')}`), TABLE],
		['utf-16le', utf16(csv('\t'), false), TABLE],
		['utf-16be', utf16(csv(';'), true), TABLE],
		['windows-1252', Buffer.from(csv(';', LATIN), 'latin1'), LATIN]
	];
	const sheet = async (file: Blob) => readSheet(Readable.from(Buffer.from(await file.arrayBuffer())));

	it.each(files)('is read the same in %s, with the numbers of its rows', async (encoding, bytes, table) => {
		const read = await tableOf(new Blob([new Uint8Array(bytes)]), sheet);
		expect(read?.text?.encoding).toBe(encoding);
		expect(read?.rows).toEqual(table);
	});

	it('is read as a workbook, and comes back equal through the list', async () => {
		// Another writer of .xlsx as the outside check: text, a number and a blank row.
		const workbook = await writeXlsxFile(
			[...TABLE.slice(0, 2), ['', '', '', ''], ['Łucja Nowak', 'lucja@files.example', 'Kiln', 'PL']].map(
				(row) => row.map((value) => ({ value, type: String }))
			) as never
		).toBuffer();
		const read = await tableOf(new Blob([new Uint8Array(workbook)]), sheet);
		if (!read) throw new Error('a workbook with rows is a table');
		expect(read.text).toBeNull();
		expect(headingRowOf(read.rows)).toBe(0);
		const [headings = [], ...lines] = read.rows;
		await take(lines, { columns: guessColumns(headings, lines) });
		const back = await tableOf(new Blob([await exported('q=files.example', ROSTER_FIELDS.join(','))]), sheet);
		const [again = [], ...people] = back?.rows ?? [];
		const seen = await look(people, { columns: guessColumns(again, people) });
		expect(seen).toMatchObject({ added: 0, changed: 0, same: 2, faults: [] });
	});
});

describe('the list that is taken along', () => {
	it('has every column that is asked for, in one order', async () => {
		const { personId } = await desk.answered();
		const [line] = (await find(`q=${'Person'}`)).lines.filter(({ id }) => id === personId);
		const csv = await exported(`q=${line?.name ?? ''}`, EXPORT_COLUMNS.join(','));
		const { data } = Papa.parse<Record<string, string>>(csv.slice(1).trim(), { header: true });
		expect(Object.keys(data[0] ?? {})).toEqual([...EXPORT_COLUMNS]);
		const row = data.find(({ name }) => name === line?.name);
		expect(row).toMatchObject({ state: 'answered', answered: '2026-03-02', level: 'soon', left: '' });
		expect(Number(row?.['worst discomfort'])).toBeGreaterThan(0);
		expect(row?.where).toMatch(/neck|shoulder/);
	});
});

describe('the language of people in a roster', () => {
	const LIA = ['Lia Roster', 'lia@roster.example', ''];
	const spoken = { columns: { ...NONE, name: [0], email: [1], language: [2] } };

	it('is the organisation’s where the file has none, and stays as they have chosen it', async () => {
		const from = { ...UNSET_ORGANISATION, name: 'Example Works', contactName: 'Oriel Example' };
		await setOrganisation(
			db(),
			desk.coordinator,
			{ organisation: { ...from, language: 'de' }, version: 0 },
			now
		);
		const personAt = async (email: string) => {
			const [person] = await db().select().from(schema.people).where(eq(schema.people.email, email));
			return person;
		};
		await take([LIA, ['Leo Roster', 'leo@roster.example', 'fr']], spoken);
		const lia = await personAt('lia@roster.example');
		expect(lia?.language).toBe('de');
		expect((await personAt('leo@roster.example'))?.language).toBe('fr');

		const actor = { kind: 'person', personId: lia?.id ?? '', assessmentId: '' } as const;
		await setLanguage(db(), actor, 'fr', now);
		expect(await look([['Lia Roster', 'lia@roster.example', 'en']], spoken)).toMatchObject({ changed: 0 });
	});
});
