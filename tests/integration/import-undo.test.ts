import { randomUUID } from 'node:crypto';
import { Readable } from 'node:stream';
import { eq, like, sql } from 'drizzle-orm';
import { readSheet } from 'read-excel-file/node';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import writeXlsxFile from 'write-excel-file/node';
import { guessColumns } from '$lib/core/people/exchange/guess-columns';
import { headingRowOf } from '$lib/core/people/exchange/heading-row';
import { headingsKey } from '$lib/core/people/exchange/headings-key';
import { ROSTER_COLUMNS, type ColumnMap } from '$lib/core/people/exchange/roster-fields';
import { schema } from '$lib/server/platform/db/client';
import { importPeople, type ImportInput } from '$lib/server/people/import-people';
import { changePerson } from '$lib/server/people/change-person';
import { importsOfToday, purgeImportRecords, undoImport } from '$lib/server/people/undo-import';
import { tableOf } from '$lib/ui/people/roster-table';
import { act, Desk, faultOf, MIRELA, PAINLESS, putRight } from '../support/desk';
import { addNote } from '$lib/server/cases/notes';

const { auditLines, cases, people, rosterImportPeople } = schema;

const now = new Date('2026-03-02T09:00:00Z');

let desk: Desk;
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

const NONE = Object.fromEntries(ROSTER_COLUMNS.map((field) => [field, []])) as unknown as ColumnMap;
const PLAIN: ColumnMap = { ...NONE, name: [0], email: [1], team: [2], staffNumber: [3], leavesOn: [4] };

type Lines = readonly (readonly string[])[];

const send = (lines: Lines, over: Partial<ImportInput> = {}) =>
	importPeople(
		db(),
		desk.coordinator,
		{ lines, columns: PLAIN, firstRow: 2, headings: '', leaveOut: false, renames: [], apply: null, ...over },
		now
	);

/** Looks at what a file would do, then imports it as seen. @returns the report, with the id of the import */
async function apply(
	lines: Lines,
	over: Partial<ImportInput> = {},
	moves = { leaveAbsent: false, takeBack: false }
) {
	const { added, changed } = await send(lines, over);
	const key = randomUUID();
	const report = await send(lines, { ...over, apply: { key, added, changed, ...moves } });
	return { ...report, key };
}

const undo = (id: string, at = now) => undoImport(db(), desk.second, id, at);

/** Everyone with everything an import can touch, but for versions, which only rise. */
async function everyone() {
	const { rows } = await db()
		.execute(sql`select p.id, p.name, p.email, p.staff_number, p.team, p.phone, p.country, p.region,
		p.time_zone, p.language, p.left_at, p.bounced_at, c.level from people p left join cases c on c.person_id = p.id order by p.id`);
	return rows;
}

const personBy = async (email: string) =>
	(await db().select().from(people).where(eq(people.email, email)))[0];

