import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { parseExportColumns, DEFAULT_EXPORT_COLUMNS } from './export-columns';
import { countryCode } from './countries';
import { csvFormatOf, toCsv } from './csv';
import { guessColumns } from './guess-columns';
import { readRoster } from './read-roster';
import { decodeText } from './text-of-bytes';
import type { ColumnMap } from './roster-fields';

const columns: ColumnMap = {
	name: [0],
	email: [1],
	staffNumber: [],
	team: [2],
	country: [3],
	timeZone: [4],
	language: [5],
	phone: [],
	region: [],
	leavesOn: []
};

describe('decodeText', () => {
	it('finds the encoding by its mark, by being valid, or by what is left', () => {
		const utf16 = (text: string) =>
			new Uint8Array([
				0xff,
				0xfe,
				...new Uint8Array(new Uint16Array([...text].map((c) => c.charCodeAt(0))).buffer)
			]);
		expect(decodeText(new TextEncoder().encode('\ufeffName;Größe'))).toEqual({
			text: 'Name;Größe',
			encoding: 'utf-8'
		});
		expect(decodeText(utf16('Zoë'))).toEqual({ text: 'Zoë', encoding: 'utf-16le' });
		expect(decodeText(new Uint8Array([0x5a, 0x6f, 0xeb, 0x80]))).toEqual({
			text: 'Zoë€',
			encoding: 'windows-1252'
		});
		// Large files are read in pieces; the characters from 0x80 on by their place in the standard's index.
		const bytes = new Uint8Array(20_000).fill(0x80);
		bytes.set([0x82, 0x9f, 0xa0, 0xff], 8191);
		expect(decodeText(bytes).text).toBe(`${'€'.repeat(8191)}‚Ÿ\u00a0ÿ${'€'.repeat(20_000 - 8195)}`);
	});
});

describe('guessColumns', () => {
	it('goes by the headings, in whatever order and case', () => {
		expect(guessColumns(['Team', 'E-Mail', 'Full Name', 'Time zone', 'Shoe size'], [])).toEqual({
			team: [0],
			email: [1],
			name: [2],
			timeZone: [3],
			staffNumber: [],
			country: [],
			language: [],
			phone: [],
			region: [],
			leavesOn: []
		});
	});

	it('joins a name of two columns, whichever comes first', () => {
		expect(guessColumns(['Surname', 'First name', 'Mail'], [])).toMatchObject({ name: [1, 0], email: [2] });
		// A short name beside them says less.
		expect(guessColumns(['Name', 'Vorname', 'Nachname'], [])).toMatchObject({ name: [1, 2] });
	});

	it('finds addresses by what stands there', () => {
		const lines = [
			['1', 'a@b.example'],
			['2', 'c@d.example'],
			['3', '']
		];
		expect(guessColumns(['Nr', 'Contact'], lines)).toMatchObject({ email: [1], name: [] });
	});
});

describe('readRoster', () => {
	it('takes a clean line in, with blanks and case put right', () => {
		const { people, faults } = readRoster(
			[[' Odo Fennick ', 'Odo@Lanterns.Example', 'Design', 'pt', 'Europe/Lisbon', '']],
			columns,
			2
		);
		expect(faults).toEqual([]);
		expect(people).toEqual([
			{
				name: 'Odo Fennick',
				email: 'odo@lanterns.example',
				staffNumber: '',
				team: 'Design',
				country: 'PT',
				timeZone: 'Europe/Lisbon',
				language: '',
				phone: '',
				region: '',
				leavesOn: ''
			}
		]);
	});

	it('names every fault with its line, and the line that has an address already', () => {
		const { faults, ignored } = readRoster(
			[
				['A', 'a@x.example', '', '', '', ''],
				['', '', ' '],
				['', 'b@x.example', '', 'Atlantis', 'Lisbon', 'portuguese please'],
				['C', 'A@X.example', '', '', '', ''],
				['D', 'not an address', '', '', '', ''],
				['E'],
				['F'.repeat(201), 'f@x.example', '', '', '', '']
			],
			columns,
			2
		);
		expect(faults.map(({ row, field, code, first }) => [row, field, code, first])).toEqual([
			// Row 1 is the headings, row 3 is blank: as a spreadsheet counts.
			[4, 'name', 'missing', undefined],
			[4, 'country', 'no-country', undefined],
			[4, 'timeZone', 'no-time-zone', undefined],
			[4, 'language', 'no-language', undefined],
			[5, 'email', 'twice', 2],
			[6, 'email', 'no-address', undefined],
			[8, 'name', 'too-long', undefined]
		]);
		// A single word is nobody: a part of the list, or a total.
		expect(ignored).toEqual([{ row: 7, why: 'no-person', text: 'E' }]);
	});
});

