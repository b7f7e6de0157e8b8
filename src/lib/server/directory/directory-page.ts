import { and, eq } from 'drizzle-orm';
import {
	DIRECTORY_CHANGES,
	FIRST_DIRECTORY_SETTINGS,
	type DirectoryRoster,
	type DirectorySettings,
	type UnreadableRow
} from '../../core/directory';
import { ROSTER_COLUMNS, type ImportReport } from '../../core/exchange';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';
import { importPeople, previewImport } from '../people/import-people';
import { asImport, differencesIn } from './read-directory';

const { directory } = schema;

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

/**
 * The directory with its settings, and what taking over its list would change. Cost: the list is compared as an import is, a second or two
 * for a hundred thousand people.
 */
export async function directoryPage(db: Db, actor: Actor, now: Date) {
	requirePermission(actor, 'people:change');
	const [row] = await db.select().from(directory);
	const settings = row?.settings ?? FIRST_DIRECTORY_SETTINGS;
	const {
		version = 0,
		readAt = null,
		triedAt = null,
		wantedAt = null,
		fault = '',
		roster = null
	} = row ?? {};
	const state = {
		readAt,
		triedAt,
		fault,
		isReading: wantedAt !== null && (triedAt === null || triedAt < wantedAt),
		people: roster?.lines.length ?? 0
	};
	if (!roster) return { settings, version, state, report: null, unreadable: [] };
	const report = await previewImport(db, asImport(roster, settings), now);
	return { settings, version, state, report, unreadable: unreadableRows(roster, report) };
}

/** How many people differ from the directory by the last comparison: one key look-up, for a page that leads there. */
export async function directoryDifferences(db: Db): Promise<number> {
	const [row] = await db.select({ differences: directory.differences }).from(directory);
	return row?.differences ?? 0;
}

/**
 * Sets what is read and what it may change, and has it read anew.
 * @param input with the version that the page showed; 0 the first time
 * @throws DomainError `conflict` where someone else has changed it in the meantime
 */
export async function setDirectory(
	db: Db,
	actor: Actor,
	input: { readonly settings: DirectorySettings; readonly version: number },
	now: Date
): Promise<void> {
	requirePermission(actor, 'settings:change');
	const settings = {
		...input.settings,
		usersFilter: input.settings.usersFilter.trim(),
		may: DIRECTORY_CHANGES.filter((change) => input.settings.may.includes(change))
	};
	await inTransaction(db, async (tx) => {
		const row = { settings, version: input.version + 1, wantedAt: now };
		const changed =
			input.version === 0
				? await tx.insert(directory).values(row).onConflictDoNothing().returning({ id: directory.id })
				: await tx
						.update(directory)
						.set(row)
						.where(and(eq(directory.id, 1), eq(directory.version, input.version)))
						.returning({ id: directory.id });
		if (changed.length === 0) throw new DomainError('conflict', 'organisationChanged');
		await writeAuditLine(tx, actor, { at: now, act: 'directory-set' });
	});
}

/** Has the directory read as soon as a process is free. */
export async function askForDirectory(db: Db, actor: Actor, now: Date): Promise<void> {
	requirePermission(actor, 'people:change');
	await db
		.insert(directory)
		.values({ settings: FIRST_DIRECTORY_SETTINGS, wantedAt: now })
		.onConflictDoUpdate({ target: directory.id, set: { wantedAt: now } });
}

/** What was seen before it was applied. */
export interface DirectoryApproval {
	/** Names this one act. */
	readonly key: string;
	/** When the list was read that the page showed. */
	readonly readAt: string;
	readonly added: number;
	readonly changed: number;
	readonly leaveAbsent: boolean;
	readonly takeBack: boolean;
}

/**
 * Takes over what the directory says, as the page showed it: as an import of its list, which can be undone until midnight.
 * @throws DomainError `conflict` where it was read anew, or people were changed, in the meantime
 */
export async function applyDirectory(
	db: Db,
	actor: Actor,
	{ readAt, ...apply }: DirectoryApproval,
	now: Date
): Promise<ImportReport> {
	requirePermission(actor, 'people:change');
	const [row] = await db.select().from(directory);
	if (!row?.roster || row.readAt?.toISOString() !== readAt) throw new DomainError('conflict', 'listChanged');
	const list = asImport(row.roster, row.settings);
	const report = await importPeople(db, actor, { ...list, apply }, now);
	await recountDifferences(db, now);
	return report;
}

/** Compares the list that was read with the people again, after many of them were changed at once. */
export async function recountDifferences(db: Db, now: Date): Promise<void> {
	const [row] = await db.select().from(directory);
	if (!row?.roster) return;
	const report = await previewImport(db, asImport(row.roster, row.settings), now);
	await db
		.update(directory)
		.set({ differences: differencesIn(report) })
		.where(eq(directory.version, row.version));
}
