import type { RosterFault, RosterField } from './roster-fields';

/** A person whom an import concerns. */
export interface RosterLine {
	readonly name: string;
	readonly email: string;
	readonly team: string;
}

/** Someone in the file who may be a known person with a new address. */
export interface RenamedPerson {
	readonly personId: string;
	readonly name: string;
	/** The address that is known, and the one in the file. */
	readonly from: string;
	readonly to: string;
	readonly by: 'staff-number' | 'name';
}

/** A person for whom the file has other data. */
export interface RosterChange extends RosterLine {
	readonly fields: readonly { readonly field: RosterField; readonly from: string; readonly to: string }[];
}

/**
 * Why a directory's row is not taken as it is: its address belongs to someone with another staff number here, so that nobody can tell whose
 * records they are; or the person keeps their address, since the new one is someone else's here.
 */
export type AsideReason = 'address-in-use' | 'address-kept';

/** What an import does or would do: the counts, and the first people of each kind. */
export interface ImportReport {
	readonly added: number;
	readonly changed: number;
	readonly same: number;
	/** People in the list who are not in the file. */
	readonly absent: number;
	/** People in the file who had left the organisation. */
	readonly back: number;
	/** People whose leaving day in the file has come: those who are known, and those who aren't and are not added. */
	readonly leaving: number;
	readonly departed: number;
	/** People who may be known under another address: by their staff number, or only by their name. At most some hundreds. */
	readonly renamed: readonly RenamedPerson[];
	/** Rows that were left out because no person can be read from them, and other cells left empty. */
	readonly leftOut: number;
	readonly emptied: number;
	readonly shown: {
		readonly added: readonly RosterLine[];
		readonly changed: readonly RosterChange[];
		readonly absent: readonly RosterLine[];
		readonly back: readonly RosterLine[];
		readonly leaving: readonly RosterLine[];
	};
	/** People of a directory whose address is someone else's here, or would be: how many, and the first of them. */
	readonly asideCount: number;
	readonly aside: readonly (RosterLine & { readonly why: AsideReason })[];
	/** New people whom the directory may not add. */
	readonly notAdded: number;
	readonly faults: readonly RosterFault[];
	/** Number of errors beyond those shown. */
	readonly moreFaults: number;
	/** Countries in the file without known public holidays: working days there only skip weekends. */
	readonly unknownCountries: readonly string[];
	readonly isApplied: boolean;
}

/** Why someone stays as they are when an import is undone: they did something since, were changed since, or were sent something. */
export type UndoRefusal = 'acted' | 'changed' | 'sent';

/** Someone who stays as they are when an import is undone. */
export interface KeptPerson {
	readonly personId: string;
	readonly name: string;
	readonly why: UndoRefusal;
}