describe('countryCode', () => {
	it('takes codes and names, in several languages and without their accents', () => {
		const found = [
			'pt',
			'Portugal',
			'Deutschland',
			'germany',
			'España',
			'espana',
			'UK',
			'Czech Republic',
			'Österreich',
			''
		];
		expect(found.map(countryCode)).toEqual(['PT', 'PT', 'DE', 'DE', 'ES', 'ES', 'GB', 'CZ', 'AT', '']);
		expect(['Atlantis', 'P', 'home'].map(countryCode)).toEqual([null, null, null]);
	});
});

describe('parseExportColumns', () => {
	it('gives the columns in their one order, and the usual ones for none', () => {
		expect(parseExportColumns('level,name,nonsense')).toEqual(['name', 'level']);
		expect(parseExportColumns('')).toEqual(DEFAULT_EXPORT_COLUMNS);
	});
});

describe('toCsv', () => {
	it('comes back the same through another reader of RFC 4180, and runs no formula', () => {
		const text = fc.string({ maxLength: 12 }).filter((s) => !/^'?[=+\-@\t]/.test(s) && s.trim() === s);
		fc.assert(
			fc.property(fc.array(fc.tuple(text, text, text), { minLength: 1, maxLength: 20 }), (lines) => {
				const { data } = Papa.parse<string[]>(toCsv(lines), { delimiter: ',', newline: '\r\n' });
				expect(data.slice(0, -1)).toEqual(lines);
			})
		);
		expect(toCsv([['=1+1', '-2', '@x', 'a-b']])).toBe('"\'=1+1","\'-2","\'@x",a-b\r\n');
		// Some spreadsheets read the full width of East Asian scripts the same.
		expect(toCsv([['＝1+1', '＋2', '－2', '＠x']])).toBe('"\'＝1+1","\'＋2","\'－2","\'＠x"\r\n');
	});

	it('leaves numbers what they are, also below 0', () => {
		expect(toCsv([['change', -2.5, null, 3]])).toBe('change,-2.5,,3\r\n');
		expect(toCsv([])).toBe('');
	});

	it('is written for spreadsheets of the reader’s language, whose numbers stay numbers', () => {
		const german = csvFormatOf('de');
		expect(toCsv([['Team; Süd', -2.5, 1200, '=x', '1,5']], german)).toBe(
			'"Team; Süd";-2,5;1200;"\'=x";1,5\r\n'
		);
		for (const locale of ['en', 'en-US', 'en-GB']) expect(csvFormatOf(locale)).toEqual(csvFormatOf('en'));
		expect(toCsv([['a,b', 0.5]], csvFormatOf('en-US'))).toBe('"a,b",0.5\r\n');
		const { data } = Papa.parse<string[]>(toCsv([['a;b', 'c,d', 'e']], german));
		expect(data[0]).toEqual(['a;b', 'c,d', 'e']);
	});

	it('is read back by the roster, formulas and all', () => {
		const csv = toCsv([['=Odo', 'odo@x.example', '+team', '', '', 'en']]);
		const { data } = Papa.parse<string[]>(csv.trim());
		expect(readRoster(data, columns, 1).people[0]).toMatchObject({ name: '=Odo', team: '+team' });
	});
});
