/** What a roster tells of a person. */
export const ROSTER_FIELDS = [
	'name',
	'email',
	'staffNumber',
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

/** Columns that a field can be joined of: a first name and a last name. */
export const MAX_JOINED_COLUMNS = 3;

/** Which columns of the file each field stands in, from 0; several are joined with a blank, none leaves the field as it is. */
export type ColumnMap = Readonly<Record<RosterField, readonly number[]>>;

/** What is wrong with one line of the file. */
export interface RosterFault {
	/** Row as a spreadsheet numbers it. */
	readonly row: number;
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
	/** Of an address that stands twice: the row that has it already. */
	readonly first?: number;
}
