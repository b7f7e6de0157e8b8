import type { RosterField } from '../exchange/roster-fields';

/** What the staff directory may change here: who is added, who leaves or returns, and details of people who are known. */
export const DIRECTORY_CHANGES = ['joiners', 'leavers', 'name', 'email', 'team', 'phone', 'place'] as const;

/** One of {@link DIRECTORY_CHANGES}. */
export type DirectoryChange = (typeof DIRECTORY_CHANGES)[number];

/** Where a person's team is read from: their department, a group that they are in, or nowhere. */
export const TEAM_SOURCES = ['department', 'group', 'none'] as const;

/** One of {@link TEAM_SOURCES}. */
export type TeamSource = (typeof TEAM_SOURCES)[number];

/** Longest text of each field, characters. */
export const DIRECTORY_LENGTHS = { usersFilter: 500, groupStart: 100 } as const;

/** What a coordinator sets of the directory. */
export interface DirectorySettings {
	/** Whether it is read every night. */
	readonly isOn: boolean;
	readonly may: readonly DirectoryChange[];
	/** SCIM filter (RFC 7644, section 3.4.2.2) for whom to read; empty for everyone. */
	readonly usersFilter: string;
	readonly teamFrom: TeamSource;
	/** How the names of groups begin that are teams; the rest of a name is the team's. Empty for all groups. */
	readonly groupStart: string;
}

/** As the software comes: off, and, once it is switched on, changing everything that the directory knows better. */
export const FIRST_DIRECTORY_SETTINGS: DirectorySettings = {
	isOn: false,
	may: DIRECTORY_CHANGES,
	usersFilter: '',
	teamFrom: 'department',
	groupStart: ''
};

/** What each field of a known person belongs to. Their staff number is what they are known by, and their language they choose themselves. */
const PART_OF: Readonly<Record<Exclude<RosterField, 'staffNumber' | 'language'>, DirectoryChange>> = {
	name: 'name',
	email: 'email',
	team: 'team',
	phone: 'phone',
	country: 'place',
	region: 'place',
	timeZone: 'place'
};

/** Whether the directory may change a field of a known person. A staff number is only ever added to someone who has none. */
export function mayChange(may: readonly DirectoryChange[], field: RosterField): boolean {
	if (field === 'language') return false;
	return field === 'staffNumber' || may.includes(PART_OF[field]);
}
