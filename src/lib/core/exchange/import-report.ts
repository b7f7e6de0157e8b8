import type { RosterFault, RosterField } from './roster-fields';

/** A person whom an import concerns. */
export interface RosterLine {
	readonly name: string;
	readonly email: string;
	readonly team: string;
}

/** A person for whom the file has other data. */
export interface RosterChange extends RosterLine {
	readonly fields: readonly { readonly field: RosterField; readonly from: string; readonly to: string }[];
}

/** What an import does or would do: the counts, and the first people of each kind. */
export interface ImportReport {
	readonly added: number;
	readonly changed: number;
	readonly same: number;
	/** People in the list who are not in the file. */
	readonly absent: number;
	/** People in the file who had left the organisation. */
	readonly back: number;
	readonly shown: {
		readonly added: readonly RosterLine[];
		readonly changed: readonly RosterChange[];
		readonly absent: readonly RosterLine[];
		readonly back: readonly RosterLine[];
	};
	readonly faults: readonly RosterFault[];
	/** Number of errors beyond those shown. */
	readonly moreFaults: number;
	/** Countries in the file without known public holidays: working days there only skip weekends. */
	readonly unknownCountries: readonly string[];
	readonly isApplied: boolean;
}
