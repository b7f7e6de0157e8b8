import { and, eq, getTableColumns, sql } from 'drizzle-orm';
import {
	DIRECTORY_CHANGES,
	FIRST_DIRECTORY_SETTINGS,
	type DirectorySettings
} from '../../../core/people/directory/directory-settings';
import type { ImportReport } from '../../../core/people/exchange/import-report';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import { importPeople } from '../import-people';
import { asImport, compareDirectory } from './read-directory';
import { queueJob } from '../../platform/jobs/queue-job';

const { directory } = schema;

/**
 * The directory with its settings, and what taking over its list would change, as it was compared last: nobody waits for that to be done.
 */
export async function directoryPage(db: Db, actor: Actor) {
	requirePermission(actor, 'people:change');
	const { roster: _, ...columns } = getTableColumns(directory);
	const [row] = await db.select(columns).from(directory);
	const { version = 0, readAt = null, triedAt = null, wantedAt = null, fault = '' } = row ?? {};
	return {
		settings: row?.settings ?? FIRST_DIRECTORY_SETTINGS,
		version,
		state: {
			readAt,
			triedAt,
			fault,
			isReading: wantedAt !== null && (triedAt === null || triedAt < wantedAt),
			people: row?.comparison?.people ?? 0
		},
		report: row?.comparison?.report ?? null,
		unreadable: row?.comparison?.unreadable ?? []
	};
}

/**
 * How many people differ from the directory by the last comparison. Those who are only missing from it don't count: a directory needn't have
 * everybody. One key look-up, for a page that leads there.
 */
export async function directoryDifferences(db: Db): Promise<number> {
	const of = (name: keyof ImportReport) =>
		sql`coalesce((${directory.comparison} -> 'report' ->> ${name}::text)::integer, 0)`;
	const [row] = await db
		.select({ n: sql<number>`${of('added')} + ${of('changed')} + ${of('leaving')} + ${of('back')}` })
		.from(directory);
	return row?.n ?? 0;
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
		await queueJob(tx, 'directory');
	});
}

/** Has the directory read as soon as a process is free. */
export async function askForDirectory(db: Db, actor: Actor, now: Date): Promise<void> {
	requirePermission(actor, 'people:change');
	await inTransaction(db, async (tx) => {
		await tx
			.insert(directory)
			.values({ settings: FIRST_DIRECTORY_SETTINGS, wantedAt: now })
			.onConflictDoUpdate({ target: directory.id, set: { wantedAt: now } });
		await queueJob(tx, 'directory');
	});
}

/** What was seen before it was applied. */
export interface DirectoryApproval {
	/** Names this one act. */
	readonly key: string;
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
	try {
		return await importPeople(db, actor, { ...asImport(row.roster, row.settings), apply }, now);
	} finally {
		// Refused, because people were changed meanwhile, the page shows how it is now.
		await compareAgain(db, now);
	}
}

/** Longest list that is compared within a request: half a second. */
const COMPARED_AT_ONCE = 5000;

/**
 * Compares the list that was read with the people again, after many of them were changed at once. A long list is read again instead, by the
 * job: comparing a hundred thousand people takes twelve seconds.
 */
export async function compareAgain(db: Db, now: Date): Promise<void> {
	const [row] = await db.select().from(directory);
	if (!row?.roster) return;
	if (row.roster.lines.length > COMPARED_AT_ONCE) {
		await db
			.update(directory)
			.set({ comparison: null, wantedAt: now })
			.where(eq(directory.version, row.version));
		await queueJob(db, 'directory');
		return;
	}
	const comparison = await compareDirectory(db, row.roster, row.settings, now);
	await db.update(directory).set({ comparison }).where(eq(directory.version, row.version));
}
