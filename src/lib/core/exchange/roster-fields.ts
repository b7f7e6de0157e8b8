/** What a roster can say about a person. */
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

/** A person from a roster, checked. */
export type RosterPerson = Readonly<Record<RosterField, string>>;

/** Most columns that can be joined into one field: for example first and last name. */
export const MAX_JOINED_COLUMNS = 3;

/** The columns of each field, from 0; several are joined with a space, none leaves the field unchanged. */
export type ColumnMap = Readonly<Record<RosterField, readonly number[]>>;

/** An error in one row of the file. */
export interface RosterFault {
	/** Row number as a spreadsheet shows it. */
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
	/** The text in the file. */
	readonly text: string;
	/** For a duplicate email address: the row that has it first. */
	readonly first?: number;
}
