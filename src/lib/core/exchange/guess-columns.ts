import { EMAIL_PATTERN } from './read-roster';
import { ROSTER_FIELDS, type ColumnMap, type RosterField } from './roster-fields';

/** Column headings by field, in lower case without spaces, in several languages. */
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
	staffNumber: [
		'staffnumber',
		'staffno',
		'staffid',
		'employeenumber',
		'employeeid',
		'personnelnumber',
		'payrollnumber',
		'personalnummer',
		'matricule'
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

/** Headings of a name in two columns, first name first. */
const NAME_PARTS = [
	['firstname', 'givenname', 'forename', 'vorname', 'prénom', 'prenom'],
	[
		'lastname',
		'surname',
		'familyname',
		'nachname',
		'familienname',
		'apellido',
		'apellidos',
		'sobrenome',
		'cognome'
	]
] as const;

const plain = (heading: string) => heading.toLowerCase().replace(/[\s_]+/g, '');

/** Guesses which column holds which field from the headings, including names in two columns; an email column also from the first lines. */
export function guessColumns(headings: readonly string[], lines: readonly (readonly string[])[]): ColumnMap {
	const named = headings.map(plain);
	const at = (names: readonly string[]) =>
		named.flatMap((name, i) => (names.includes(name) ? [i] : [])).slice(0, 1);
	const looksLikeAddress = (column: number) =>
		lines.slice(0, 20).filter((line) => EMAIL_PATTERN.test((line[column] ?? '').trim())).length >
		Math.min(lines.length, 20) / 2;
	const byContent = headings.flatMap((_, column) => (looksLikeAddress(column) ? [column] : [])).slice(0, 1);
	const found = Object.fromEntries(ROSTER_FIELDS.map((field) => [field, at(HEADINGS[field])])) as Record<
		RosterField,
		number[]
	>;
	const parts = NAME_PARTS.flatMap(at);
	return {
		...found,
		// Two parts tell more than a single column, which may be a short name.
		name: parts.length === NAME_PARTS.length || found.name.length === 0 ? parts : found.name,
		email: found.email.length > 0 ? found.email : byContent
	};
}

/** Identifies files of one kind by their headings. */
export const headingsKey = (headings: readonly string[]) => headings.map(plain).join('|');
