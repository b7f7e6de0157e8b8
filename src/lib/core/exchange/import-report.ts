import type { RosterFault, RosterField } from './roster-fields';

/** Someone whom an import concerns. */
export interface RosterLine {
	readonly name: string;
	readonly email: string;
	readonly team: string;
}

/** Someone of whom the file says otherwise. */
export interface RosterChange extends RosterLine {
	readonly fields: readonly { readonly field: RosterField; readonly from: string; readonly to: string }[];
}

/** What an import does, or would do: how many, and the first of each. */
export interface ImportReport {
	readonly added: number;
	readonly changed: number;
	readonly same: number;
	/** Who is in the list and not in the file. */
	readonly absent: number;
	/** Who is in the file and has left. */
	readonly back: number;
	readonly shown: {
		readonly added: readonly RosterLine[];
		readonly changed: readonly RosterChange[];
		readonly absent: readonly RosterLine[];
		readonly back: readonly RosterLine[];
	};
	readonly faults: readonly RosterFault[];
	/** Faults beyond those that are shown. */
	readonly moreFaults: number;
	/** Countries in the file whose holidays are not known: dates there skip weekends only. */
	readonly unknownCountries: readonly string[];
	readonly isApplied: boolean;
}
