import { isTimeZone } from '../../platform/calendar/time-zone';
import { languageCode } from '../exchange/languages';
import {
	ROSTER_COLUMNS,
	type ColumnMap,
	type RosterColumn,
	type RosterFault
} from '../exchange/roster-fields';
import type { ImportReport } from '../exchange/import-report';
import type { DirectorySettings } from './directory-settings';
import { ENTERPRISE_USER, type ScimGroup, type ScimUser } from './scim';

/** A directory's people as a list, so that they are read, checked and compared as one that somebody imports. */
export interface DirectoryRoster {
	/** A row for each user who can have one, with a cell for each of {@link ROSTER_COLUMNS}. */
	readonly lines: string[][];
	/** Columns that the directory fills for somebody: about the others it says nothing. */
	readonly columns: ColumnMap;
	/** Staff numbers of people who have left, and of whom the directory has no address any more. */
	readonly goneNumbers: readonly string[];
}

/** A row that can't be read whole: whose it is, as far as it says, and what is at fault. */
export interface UnreadableRow {
	readonly who: string;
	readonly faults: readonly RosterFault[];
}

/** What taking over a directory's list would change. */
export interface DirectoryComparison {
	readonly report: ImportReport;
	/** The first rows that can't be read whole. */
	readonly unreadable: readonly UnreadableRow[];
	/** How many people are in the list. */
	readonly people: number;
}

interface Valued {
	readonly value?: string | null;
	readonly type?: string | null;
	readonly primary?: boolean | null;
}

/** The value that counts among several: the primary one, or one for work, or the first. */
function main<T extends Omit<Valued, 'value'>>(
	all: readonly T[] | null | undefined,
	isFilled: (one: T) => boolean
) {
	const filled = (all ?? []).filter(isFilled);
	return (
		filled.find(({ primary }) => primary === true) ??
		filled.find(({ type }) => type?.toLowerCase() === 'work') ??
		filled[0]
	);
}

const mainValue = (all: readonly Valued[] | null | undefined) =>
	main(all, ({ value }) => (value ?? '').trim() !== '')?.value ?? '';

/** A name as people are called: what the directory shows, or given and family name. */
function nameOf({ displayName, name }: ScimUser): string {
	const parts = [name?.givenName, name?.familyName].filter((part) => (part ?? '').trim() !== '');
	return displayName?.trim() || name?.formatted?.trim() || parts.join(' ');
}

/** A subdivision by its code alone: directories write `DE-BY` as well as `BY`; a name in words says nothing here. */
function regionOf(region: string | null | undefined, country: string): string {
	const code = (region ?? '').trim().toUpperCase();
	const alone = country !== '' && code.startsWith(`${country}-`) ? code.slice(country.length + 1) : code;
	return /^[A-Z0-9]{1,3}$/.test(alone) ? alone : '';
}

/** An IANA name; a directory that writes others says nothing here, which is no fault of a person's row. */
const zoneOf = (timezone: string | null | undefined) => (timezone && isTimeZone(timezone) ? timezone : '');

/**
 * Each user's team by the groups: the first by name that counts as a team.
 * @param start how the names of teams begin
 */
function teamsOf(groups: readonly ScimGroup[], start: string): Map<string, string> {
	const teams = new Map<string, string>();
	const named = groups
		.map(({ displayName, members }) => ({ name: (displayName ?? '').trim(), members: members ?? [] }))
		.filter(({ name }) => name.toLowerCase().startsWith(start.toLowerCase()))
		.map(({ name, members }) => ({ team: name.slice(start.length).trim(), members }))
		.filter(({ team }) => team !== '')
		.sort((a, b) => (a.team < b.team ? -1 : 1));
	for (const { team, members } of named)
		for (const { value } of members) if (value && !teams.has(value)) teams.set(value, team);
	return teams;
}

/**
 * A directory's users as a list: someone who isn't active any more leaves on the day it was read.
 * @param today the organisation's day, ISO
 */
export function rosterOfUsers(
	users: readonly ScimUser[],
	groups: readonly ScimGroup[],
	{ teamFrom, groupStart }: DirectorySettings,
	today: string
): DirectoryRoster {
	const teams = teamFrom === 'group' ? teamsOf(groups, groupStart) : new Map<string, string>();
	const goneNumbers: string[] = [];
	const lines = users.flatMap((user) => {
		const enterprise = user[ENTERPRISE_USER];
		const address = main(user.addresses, ({ country }) => (country ?? '').trim() !== '');
		const country = (address?.country ?? '').trim().toUpperCase();
		const row: Record<RosterColumn, string> = {
			name: nameOf(user),
			email: mainValue(user.emails) || (user.userName?.includes('@') ? user.userName : ''),
			staffNumber: (enterprise?.employeeNumber ?? '').trim(),
			team: teamFrom === 'department' ? (enterprise?.department ?? '').trim() : (teams.get(user.id) ?? ''),
			// Written as a URI, as RFC 3966 has it.
			phone: mainValue(user.phoneNumbers).replace(/^tel:/i, ''),
			country,
			region: regionOf(address?.region, country),
			timeZone: zoneOf(user.timezone),
			language: languageCode(user.preferredLanguage ?? '') ?? '',
			leavesOn: user.active === false ? today : ''
		};
		if (row.leavesOn !== '' && row.email === '') {
			// Who never had a number or an address here is nobody who leaves.
			if (row.staffNumber !== '') goneNumbers.push(row.staffNumber);
			return [];
		}
		return [ROSTER_COLUMNS.map((column) => row[column])];
	});
	const columns = Object.fromEntries(
		ROSTER_COLUMNS.map((column, i) => [column, lines.some((line) => line[i] !== '') ? [i] : []])
	) as Record<RosterColumn, number[]>;
	// Without them nobody can be read, which is then said of each row.
	for (const column of ['name', 'email'] as const) columns[column] = [ROSTER_COLUMNS.indexOf(column)];
	return { lines, columns, goneNumbers };
}
