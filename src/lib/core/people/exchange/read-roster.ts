import { isTimeZone } from '../../platform/calendar/time-zone';
import { truncateText } from '../../platform/truncate-text';
import { countryCode } from './countries';
import { stripFormulaGuard } from './csv';
import { dateOfCell, emailOfCell, nameOfCell, phoneOfCell, plainCell, regionOfCell } from './clean-cells';
import { headingsKey } from './headings-key';
import { languageCode } from './languages';
import {
	ROSTER_COLUMNS,
	ROSTER_FIELDS,
	type ColumnMap,
	type IgnoredRow,
	type RosterColumn,
	type RosterFault,
	type RosterPerson
} from './roster-fields';

/** Longest text of a field, characters. */
const LONGEST = 200;

/** An email address, as far as can be checked without writing to it: text, an at sign, and a domain with a dot. */
export const EMAIL_PATTERN = /^[^\s@,;<>"]+@[^\s@,;<>"]+\.[^\s@,;<>".]+$/;

const PHONE = /^[0-9+()./ -]{0,40}$/;
const REGION = /^[A-Z0-9]{0,3}$/;

/** An empty row. */
export const isBlankRow = (cells: readonly string[]) => cells.every((cell) => cell.trim() === '');

/** How a row begins that counts people. */
const TOTAL =
	/^(?:grand total|totals?|subtotal|sum|count|headcount|summe|gesamt|anzahl|somme|effectif|suma)\b/i;

/** The fields without which a row is nobody. */
const NEEDED: readonly RosterColumn[] = ['name', 'email'];

/**
 * Reads the people of a table row by row. A long table may be added in pieces, so that other work gets its turn in between. Cost: linear in
 * the rows; a hundred thousand take well under a second.
 */
export class RosterReader {
	/** Who can be imported, in row order; cells that can't be used are empty. */
	readonly people: RosterPerson[] = [];
	readonly faults: RosterFault[] = [];
	/** Rows that hold no person. */
	readonly ignored: IgnoredRow[] = [];
	private readonly seen = new Map<string, { readonly row: number; readonly person: RosterPerson }>();
	private row: number;

	/**
	 * @param firstRow number of the first row that is given, as a spreadsheet counts: 1 is the top one, which may be headings
	 * @param headings the key of the table's headings, which may be repeated in it; empty where it has none
	 */
	constructor(
		private readonly columns: ColumnMap,
		firstRow: number,
		private readonly headings = ''
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
		const parts = (field: RosterColumn) =>
			// A mapping that was kept from an earlier version may lack a column.
			(this.columns[field] ?? [])
				.map((column) => plainCell(stripFormulaGuard((cells[column] ?? '').trim())))
				.filter((part) => part !== '');
		const text = (field: RosterColumn) => parts(field).join(' ');
		const country = text('country');
		const language = text('language');
		const leavesOn = text('leavesOn');
		const names = parts('name');
		const person: RosterPerson = {
			name: names.length === 1 ? nameOfCell(names[0] ?? '') : names.join(' '),
			email: emailOfCell(text('email')),
			staffNumber: text('staffNumber'),
			team: text('team'),
			phone: phoneOfCell(text('phone')),
			country: countryCode(country) ?? country,
			region: regionOfCell(text('region')),
			timeZone: text('timeZone'),
			language: languageCode(language) ?? language,
			leavesOn: dateOfCell(leavesOn) ?? leavesOn
		};
		if (!this.isPerson(cells, person)) return;
		const before = this.faults.length;
		this.check(person);
		const wrong = this.faults.slice(before).map(({ field }) => field);
		if (wrong.some((field) => NEEDED.includes(field))) return;
		this.people.push({ ...person, ...Object.fromEntries(wrong.map((field) => [field, ''])) });
	}

	/** Whether a row holds a person who isn't known yet; what is left out is noted. */
	private isPerson(cells: readonly string[], person: RosterPerson): boolean {
		const filled = cells.map(plainCell).filter((cell) => cell !== '');
		const ignore = (why: IgnoredRow['why']) => {
			this.ignored.push({ row: this.row, why, text: truncateText(filled.join(' · '), 80) });
			return false;
		};
		if (this.headings !== '' && headingsKey(cells) === this.headings) return ignore('headings');
		const isNobody = filled.length === 1 || person.name === '' || TOTAL.test(person.name);
		if (person.email === '' && person.staffNumber === '' && isNobody) return ignore('no-person');
		const known = this.seen.get(person.email);
		const isSame = known && ROSTER_COLUMNS.every((field) => known.person[field] === person[field]);
		return isSame ? ignore('same') : true;
	}

	private check(person: RosterPerson): void {
		const fault = (field: RosterColumn, code: RosterFault['code'], first?: number) =>
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
			if (first === undefined) this.seen.set(person.email, { row: this.row, person });
			else fault('email', 'twice', first.row);
		}
		if (countryCode(person.country) === null) fault('country', 'no-country');
		if (!PHONE.test(person.phone)) fault('phone', 'no-phone');
		if (!REGION.test(person.region)) fault('region', 'no-region');
		if (person.timeZone !== '' && !isTimeZone(person.timeZone)) fault('timeZone', 'no-time-zone');
		if (languageCode(person.language) === null) fault('language', 'no-language');
		if (person.leavesOn !== '' && dateOfCell(person.leavesOn) === null) fault('leavesOn', 'no-date');
	}
}

/** Reads a whole table: who can be imported in row order, every error, and the rows that hold no person. */
export function readRoster(
	lines: readonly (readonly string[])[],
	columns: ColumnMap,
	firstRow: number,
	headings = ''
): Pick<RosterReader, 'people' | 'faults' | 'ignored'> {
	const reader = new RosterReader(columns, firstRow, headings);
	reader.add(lines);
	return reader;
}
