import { isTimeZone } from '../calendar';
import { truncateText } from '../truncate-text';
import { countryCode } from './countries';
import { stripFormulaGuard } from './csv';
import {
	ROSTER_FIELDS,
	type ColumnMap,
	type RosterFault,
	type RosterField,
	type RosterPerson
} from './roster-fields';

/** Longest text of a field, characters. */
const LONGEST = 200;

/** An email address, as far as can be checked without writing to it: text, an at sign, and a domain with a dot. */
export const EMAIL_PATTERN = /^[^\s@,;<>"]+@[^\s@,;<>"]+\.[^\s@,;<>".]+$/;

const PHONE = /^[0-9+()./ -]{0,40}$/;
const REGION = /^[A-Z0-9]{0,3}$/;
const LANGUAGE = /^[a-z]{2,3}(?:-[A-Za-z0-9]{2,8})*$/;

/** An empty row. */
export const isBlankRow = (cells: readonly string[]) => cells.every((cell) => cell.trim() === '');

/**
 * Reads the people of a table row by row. A long table may be added in pieces, so that other work gets its turn in between. Cost: linear in
 * the rows; a hundred thousand take well under a second.
 */
export class RosterReader {
	readonly people: RosterPerson[] = [];
	readonly faults: RosterFault[] = [];
	private readonly seen = new Map<string, number>();
	private row: number;

	/** @param firstRow number of the first row that is given, as a spreadsheet counts: 1 is the top one, which may be headings */
	constructor(
		private readonly columns: ColumnMap,
		firstRow: number
	) {
		this.row = firstRow;
	}

	/** Reads more rows. Empty rows are counted and skipped. */
	add(lines: readonly (readonly string[])[]): void {
		for (const cells of lines) {
			if (!isBlankRow(cells)) this.take(cells);
			this.row += 1;
		}
	}

	private take(cells: readonly string[]): void {
		const text = (field: RosterField) =>
			this.columns[field]
				.map((column) => stripFormulaGuard((cells[column] ?? '').trim()))
				.filter((part) => part !== '')
				.join(' ');
		const country = text('country');
		const person: RosterPerson = {
			name: text('name'),
			email: text('email').toLowerCase(),
			staffNumber: text('staffNumber'),
			team: text('team'),
			phone: text('phone').replace(/\s+/g, ' '),
			country: countryCode(country) ?? country,
			region: text('region').toUpperCase(),
			timeZone: text('timeZone'),
			language: text('language')
		};
		this.check(person);
		this.people.push(person);
	}

	private check(person: RosterPerson): void {
		const fault = (field: RosterField, code: RosterFault['code'], first?: number) =>
			this.faults.push({
				row: this.row,
				field,
				code,
				text: truncateText(person[field], 80),
				...(first === undefined ? {} : { first })
			});
		for (const field of ROSTER_FIELDS) if (person[field].length > LONGEST) fault(field, 'too-long');
		if (person.name === '') fault('name', 'missing');
		if (person.email === '') fault('email', 'missing');
		else if (!EMAIL_PATTERN.test(person.email)) fault('email', 'no-address');
		else {
			const first = this.seen.get(person.email);
			if (first === undefined) this.seen.set(person.email, this.row);
			else fault('email', 'twice', first);
		}
		if (countryCode(person.country) === null) fault('country', 'no-country');
		if (!PHONE.test(person.phone)) fault('phone', 'no-phone');
		if (!REGION.test(person.region)) fault('region', 'no-region');
		if (person.timeZone !== '' && !isTimeZone(person.timeZone)) fault('timeZone', 'no-time-zone');
		if (person.language !== '' && !LANGUAGE.test(person.language)) fault('language', 'no-language');
	}
}

/** Reads a whole table: the people in row order, and every error; with an error nothing should be imported. */
export function readRoster(
	lines: readonly (readonly string[])[],
	columns: ColumnMap,
	firstRow: number
): { people: readonly RosterPerson[]; faults: readonly RosterFault[] } {
	const reader = new RosterReader(columns, firstRow);
	reader.add(lines);
	return reader;
}
