import { and, eq, isNull, lt, or, sql } from 'drizzle-orm';
import {
	rosterOfUsers,
	type DirectoryComparison,
	type DirectoryRoster,
	type UnreadableRow
} from '../../../core/people/directory/roster-of-users';
import type { DirectorySettings } from '../../../core/people/directory/directory-settings';
import { ROSTER_COLUMNS } from '../../../core/people/exchange/roster-fields';
import type { ImportReport } from '../../../core/people/exchange/import-report';
import { isoDay } from '../../platform/clock';
import type { DirectoryAddress } from '../../platform/config';
import { schema, type Db } from '../../platform/db/client';
import { readOrganisation } from '../../platform/organisation/read-organisation';
import { previewImport, type ImportInput } from '../import-people';
import { DirectoryError, readGroups, readUsers, type Pause } from './scim-service';

const { directory } = schema;

/** Hour of the organisation's night from which the directory is read. Our assumption: changes of the day are in it by then. */
const NIGHT_HOUR = 2;

const HOUR_MS = 3_600_000;

/** How long one process has the directory to itself, ms: reading a hundred thousand people takes minutes. */
const CLAIM_MS = 30 * 60_000;

/** For how long a list that was read is kept, days. Our assumption: whoever looks later reads it again. */
const KEPT_DAYS = 7;

/** A directory's list as an import of the same people: what can't be read is left out and named. */
export const asImport = (
	{ lines, columns, goneNumbers }: DirectoryRoster,
	{ may }: DirectorySettings
): Omit<ImportInput, 'apply'> => ({
	lines,
	columns,
	firstRow: 1,
	headings: '',
	leaveOut: true,
	renames: [],
	directory: { may, goneNumbers }
});

/** Most rows shown that can't be read. */
const MOST_UNREADABLE = 50;

function unreadableRows({ lines }: DirectoryRoster, { faults }: ImportReport): UnreadableRow[] {
	const rows = [...new Set(faults.map(({ row }) => row))];
	return rows.slice(0, MOST_UNREADABLE).map((row) => {
		const cell = (name: (typeof ROSTER_COLUMNS)[number]) =>
			lines[row - 1]?.[ROSTER_COLUMNS.indexOf(name)] ?? '';
		return {
			who: cell('name') || cell('email') || cell('staffNumber'),
			faults: faults.filter((fault) => fault.row === row)
		};
	});
}

/** Compares a list with the people. Cost: that of an import's preview, some twelve seconds for a hundred thousand people. */
export async function compareDirectory(
	db: Db,
	roster: DirectoryRoster,
	settings: DirectorySettings,
	now: Date
): Promise<DirectoryComparison> {
	const report = await previewImport(db, asImport(roster, settings), now);
	return { report, unreadable: unreadableRows(roster, report), people: roster.lines.length };
}

type Row = Pick<typeof directory.$inferSelect, 'settings' | 'wantedAt' | 'triedAt' | 'fault'>;

/** Whether it is time to read: somebody asked for it, or it is night; after a failure once an hour. */
export function isDue({ settings, wantedAt, triedAt, fault }: Row, timeZone: string, now: Date): boolean {
	if (wantedAt && (!triedAt || triedAt < wantedAt)) return true;
	if (!settings.isOn) return false;
	const night = new Date(now.getTime() - NIGHT_HOUR * HOUR_MS);
	if (
		!triedAt ||
		isoDay(new Date(triedAt.getTime() - NIGHT_HOUR * HOUR_MS), timeZone) < isoDay(night, timeZone)
	)
		return true;
	return fault !== '' && now.getTime() - triedAt.getTime() >= HOUR_MS;
}

/**
 * Reads the staff directory where it is due, and keeps what it says to be shown: nothing is changed by it. One process at a time.
 * @returns what became of it; null where there was nothing to do
 */
export async function readDirectory(
	db: Db,
	service: DirectoryAddress,
	clock: () => Date,
	wait?: Pause
): Promise<{ readonly people: number; readonly fault: string } | null> {
	const [row] = await db
		.select({
			settings: directory.settings,
			version: directory.version,
			wantedAt: directory.wantedAt,
			triedAt: directory.triedAt,
			fault: directory.fault
		})
		.from(directory);
	const { timeZone } = await readOrganisation(db);
	const began = clock();
	if (!row || !isDue(row, timeZone, began)) return null;
	const claimed = await db
		.update(directory)
		.set({ claimedUntil: new Date(began.getTime() + CLAIM_MS) })
		.where(
			and(
				or(isNull(directory.claimedUntil), lt(directory.claimedUntil, began)),
				// Nobody else has read it since.
				row.triedAt ? eq(directory.triedAt, row.triedAt) : isNull(directory.triedAt)
			)
		)
		.returning({ id: directory.id });
	if (claimed.length === 0) return null;
	const { settings } = row;
	const ended = { claimedUntil: null, triedAt: began };
	try {
		const users = await readUsers(service, settings.usersFilter, wait);
		const groups = settings.teamFrom === 'group' ? await readGroups(service, wait) : [];
		const roster = rosterOfUsers(users, groups, settings, isoDay(began, timeZone));
		const comparison = await compareDirectory(db, roster, settings, began);
		// Settings that were changed meanwhile have asked for it to be read again.
		await db
			.update(directory)
			.set({ ...ended, fault: '', readAt: began, roster, comparison })
			.where(eq(directory.version, row.version));
		return { people: users.length, fault: '' };
	} catch (error) {
		const fault = error instanceof DirectoryError ? error.fault : 'failed';
		await db.update(directory).set({ ...ended, fault });
		if (error instanceof DirectoryError) return { people: 0, fault: error.message };
		throw error;
	} finally {
		await db
			.update(directory)
			.set({ claimedUntil: null })
			.where(eq(directory.claimedUntil, new Date(began.getTime() + CLAIM_MS)));
	}
}

/** Deletes the list that was read, where it is older than a week. */
export async function purgeDirectoryList(db: Db, now: Date): Promise<void> {
	await db
		.update(directory)
		.set({ roster: null, comparison: null })
		.where(
			and(
				lt(directory.readAt, new Date(now.getTime() - KEPT_DAYS * 24 * HOUR_MS)),
				sql`${directory.roster} is not null`
			)
		);
}
