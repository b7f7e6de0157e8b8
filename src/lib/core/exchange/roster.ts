import { isTimeZone } from '../calendar';
import { firstLetters } from '../first-letters';

/** What a roster tells of a person. */
export const ROSTER_FIELDS = [
	'name',
	'email',
	'team',
	'phone',
	'country',
	'region',
	'timeZone',
	'language'
] as const;

/** One of {@link ROSTER_FIELDS}. */
export type RosterField = (typeof ROSTER_FIELDS)[number];

/** A person as a roster tells them, checked. */
export type RosterPerson = Readonly<Record<RosterField, string>>;

/** Which column of the file each field stands in, from 0; null where in none. */
export type ColumnMap = Readonly<Record<RosterField, number | null>>;

/** What is wrong with one line of the file. */
export interface RosterFault {
	/** Line of the table, 1 is the first person's. */
	readonly line: number;
	readonly field: RosterField;
	readonly code:
		| 'missing'
		| 'no-address'
		| 'twice'
		| 'too-long'
		| 'no-phone'
		| 'no-country'
		| 'no-region'
		| 'no-time-zone'
		| 'no-language';
	/** What stands there. */
	readonly text: string;
	/** Of an address that stands twice: the line that has it already. */
	readonly first?: number;
}

/** Names that a column has where it holds a field, in lower case without blanks; several languages. */
const HEADINGS: Readonly<Record<RosterField, readonly string[]>> = {
	name: [
		'name',
		'fullname',
		'employee',
		'employeename',
		'person',
		'displayname',
		'mitarbeiter',
		'nom',
		'nome',
		'nombre'
	],
	email: [
		'email',
		'e-mail',
		'mail',
		'emailaddress',
		'e-mailaddress',
		'address',
		'workemail',
		'courriel',
		'correo'
	],
	team: ['team', 'department', 'unit', 'group', 'division', 'abteilung', 'équipe', 'equipe', 'equipo'],
	phone: [
		'phone',
		'phonenumber',
		'telephone',
		'tel',
		'mobile',
		'telefon',
		'téléphone',
		'telefone',
		'teléfono'
	],
	region: ['region', 'state', 'province', 'bundesland', 'région', 'região', 'región'],
	country: ['country', 'countrycode', 'land', 'pays', 'país', 'pais'],
	timeZone: ['timezone', 'tz', 'time_zone', 'zone', 'zeitzone'],
	language: ['language', 'lang', 'locale', 'sprache', 'langue', 'idioma']
};

/** Longest text of a field. */
const LONGEST = 200;

/** An address as far as it can be given without writing to it: something, an at sign, a domain with a dot. */
const ADDRESS = /^[^\s@,;<>"]+@[^\s@,;<>"]+\.[^\s@,;<>".]+$/;

const COUNTRY = /^[A-Z]{2}$/;
const PHONE = /^[0-9+()./ -]{0,40}$/;
const REGION = /^[A-Z0-9]{0,3}$/;
const LANGUAGE = /^[a-z]{2,3}(?:-[A-Za-z0-9]{2,8})*$/;

/** Guesses the columns by their headings; an address also by what stands in the first lines. */
export function guessColumns(headings: readonly string[], lines: readonly (readonly string[])[]): ColumnMap {
	const plain = headings.map((heading) => heading.toLowerCase().replace(/[\s_]+/g, ''));
	const byHeading = (field: RosterField): number | null => {
		const at = plain.findIndex((heading) => HEADINGS[field].includes(heading));
		return at < 0 ? null : at;
	};
	const looksLikeAddress = (column: number) =>
		lines.slice(0, 20).filter((line) => ADDRESS.test((line[column] ?? '').trim())).length >
		Math.min(lines.length, 20) / 2;
	const byContent = headings.findIndex((_, column) => looksLikeAddress(column));
	return {
		name: byHeading('name'),
		email: byHeading('email') ?? (byContent < 0 ? null : byContent),
		team: byHeading('team'),
		phone: byHeading('phone'),
		country: byHeading('country'),
		region: byHeading('region'),
		timeZone: byHeading('timeZone'),
		language: byHeading('language')
	};
}

/** Text that a spreadsheet would run as a formula is written with a sign before it; here it is taken off again. */
function unguarded(text: string): string {
	return /^'[=+\-@\t]/.test(text) ? text.slice(1) : text;
}

/** Guards a text against being run as a formula by a spreadsheet. */
export function guarded(text: string): string {
	return /^[=+\-@\t]/.test(text) ? `'${text}` : text;
}

/**
 * Reads the people of a table, line by line.
 *
 * Cost: linear in the lines; a hundred thousand take well under a second.
 *
 * @param lines the table without its headings
 * @returns the people in the order of the lines, and every fault; with a fault nothing should be taken in
 */
export function readRoster(
	lines: readonly (readonly string[])[],
	columns: ColumnMap
): { people: RosterPerson[]; faults: RosterFault[] } {
	const people: RosterPerson[] = [];
	const faults: RosterFault[] = [];
	const seen = new Map<string, number>();
	for (const [index, cells] of lines.entries()) {
		const line = index + 1;
		const text = (field: RosterField) => {
			const column = columns[field];
			return column === null ? '' : unguarded((cells[column] ?? '').trim());
		};
		const person: RosterPerson = {
			name: text('name'),
			email: text('email').toLowerCase(),
			team: text('team'),
			phone: text('phone').replace(/\s+/g, ' '),
			country: text('country').toUpperCase(),
			region: text('region').toUpperCase(),
			timeZone: text('timeZone'),
			language: text('language') || 'en'
		};
		const fault = (field: RosterField, code: RosterFault['code'], first?: number) =>
			faults.push({
				line,
				field,
				code,
				text: firstLetters(person[field], 80),
				...(first === undefined ? {} : { first })
			});
		for (const field of ROSTER_FIELDS) if (person[field].length > LONGEST) fault(field, 'too-long');
		if (person.name === '') fault('name', 'missing');
		if (person.email === '') fault('email', 'missing');
		else if (!ADDRESS.test(person.email)) fault('email', 'no-address');
		else {
			const first = seen.get(person.email);
			if (first === undefined) seen.set(person.email, line);
			else fault('email', 'twice', first);
		}
		if (person.country !== '' && !COUNTRY.test(person.country)) fault('country', 'no-country');
		if (!PHONE.test(person.phone)) fault('phone', 'no-phone');
		if (!REGION.test(person.region)) fault('region', 'no-region');
		if (person.timeZone !== '' && !isTimeZone(person.timeZone)) fault('timeZone', 'no-time-zone');
		if (!LANGUAGE.test(person.language)) fault('language', 'no-language');
		people.push(person);
	}
	return { people, faults };
}

/** One cell as RFC 4180 writes it. */
function cell(text: string): string {
	const safe = guarded(text);
	return /[",\r\n]/.test(safe) ? `"${safe.replaceAll('"', '""')}"` : safe;
}

/** Writes a table as RFC 4180 says: commas, quotes where they are needed, CR LF. Formulas are disarmed. */
export function csvOf(lines: Iterable<readonly string[]>): string {
	let text = '';
	for (const line of lines) text += `${line.map(cell).join(',')}\r\n`;
	return text;
}
