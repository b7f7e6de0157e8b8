import { and, eq, isNull } from 'drizzle-orm';
import { isWorkingDay } from '../../../core/platform/calendar/working-days';
import { acceptedDay } from '../../../core/platform/calendar/civil-date';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import { idempotencyKeyFor, runDeskAct, type DeskActInput } from '../../platform/acts/desk-act';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import type { FollowUpKind } from '../../../core/cases/triage/follow-up-kinds';
import { DomainError } from '../../platform/domain-error';
import { setManualFollowUp } from './manual-follow-up';

const { followUps } = schema;

/** A follow-up to set. `seen` is the version of the follow-up as seen, 0 where none was open. */
export interface FollowUpInput extends Pick<DeskActInput, 'key' | 'personId'> {
	/** Which follow-up; the policy's days can be moved, but only a coordinator's follow-up can be set again. */
	readonly kind: FollowUpKind;
	/** ISO date. */
	readonly due: string;
	readonly reason: string;
	readonly seen: number;
}

/** The open follow-up of a kind; served by follow_ups_open_key. */
export async function openFollowUp(tx: Db, personId: string, kind: FollowUpKind) {
	const [open] = await tx
		.select()
		.from(followUps)
		.where(and(eq(followUps.personId, personId), eq(followUps.kind, kind), isNull(followUps.doneAt)));
	return open ?? null;
}

/**
 * Sets the day of a follow-up: a new one, or another day for an open one.
 * @returns whether that is a day off where the person lives; it may be intended
 */
export async function setFollowUp(
	db: Db,
	actor: Actor,
	input: FollowUpInput,
	now: Date
): Promise<{ isFreeDay: boolean }> {
	requirePermission(actor, 'follow-ups:set');
	const { personId, due, reason, kind } = input;
	const day = acceptedDay(due);
	if (!day) throw new DomainError('invalid', 'noSuchDay', '/due');
	const act = { key: input.key, personId, version: null, kind: 'follow-up-set' as const };
	const set = await runDeskAct(db, actor, act, now, async ({ tx, rows, person }) => {
		const open = await openFollowUp(tx, personId, kind);
		if ((open?.version ?? 0) !== input.seen) throw new DomainError('conflict', 'followUpChanged');
		if (open)
			await rows.update(
				followUps,
				{ due, ...(kind === 'look' ? { reason } : {}), version: open.version + 1 },
				eq(followUps.id, open.id)
			);
		else if (kind === 'look') await setManualFollowUp(rows, tx, { personId, due, reason }, now);
		else throw new DomainError('conflict', 'followUpChanged');
		await writeAuditLine(tx, actor, { at: now, act: 'follow-up-set', personId, detail: { due, kind } });
		return { isFreeDay: !isWorkingDay(day, person.place.calendar) };
	});
	return set ?? { isFreeDay: false };
}

/** A follow-up that was done: its result and the next day, in one act. */
export interface FinishInput extends Pick<DeskActInput, 'key' | 'personId'> {
	/** The act on many that it is part of, if it is. */
	readonly batch?: string;
	readonly seen: number;
	/** Notes; may be empty. */
	readonly outcome: string;
	readonly next: { readonly due: string; readonly reason: string } | null;
}

/**
 * Records that a follow-up was done, with its result and the next day, if any. If two people do so at once, the second one sees the first
 * one's.
 */
export async function finishFollowUp(db: Db, actor: Actor, input: FinishInput, now: Date): Promise<void> {
	requirePermission(actor, 'follow-ups:set');
	const { personId, next } = input;
	const outcome = input.outcome.trim();
	if (next && acceptedDay(next.due) === null) throw new DomainError('invalid', 'noSuchDay', '/due');
	const { key, batch } = input;
	const act = { key, personId, version: null, kind: 'follow-up-done' as const, ...(batch ? { batch } : {}) };
	await runDeskAct(db, actor, act, now, async ({ tx, rows }) => {
		const open = await openFollowUp(tx, personId, 'look');
		if (!open || open.version !== input.seen) throw new DomainError('conflict', 'followUpChanged');
		await rows.update(
			followUps,
			{ doneAt: now, outcome, version: open.version + 1 },
			eq(followUps.id, open.id)
		);
		if (next) await setManualFollowUp(rows, tx, { personId, ...next }, now);
		await writeAuditLine(tx, actor, { at: now, act: 'follow-up-done', personId });
	});
}

export interface FinishedFollowUps {
	readonly finished: readonly string[];
	/** People without a follow-up that is due. */
	readonly leftOut: readonly string[];
}

/**
 * Records that many follow-ups were done, in one act without notes; whoever has none due is left out and named. Cost: some ten small
 * statements per person.
 * @param today ISO date
 */
export async function finishFollowUps(
	db: Db,
	actor: Actor,
	{ personIds, key }: { readonly personIds: readonly string[]; readonly key: string },
	today: string,
	now: Date
): Promise<FinishedFollowUps> {
	requirePermission(actor, 'follow-ups:set');
	return inTransaction(db, async (tx) => {
		const finished: string[] = [];
		const leftOut: string[] = [];
		// In a fixed order, so that two batches at once never wait for each other in a circle.
		for (const personId of [...new Set(personIds)].sort()) {
			const open = await openFollowUp(tx, personId, 'look');
			if (!open || open.due > today) {
				leftOut.push(personId);
				continue;
			}
			const input = {
				personId,
				key: idempotencyKeyFor(key, personId),
				batch: key,
				seen: open.version,
				outcome: '',
				next: null
			};
			await finishFollowUp(tx, actor, input, now);
			finished.push(personId);
		}
		return { finished, leftOut };
	});
}
