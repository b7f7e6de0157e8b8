import { describe, expect, it } from 'vitest';
import { dateOfCell, emailOfCell, nameOfCell, phoneOfCell, plainCell, regionOfCell } from './clean-cells';
import { groupFaults } from './group-faults';
import { guessColumns } from './guess-columns';
import { headingRowOf } from './heading-row';
import { headingsKey } from './headings-key';
import { languageCode } from './languages';
import { readRoster } from './read-roster';

describe('cells', () => {
	it('lose what nobody sees', () => {
		expect(plainCell('\u00a0Odo\u200b\u2007 Fennick\ufeff ')).toBe('Odo Fennick');
	});

	it.each([
		['Odo Fennick <Odo@Lanterns.Example>', 'odo@lanterns.example'],
		['mailto:odo@lanterns.example', 'odo@lanterns.example'],
		['odo@lanterns.example;', 'odo@lanterns.example'],
		['odo@lanterns.example', 'odo@lanterns.example']
	])('give the address in %s', (cell, address) => expect(emailOfCell(cell)).toBe(address));

	it.each([
		['Fennick, Odo', 'Odo Fennick'],
		['Ångström , Zoë Mia', 'Zoë Mia Ångström'],
		['Odo Fennick', 'Odo Fennick'],
		['Odo Fennick, Jr.', 'Odo Fennick, Jr.'],
		['Fennick, Odo, Kiln', 'Fennick, Odo, Kiln']
	])('give the first name of %s first', (cell, name) => expect(nameOfCell(cell)).toBe(name));

	it.each([
		['2026-03-31', '2026-03-31'],
		['2026-03-31 00:00:00', '2026-03-31'],
		['31.3.2026', '2026-03-31'],
		['31/03/26', '2026-03-31'],
		['4/3/2026', '2026-03-04'],
		// It can't be the thirteenth month.
		['3/13/2026', '2026-03-13'],
		['31.2.2026', null],
		['soon', null]
	])('give the day %s', (cell, day) => expect(dateOfCell(cell)).toBe(day));

	it('give a region without its country, and a number without the word before it', () => {
		expect(['DE-BY', 'BY', 'gb_eng'].map(regionOfCell)).toEqual(['BY', 'BY', 'ENG']);
		expect(['Tel.: +44 1632 960001', 'mobile 01632 960002'].map(phoneOfCell)).toEqual([
			'+44 1632 960001',
			'01632 960002'
		]);
	});
});

describe('languages', () => {
	it.each([
		['Deutsch', 'de'],
		['German', 'de'],
		['allemand', 'de'],
		['français', 'fr'],
		['Francais', 'fr'],
		['Español', 'es'],
		['English (UK)', 'en'],
		['polski', 'pl'],
		['EN', 'en'],
		['en_GB', 'en-GB'],
		['', ''],
		['xx', null],
		['portuguese please', null]
	])('%s', (text, code) => expect(languageCode(text)).toBe(code));
});

const MESSY = [
	['Lantern Works', '', '', ''],
	['Staff list, 1 March 2026', '', '', ''],
	[],
	['Employee', 'E-Mail:', 'Dept.', 'Preferred language', 'Last day'],
	['Glaze', '', '', '', ''],
	['Fennick, Odo', 'odo@lanterns.example', 'Glaze', 'English', ''],
	['Reed, Ava', 'Ava Reed <AVA@lanterns.example>', 'Glaze', 'français', '31.12.2025'],
	['Employee', 'E-Mail:', 'Dept.', 'Preferred language', 'Last day'],
	['Kiln', '', '', '', ''],
	['Fennick, Odo', 'odo@lanterns.example', 'Glaze', 'English', ''],
	['Nobody Atall', 'no address', 'Kiln', 'Klingonish', ''],
	['Cai Marl', 'cai@lanterns.example', 'Kiln', 'Klingonish', 'later'],
	['Total: 4', '', '', '', '']
];

describe('a list that people made for people', () => {
	it('is read below its titles, without headings in between, parts and totals, and nobody twice', () => {
		const at = headingRowOf(MESSY);
		expect(at).toBe(3);
		const headings = MESSY[3] ?? [];
		const lines = MESSY.slice(4);
		const columns = guessColumns(headings, lines);
		expect(columns).toMatchObject({ name: [0], email: [1], team: [2], language: [3], leavesOn: [4] });
		const { people, faults, ignored } = readRoster(lines, columns, 5, headingsKey(headings));
		expect(people.map(({ name, email, language, leavesOn }) => [name, email, language, leavesOn])).toEqual([
			['Odo Fennick', 'odo@lanterns.example', 'en', ''],
			['Ava Reed', 'ava@lanterns.example', 'fr', '2025-12-31'],
			// What can't be used is empty, for whoever imports it all the same.
			['Cai Marl', 'cai@lanterns.example', '', '']
		]);
		expect(ignored.map(({ row, why }) => [row, why])).toEqual([
			[5, 'no-person'],
			[8, 'headings'],
			[9, 'no-person'],
			[10, 'same'],
			[13, 'no-person']
		]);
		expect(faults.map(({ row, field, code }) => [row, field, code])).toEqual([
			[11, 'email', 'no-address'],
			[11, 'language', 'no-language'],
			[12, 'language', 'no-language'],
			[12, 'leavesOn', 'no-date']
		]);
		// Every row is somewhere: read, at fault, left out, or blank.
		const rows = new Set([...faults, ...ignored].map(({ row }) => row));
		expect(people.length + rows.size).toBe(lines.length + 1);
	});

	it('has its faults grouped, the most frequent first', () => {
		const many = Array.from({ length: 440 }, (_, i) => [
			`P ${i}`,
			`p${i}@x.example`,
			'T',
			i % 4 ? 'Klingonish' : 'Elven'
		]);
		const { faults } = readRoster(many, guessColumns(['Name', 'Email', 'Team', 'Language'], many), 2);
		const groups = groupFaults(faults);
		expect(groups).toHaveLength(1);
		expect(groups[0]).toMatchObject({ field: 'language', code: 'no-language', count: 440, more: 0 });
		expect(groups[0]?.texts.map(({ fault, count, rows }) => [fault.text, count, rows.length])).toEqual([
			['Klingonish', 330, 12],
			['Elven', 110, 12]
		]);
	});

	it('begins with a person where there are no headings', () => {
		expect(headingRowOf([['Odo', 'odo@x.example']])).toBeNull();
		expect(
			headingRowOf([
				['Wer', 'Wo'],
				['Odo', 'odo@x.example']
			])
		).toBe(0);
		expect(headingRowOf([['Our people'], ['Wer', 'Wo'], ['Odo', 'odo@x.example']])).toBe(1);
	});
});
