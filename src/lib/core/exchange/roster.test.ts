import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { csvOf, guessColumns, readRoster, textOfBytes, type ColumnMap } from './index';

const columns: ColumnMap = {
	name: 0,
	email: 1,
	team: 2,
	country: 3,
	timeZone: 4,
	language: 5,
	phone: null,
	region: null
};

describe('textOfBytes', () => {
	it('finds the encoding by its mark, by being valid, or by what is left', () => {
		const utf16 = (text: string) =>
			new Uint8Array([
				0xff,
				0xfe,
				...new Uint8Array(new Uint16Array([...text].map((c) => c.charCodeAt(0))).buffer)
			]);
		expect(textOfBytes(new TextEncoder().encode('\ufeffName;Größe'))).toEqual({
			text: 'Name;Größe',
			encoding: 'utf-8'
		});
		expect(textOfBytes(utf16('Zoë'))).toEqual({ text: 'Zoë', encoding: 'utf-16le' });
		expect(textOfBytes(new Uint8Array([0x5a, 0x6f, 0xeb, 0x80]))).toEqual({
			text: 'Zoë€',
			encoding: 'windows-1252'
		});
		// Large files are read in pieces; the characters from 0x80 on by their place in the standard's index.
		const bytes = new Uint8Array(20_000).fill(0x80);
		bytes.set([0x82, 0x9f, 0xa0, 0xff], 8191);
		expect(textOfBytes(bytes).text).toBe(`${'€'.repeat(8191)}‚Ÿ\u00a0ÿ${'€'.repeat(20_000 - 8195)}`);
	});
});

describe('guessColumns', () => {
	it('goes by the headings, in whatever order and case', () => {
		expect(guessColumns(['Team', 'E-Mail', 'Full Name', 'Time zone', 'Shoe size'], [])).toEqual({
			team: 0,
			email: 1,
			name: 2,
			timeZone: 3,
			country: null,
			language: null,
			phone: null,
			region: null
		});
	});

	it('finds addresses by what stands there', () => {
		const lines = [
			['1', 'a@b.example'],
			['2', 'c@d.example'],
			['3', '']
		];
		expect(guessColumns(['Nr', 'Contact'], lines)).toMatchObject({ email: 1, name: null });
	});
});

describe('readRoster', () => {
	it('takes a clean line in, with blanks and case put right', () => {
		const { people, faults } = readRoster(
			[[' Odo Fennick ', 'Odo@Lanterns.Example', 'Design', 'pt', 'Europe/Lisbon', '']],
			columns
		);
		expect(faults).toEqual([]);
		expect(people).toEqual([
			{
				name: 'Odo Fennick',
				email: 'odo@lanterns.example',
				team: 'Design',
				country: 'PT',
				timeZone: 'Europe/Lisbon',
				language: 'en',
				phone: '',
				region: ''
			}
		]);
	});

	it('names every fault with its line, and the line that has an address already', () => {
		const { faults } = readRoster(
			[
				['A', 'a@x.example', '', '', '', ''],
				['', 'b@x.example', '', 'Portugal', 'Lisbon', 'portuguese please'],
				['C', 'A@X.example', '', '', '', ''],
				['D', 'not an address', '', '', '', ''],
				['E'],
				['F'.repeat(201), 'f@x.example', '', '', '', '']
			],
			columns
		);
		expect(faults.map(({ line, field, code, first }) => [line, field, code, first])).toEqual([
			[2, 'name', 'missing', undefined],
			[2, 'country', 'no-country', undefined],
			[2, 'timeZone', 'no-time-zone', undefined],
			[2, 'language', 'no-language', undefined],
			[3, 'email', 'twice', 1],
			[4, 'email', 'no-address', undefined],
			[5, 'email', 'missing', undefined],
			[6, 'name', 'too-long', undefined]
		]);
	});
});

describe('csvOf', () => {
	it('comes back the same through another reader of RFC 4180, and runs no formula', () => {
		const text = fc.string({ maxLength: 12 }).filter((s) => !/^'?[=+\-@\t]/.test(s) && s.trim() === s);
		fc.assert(
			fc.property(fc.array(fc.tuple(text, text, text), { minLength: 1, maxLength: 20 }), (lines) => {
				// Papa Parse, a reader of its own, as the outside check.
				const { data } = Papa.parse<string[]>(csvOf(lines), { delimiter: ',', newline: '\r\n' });
				expect(data.slice(0, -1)).toEqual(lines);
			})
		);
		expect(csvOf([['=1+1', '-2', '@x', 'a-b']])).toBe("'=1+1,'-2,'@x,a-b\r\n");
	});

	it('is read back by the roster, formulas and all', () => {
		const csv = csvOf([['=Odo', 'odo@x.example', '+team', '', '', 'en']]);
		const { data } = Papa.parse<string[]>(csv.trim());
		expect(readRoster(data, columns).people[0]).toMatchObject({ name: '=Odo', team: '+team' });
	});
});
