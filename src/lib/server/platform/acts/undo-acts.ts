import { and, asc, desc, eq, gte, isNotNull, isNull, lt, sql } from 'drizzle-orm';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';
import { reassessCase } from '../../cases/case-assessments/reassess-cases';
import { organisationZone } from '../organisation/organisation-zone';
import { requirePerson } from '../../people/lock-person';
import { revertRows } from './changed-rows';

const { deskActs, people } = schema;

/** The moment at which the organisation's day began. */
const midnight = (now: Date) =>
	sql`date_trunc('day', ${now.toISOString()}::timestamptz at time zone ${organisationZone}) at time zone ${organisationZone}`;

/** Most lines shown in one list. */
const MOST_SHOWN = 100;

/** How many people of a line are named; with more, they are only counted. */
const NAMED = 2;

/**
 * A user's acts today, newest first, and how many there are. Acts of one key press on many people are one line, which counts all of them.
 * Cost: the day's acts of one user, by desk_acts_user_at_idx.
 */
export async function undoableActs(db: Db, actor: Actor, now: Date) {
	const user = requirePermission(actor, 'desk:undo');
	const lines = await db
		.select({
			batch: deskActs.batch,
			kind: sql<(typeof deskActs.$inferSelect)['kind']>`min(${deskActs.kind})`,
			at: sql`max(${deskActs.at})`.mapWith(deskActs.at),
			people: sql<number>`count(*)::int`,
			names: sql<string[]>`(array_agg(${people.name} order by ${people.name}))[:${sql.raw(String(NAMED))}]`,
			canUndo: sql<boolean>`bool_or(${deskActs.changes} is not null and ${deskActs.undoneAt} is null)`,
			isUndone: sql<boolean>`bool_and(${deskActs.undoneAt} is not null)`,
			all: sql<number>`(count(*) over ())::int`
		})
		.from(deskActs)
		.innerJoin(people, eq(people.id, deskActs.personId))
		.where(and(eq(deskActs.userId, user.id), gte(deskActs.at, midnight(now))))
		.groupBy(deskActs.batch)
		.orderBy(desc(sql`max(${deskActs.at})`), asc(deskActs.batch))
		.limit(MOST_SHOWN);
	return { all: lines[0]?.all ?? 0, lines: lines.map(({ all: _, ...line }) => line) };
}

/**
 * Undoes what a user did with one key press today: every row is as it was before, on the call list too, and each case is assessed again.
 * All of it or nothing.
 */
export async function undoActs(db: Db, actor: Actor, batch: string, now: Date): Promise<number> {
	const user = requirePermission(actor, 'desk:undo');
	return inTransaction(db, async (tx) => {
		const mine = await tx
			.select()
			.from(deskActs)
			.where(
				and(
					eq(deskActs.batch, batch),
					eq(deskActs.userId, user.id),
					isNull(deskActs.undoneAt),
					gte(deskActs.at, midnight(now))
				)
			)
			.orderBy(asc(deskActs.personId));
		const undoable = mine.filter(({ changes }) => changes !== null);
		if (undoable.length === 0) throw new DomainError('conflict', 'cannotTakeBack');
		for (const { id, personId } of undoable) {
			await requirePerson(tx, personId);
			// Read again under the lock: two tabs may press at once.
			const [act] = await tx
				.select()
				.from(deskActs)
				.where(and(eq(deskActs.id, id), isNull(deskActs.undoneAt)));
			if (!act?.changes) continue;
			await revertRows(tx, act.changes);
			await tx.update(deskActs).set({ undoneAt: now, changes: null }).where(eq(deskActs.id, id));
			await reassessCase(tx, personId, now);
			await writeAuditLine(tx, actor, { at: now, act: 'act-undone', personId, detail: { act: act.kind } });
		}
		return undoable.length;
	});
}

/** Deletes the undo data of earlier days; served by desk_acts_kept_idx. */
export async function purgeUndoData(db: Db, now: Date): Promise<void> {
	await db
		.update(deskActs)
		.set({ changes: null })
		.where(and(isNotNull(deskActs.changes), lt(deskActs.at, midnight(now))));
}
