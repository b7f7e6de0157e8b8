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

/** Everything that a column can hold: what is kept of a person, and the day on which they leave. */
export const ROSTER_COLUMNS = [...ROSTER_FIELDS, 'leavesOn'] as const;

/** One of {@link ROSTER_COLUMNS}. */
export type RosterColumn = (typeof ROSTER_COLUMNS)[number];

/** A person from a roster, checked. */
export type RosterPerson = Readonly<Record<RosterField, string>> & {
	/** The day on which they leave, ISO; empty where the file says nothing. */
	readonly leavesOn: string;
};

/** Most columns that can be joined into one field: for example first and last name. */
export const MAX_JOINED_COLUMNS = 3;

/** The columns of each field, from 0; several are joined with a space, none leaves the field unchanged. */
export type ColumnMap = Readonly<Record<RosterColumn, readonly number[]>>;

/** An error in one row of the file. */
export interface RosterFault {
	/** Row number as a spreadsheet shows it. */
	readonly row: number;
	readonly field: RosterColumn;
	readonly code:
		| 'missing'
		| 'no-address'
		| 'twice'
		| 'too-long'
		| 'no-phone'
		| 'no-country'
		| 'no-region'
		| 'no-time-zone'
		| 'no-language'
		| 'no-date';
	/** The text in the file. */
	readonly text: string;
	/** For a duplicate email address: the row that has it first. */
	readonly first?: number;
}

/** A row that was left out because no person is in it: a title, a total, headings repeated on a page, or a person for the second time. */
export interface IgnoredRow {
	readonly row: number;
	readonly why: 'no-person' | 'headings' | 'same';
	/** What the row says. */
	readonly text: string;
}

/** Faults of one kind in one column. */
export interface FaultGroup {
	readonly field: RosterColumn;
	readonly code: RosterFault['code'];
	/** How many rows have it. */
	readonly count: number;
	/** The texts that are at fault, the most frequent first, with their rows; a long list is cut off. */
	readonly texts: readonly {
		readonly fault: RosterFault;
		readonly count: number;
		readonly rows: readonly number[];
	}[];
	/** How many more texts there are. */
	readonly more: number;
}
