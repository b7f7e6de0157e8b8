import { and, desc, eq, isNull, sql } from 'drizzle-orm';
import { civilDate, isWorkingDay } from '../../core/calendar';
import { needCoordinator, type Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { lockPerson, refreshCase } from '../cases/refresh-case';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';
import { workCalendarOf } from '../people/work-calendar-of';

const { followUps } = schema;

/** A follow-up as it is set. `version` is the one that was seen, 0 where none was open. */
export interface FollowUpInput {
	readonly personId: string;
	/** ISO date. */
	readonly due: string;
	readonly reason: string;
	readonly version: number;
}

const CHANGED =
	'Somebody else changed this follow-up meanwhile. What they set is shown below; set yours again if it still stands.';

async function needPerson(db: Db, personId: string) {
	const person = await lockPerson(db, personId);
	if (!person) throw new Fault('not-found', 'This person is not in the list any more.');
	return person;
}

async function openOf(db: Db, personId: string) {
	const [open] = await db
		.select()
		.from(followUps)
		.where(and(eq(followUps.personId, personId), isNull(followUps.doneAt)));
	return open ?? null;
}

/**
 * Sets the day on which a person is looked at again: a new follow-up, or another day for the open one.
 *
 * @returns whether that day is free where the person lives; who chose it may have meant it
 */
export async function setFollowUp(
	db: Db,
	actor: Actor,
	input: FollowUpInput,
	now: Date
): Promise<{ isFreeDay: boolean }> {
	needCoordinator(actor);
	const { personId, due, reason } = input;
	return db.transaction(async (tx) => {
		const { country } = await needPerson(tx, personId);
		const open = await openOf(tx, personId);
		if ((open?.version ?? 0) !== input.version) throw new Fault('conflict', CHANGED);
		if (open)
			await tx
				.update(followUps)
				.set({ due, reason, version: open.version + 1 })
				.where(eq(followUps.id, open.id));
		else await addToChain(tx, { personId, due, reason }, now);
		await refreshCase(tx, personId, now);
		await writeAuditLine(tx, actor, { at: now, act: 'follow-up-set', personId, detail: { due } });
		const day = civilDate(due);
		return { isFreeDay: day !== null && !isWorkingDay(day, workCalendarOf(country)) };
	});
}

/** A new follow-up, behind the last one that was done. */
async function addToChain(
	db: Db,
	{ personId, due, reason }: Pick<FollowUpInput, 'personId' | 'due' | 'reason'>,
	now: Date
): Promise<void> {
	const [last] = await db
		.select({ id: followUps.id })
		.from(followUps)
		.where(eq(followUps.personId, personId))
		.orderBy(desc(followUps.createdAt))
		.limit(1);
	await db.insert(followUps).values({ personId, due, reason, createdAt: now, after: last?.id ?? null });
}

/** Within another act: sees to it that a person is looked at by a day. One that is due sooner stays as it is. */
export async function setFollowUpWithin(
	tx: Db,
	actor: Actor,
	input: Pick<FollowUpInput, 'personId' | 'due' | 'reason'>,
	now: Date
): Promise<void> {
	const { personId, due, reason } = input;
	await needPerson(tx, personId);
	const open = await openOf(tx, personId);
	if (open && open.due <= due) return;
	if (open)
		await tx
			.update(followUps)
			.set({ due, reason, version: open.version + 1 })
			.where(eq(followUps.id, open.id));
	else await addToChain(tx, input, now);
	await writeAuditLine(tx, actor, { at: now, act: 'follow-up-set', personId, detail: { due } });
}

/**
 * Says that a follow-up was done, with what came of it and the day of the next one, if any. Harmless where it was done
 * already.
 */
export async function finishFollowUp(
	db: Db,
	actor: Actor,
	input: { personId: string; outcome: string; next: { due: string; reason: string } | null },
	now: Date
): Promise<void> {
	needCoordinator(actor);
	const { personId, outcome, next } = input;
	await db.transaction(async (tx) => {
		await needPerson(tx, personId);
		const done = await tx
			.update(followUps)
			.set({ doneAt: now, outcome, version: sql`${followUps.version} + 1` })
			.where(and(eq(followUps.personId, personId), isNull(followUps.doneAt)))
			.returning({ id: followUps.id });
		if (done.length === 0) return;
		if (next) await addToChain(tx, { personId, ...next }, now);
		await refreshCase(tx, personId, now);
		await writeAuditLine(tx, actor, { at: now, act: 'follow-up-done', personId });
	});
}

/** Takes back that a follow-up was done just at that moment; one that was set since stays. */
export async function undoFinish(
	db: Db,
	actor: Actor,
	input: { personId: string; at: Date },
	now: Date
): Promise<void> {
	needCoordinator(actor);
	const { personId, at } = input;
	await db.transaction(async (tx) => {
		await needPerson(tx, personId);
		// The next of the chain was set in the same act.
		await tx
			.delete(followUps)
			.where(and(eq(followUps.personId, personId), isNull(followUps.doneAt), eq(followUps.createdAt, at)));
		if (await openOf(tx, personId))
			throw new Fault('conflict', 'Another follow-up was set meanwhile: it stands below.');
		await tx
			.update(followUps)
			.set({ doneAt: null, outcome: '' })
			.where(and(eq(followUps.personId, personId), eq(followUps.doneAt, at)));
		await refreshCase(tx, personId, now);
		await writeAuditLine(tx, actor, { at: now, act: 'follow-up-set', personId });
	});
}