describe('a spreadsheet of 420 people that people made for people', () => {
	/** As one workbook: titles, parts, totals, names with a comma, languages by name, leavers, and rows at fault. */
	function workbook() {
		const names = ['Ångström', 'Reed', 'Marl', 'Fennick', 'Oakhanger', 'Nowak', 'Tarn'];
		const languages = ['Deutsch', 'English', 'français', 'Español', '', 'de', 'German'];
		const rows: string[][] = [
			['Lantern Works: staff at home', '', '', '', '', '', ''],
			['As of 1 March 2026', '', '', '', '', '', ''],
			['', '', '', '', '', '', ''],
			['No.', 'Employee name', 'E-Mail', 'Department', 'Home country', 'Language', 'Last day']
		];
		let people = 0;
		for (let i = 0; i < 420; i += 1) {
			if (i % 60 === 0) rows.push([`Department ${i / 60 + 1}`, '', '', '', '', '', '']);
			// As a spreadsheet prints them at the top of every page.
			if (i % 100 === 50) rows.push(rows[3] ?? []);
			const last = names[i % 7] ?? '';
			const email = `messy${i}@lanterns.example`;
			rows.push([
				String(i + 1),
				i % 3 === 0 ? `${last}, Person ${i}` : `Person ${i} ${last}`,
				i === 17 ? 'none' : i % 5 === 0 ? `Person ${i} <${email.toUpperCase()}>` : email,
				` Department\u00a0${Math.floor(i / 60) + 1} `,
				i % 4 === 0 ? 'Germany' : i % 4 === 1 ? 'Österreich' : i === 22 ? 'Atlantis' : 'GB',
				languages[i % 7] ?? '',
				i % 100 === 99 ? '31.12.2025' : ''
			]);
			people += 1;
		}
		rows.push(rows[10] ?? []);
		rows.push(['Total', '', '', '', '', '', '420']);
		return { rows, people };
	}

	it('goes in without being worked on first, loses nobody unsaid, and is undone exactly', async () => {
		const before = await everyone();
		const { rows, people: all } = workbook();
		const file = await writeXlsxFile(
			rows.map((row) => row.map((value) => ({ value, type: String }))) as never
		).toBuffer();
		const table = await tableOf(new Blob([new Uint8Array(file)]), async (blob) =>
			readSheet(Readable.from(Buffer.from(await blob.arrayBuffer())))
		);
		if (!table) throw new Error('a workbook with rows is a table');
		const at = headingRowOf(table.rows);
		expect(at).toBe(3);
		const headings = table.rows[3] ?? [];
		const lines = table.rows.slice(4);
		const columns = guessColumns(headings, lines);
		const input = { columns, firstRow: 5, headings: headingsKey(headings) };
		// Two rows are at fault: nothing goes in unless they are left out on purpose.
		const seen = await send(lines, input);
		expect(seen.faults.map(({ field, code }) => [field, code])).toEqual([
			['email', 'no-address'],
			['country', 'no-country']
		]);
		expect(seen.added).toBe(0);
		const report = await apply(lines, { ...input, leaveOut: true });
		// Four have left; one has no address.
		expect(report).toMatchObject({
			added: all - 5,
			changed: 0,
			departed: 4,
			leftOut: 1,
			emptied: 1,
			isApplied: true
		});
		expect(await db().$count(people, like(people.email, 'messy%'))).toBe(all - 5);
		expect(await personBy('messy0@lanterns.example')).toMatchObject({
			name: 'Person 0 Ångström',
			team: 'Department 1',
			country: 'DE',
			language: 'de'
		});
		expect(await personBy('messy1@lanterns.example')).toMatchObject({ country: 'AT', language: 'en' });
		expect(await personBy('messy22@lanterns.example')).toMatchObject({ country: '' });
		// Whose row is left out may not be marked as missing.
		const hasty = apply(lines, { ...input, leaveOut: true }, { leaveAbsent: true, takeBack: false });
		expect(await faultOf(hasty)).toBe('invalid');
		const { undone, kept } = await undo(report.key);
		expect([undone, kept]).toEqual([all - 5, []]);
		expect(await everyone()).toEqual(before);
	});
});

