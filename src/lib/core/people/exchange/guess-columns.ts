import { plainHeading } from './headings-key';
import { EMAIL_PATTERN } from './read-roster';
import { ROSTER_COLUMNS, type ColumnMap, type RosterColumn } from './roster-fields';

/** Column headings by field, in lower case and in letters and digits alone, in several languages. */
const HEADINGS: Readonly<Record<RosterColumn, readonly string[]>> = {
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
		'nombre',
		'nameofemployee',
		'colleague',
		'worker',
		'mitarbeitername',
		'nomcomplet',
		'nombrecompleto'
	],
	email: [
		'email',
		'mail',
		'emailaddress',
		'address',
		'workemail',
		'courriel',
		'correo',
		'correoelectronico',
		'correoelectrónico',
		'businessemail',
		'companyemail',
		'primaryemail',
		'emailwork',
		'emailadresse',
		'mailadresse',
		'adresseemail'
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
	team: [
		'team',
		'department',
		'dept',
		'unit',
		'group',
		'division',
		'organisationunit',
		'orgunit',
		'abteilung',
		'bereich',
		'équipe',
		'equipe',
		'service',
		'equipo',
		'departamento'
	],
	phone: [
		'phone',
		'phonenumber',
		'telephone',
		'tel',
		'mobile',
		'telefon',
		'téléphone',
		'telefone',
		'teléfono',
		'mobilephone',
		'workphone',
		'contactnumber',
		'telefonnummer',
		'handy'
	],
	region: ['region', 'state', 'province', 'bundesland', 'région', 'região', 'región'],
	country: ['country', 'countrycode', 'homecountry', 'countryofresidence', 'land', 'pays', 'país', 'pais'],
	timeZone: ['timezone', 'tz', 'zone', 'zeitzone'],
	language: ['language', 'lang', 'locale', 'preferredlanguage', 'sprache', 'langue', 'idioma', 'lengua'],
	leavesOn: [
		'leavingdate',
		'leavesdate',
		'leaves',
		'leaveson',
		'leftdate',
		'lefton',
		'dateleft',
		'lastday',
		'lastworkingday',
		'enddate',
		'contractend',
		'terminationdate',
		'exitdate',
		'austritt',
		'austrittsdatum',
		'datedesortie',
		'datesortie',
		'fechadebaja',
		'fechabaja'
	]
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

const ALL_HEADINGS: ReadonlySet<string> = new Set([...Object.values(HEADINGS), ...NAME_PARTS].flat());

/** Whether a cell holds a heading that is recognised. */
export const isHeading = (cell: string): boolean => ALL_HEADINGS.has(plainHeading(cell));

/** Guesses which column holds which field from the headings, including names in two columns; an email column also from the first lines. */
export function guessColumns(headings: readonly string[], lines: readonly (readonly string[])[]): ColumnMap {
	const named = headings.map(plainHeading);
	const at = (names: readonly string[]) =>
		named.flatMap((name, i) => (names.includes(name) ? [i] : [])).slice(0, 1);
	const looksLikeAddress = (column: number) =>
		lines.slice(0, 20).filter((line) => EMAIL_PATTERN.test((line[column] ?? '').trim())).length >
		Math.min(lines.length, 20) / 2;
	const byContent = headings.flatMap((_, column) => (looksLikeAddress(column) ? [column] : [])).slice(0, 1);
	const found = Object.fromEntries(ROSTER_COLUMNS.map((field) => [field, at(HEADINGS[field])])) as Record<
		RosterColumn,
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