describe('an import', () => {
	it('is undone for everyone but those who have acted, were changed or were sent something since; it names them', async () => {
		await apply([
			['Kept Same', 'same@undo.example', 'A', ''],
			['Old Name', 'old@undo.example', 'A', ''],
			['Second Name', 'second@undo.example', 'A', ''],
			['Acts Later', 'acts@undo.example', 'A', ''],
			['Ticks Later', 'ticks@undo.example', 'A', '']
		]);
		// Answered before the second import, and ticked something after it.
		const ticking = await desk.answer((await personBy('ticks@undo.example'))?.id ?? '', MIRELA);
		const before = await everyone();
		const report = await apply([
			['Kept Same', 'same@undo.example', 'A', ''],
			['New Name', 'old@undo.example', 'B', ''],
			['Other Name', 'second@undo.example', 'B', ''],
			['Acted Later', 'acts@undo.example', 'B', ''],
			['Ticked Later', 'ticks@undo.example', 'B', ''],
			['Quiet', 'quiet@undo.example', 'B', ''],
			['Noted', 'noted@undo.example', 'B', '']
		]);
		expect(report).toMatchObject({ added: 2, changed: 4, same: 1 });
		const id = async (email: string) => (await personBy(email))?.id ?? '';
		const second = await personBy('second@undo.example');
		if (!second) throw new Error('imported');
		await changePerson(db(), desk.coordinator, { ...second, team: 'C' }, now);
		await desk.answer(await id('acts@undo.example'), PAINLESS, desk.later(5));
		await addNote(
			db(),
			desk.coordinator,
			{ ...act(await id('noted@undo.example')), text: 'Spoke to them' },
			now
		);
		await putRight(db(), ticking.open, desk.later(6));
		const { undone, kept } = await undo(report.key, desk.later(60));
		expect(undone).toBe(2);
		expect(kept.map(({ name, why }) => [name, why])).toEqual([
			['Acted Later', 'acted'],
			['Noted', 'sent'],
			['Other Name', 'changed'],
			['Ticked Later', 'acted']
		]);
		expect(await personBy('old@undo.example')).toMatchObject({ name: 'Old Name', team: 'A' });
		expect(await personBy('quiet@undo.example')).toBeUndefined();
		expect(await personBy('second@undo.example')).toMatchObject({ name: 'Other Name', team: 'C' });
		const rest = (rows: Awaited<ReturnType<typeof everyone>>) =>
			rows.filter(({ email }) => ['same@undo.example', 'old@undo.example'].includes(String(email)));
		expect(rest(await everyone())).toEqual(rest(before));
		const [line] = await db().select().from(auditLines).where(eq(auditLines.act, 'import-undone')).offset(1);
		expect(line?.detail).toEqual({ undone: 2, kept: 4 });
	});

	it('that marked leavers and took people back is undone with them', async () => {
		const before = await everyone();
		const staying = (await db().select().from(people)).map(({ name, email, team, staffNumber }) => [
			name,
			email,
			team,
			staffNumber,
			''
		]);
		const leaver = staying.find(([, email]) => email === 'same@undo.example') ?? [];
		const lines = staying.filter(([, email]) => email !== 'old@undo.example');
		const report = await apply(
			lines.map((line) => (line === leaver ? [...leaver.slice(0, 4), '2026-02-27'] : line)),
			{},
			{ leaveAbsent: true, takeBack: false }
		);
		expect(report).toMatchObject({ leaving: 1, absent: 1 });
		expect((await personBy('same@undo.example'))?.leftAt).toEqual(now);
		expect((await personBy('old@undo.example'))?.leftAt).toEqual(now);
		expect(await undo(report.key)).toEqual({ undone: 2, kept: [] });
		expect(await everyone()).toEqual(before);
	});

	it('can be undone once, and until midnight of the organisation’s zone', async () => {
		const report = await apply([['Day Two', 'daytwo@undo.example', '', '']]);
		const today = await importsOfToday(db(), desk.coordinator, now);
		expect(today.find(({ id }) => id === report.key)).toMatchObject({ added: 1, by: 'one', undoneAt: null });
		const nextDay = new Date('2026-03-03T00:00:01Z');
		expect(await faultOf(undo(report.key, nextDay))).toBe('conflict');
		expect(await importsOfToday(db(), desk.coordinator, nextDay)).toEqual([]);
		await undo(report.key, new Date('2026-03-02T23:59:59Z'));
		expect(await faultOf(undo(report.key))).toBe('conflict');
		expect(await faultOf(undo(randomUUID()))).toBe('not-found');
		expect(await faultOf(undoImport(db(), desk.clinician, report.key, now))).toBe('not-allowed');
		await apply([['Day Two', 'daytwo@undo.example', '', '']]);
		expect(await db().$count(rosterImportPeople)).toBeGreaterThan(0);
		await purgeImportRecords(db(), nextDay);
		expect(await db().$count(rosterImportPeople)).toBe(0);
	});

	it('finds people under a new address by staff number or name, and keeps what is theirs', async () => {
		const { personId } = await desk.answered(PAINLESS);
		const person = (await db().select().from(people).where(eq(people.id, personId)))[0];
		await db().update(people).set({ staffNumber: '0042', bouncedAt: now }).where(eq(people.id, personId));
		await apply([
			['Twin Name', 'twin1@undo.example', '', ''],
			['Twin Name', 'twin2@undo.example', '', '']
		]);
		const lines = [
			['Married Name', 'married@undo.example', person?.team ?? '', '0042'],
			['Quite New', 'quite.new@undo.example', '', ''],
			// Two of that name are known: nobody guesses which.
			['Twin Name', 'twin3@undo.example', '', '']
		];
		const seen = await send(lines);
		expect(seen).toMatchObject({ added: 3, changed: 0 });
		expect(seen.renamed).toEqual([
			{
				personId,
				name: 'Married Name',
				from: person?.email,
				to: 'married@undo.example',
				by: 'staff-number'
			}
		]);
		expect(await send(lines, { renames: [personId] })).toMatchObject({ added: 2, changed: 1 });
		// Only looked at: nothing is written.
		expect((await personBy('married@undo.example'))?.id).toBeUndefined();
		const report = await apply(lines, { renames: [personId] });
		expect(await personBy('married@undo.example')).toMatchObject({
			id: personId,
			name: 'Married Name',
			bouncedAt: null
		});
		expect(await db().$count(cases, eq(cases.personId, personId))).toBe(1);
		expect(await faultOf(send(lines, { renames: [randomUUID()] }))).toBe('conflict');
		await undo(report.key);
		expect((await personBy(person?.email ?? ''))?.id).toBe(personId);
	});
});
