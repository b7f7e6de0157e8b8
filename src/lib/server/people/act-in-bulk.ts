import { asc, eq, inArray, sql } from 'drizzle-orm';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { deskAct, keyFor } from '../acts/desk-act';
import { sendAssessment } from '../assessments/send-assessment';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { Fault } from '../fault';
import { putLook } from '../follow-ups/put-look';
import type { LeftOutGroup } from '../../core/sending';
import { leftOut, whoOf } from '../rounds/who-matches';
import { comeBack, leave } from './leave';
import { observeMoves } from '../workforce/observe-people';
import { needPerson } from './lock-person';
import { whereIds, whereOf, type PeopleFilter } from './people-filter';

const { cases, people } = schema;

/** People that a bulk act reaches at most. */
export const MOST_IN_BULK = 500;

/** What is done to many at once. */
export type BulkAct =
	| { readonly kind: 'send' }
	| { readonly kind: 'team'; readonly team: string }
	| { readonly kind: 'leave' }
	| { readonly kind: 'return' }
	| { readonly kind: 'follow-up'; readonly due: string; readonly reason: string };

/** Who a bulk act is for: those that were ticked, or everyone that a filter shows. */
export type BulkWhom = { readonly ids: readonly string[] } | { readonly filter: PeopleFilter };

/**
 * Does one thing to many people, all of them or none.
 *
 * @param expected how many were shown when it was asked; refused where it has changed since
 * A self-assessment is not sent to who is with a clinician, has something grave open, or is answering or has just answered.
 *
 * @returns how many it was done to, and who was left out and why
 */
export async function actInBulk(
	db: Db,
	actor: Actor,
	input: { whom: BulkWhom; act: BulkAct; expected: number; key: string },
	now: Date
): Promise<{ readonly n: number; readonly leftOut: readonly LeftOutGroup[] }> {
	requirePermission(actor, 'people:change');
	const { whom, act, expected, key } = input;
	return inTransaction(db, async (tx) => {
		const rows = await tx
			.select({ id: people.id, why: act.kind === 'send' ? leftOut(now) : sql<null>`null` })
			.from(people)
			.innerJoin(cases, eq(cases.personId, people.id))
			.where('ids' in whom ? whereIds(whom.ids) : whereOf(whom.filter))
			.orderBy(asc(people.id))
			.limit(MOST_IN_BULK + 1);
		if (rows.length > MOST_IN_BULK)
			throw new Fault('invalid', { code: 'tooManyInBulk', facts: { most: MOST_IN_BULK } });
		if (rows.length !== expected)
			throw new Fault('conflict', { code: 'otherCountInBulk', facts: { n: rows.length, expected } });
		const left =
			act.kind === 'send'
				? (
						await whoOf(
							tx,
							inArray(
								people.id,
								rows.map(({ id }) => id)
							),
							now
						)
					).leftOut
				: [];
		const chosen = rows.filter(({ why }) => why === null);
		for (const { id } of chosen) await actOn(tx, actor, { personId: id, batch: key, act }, now);
		return { n: chosen.length, leftOut: left };
	});
}

async function actOn(
	tx: Db,
	actor: Actor,
	{ personId, batch, act }: { personId: string; batch: string; act: BulkAct },
	now: Date
): Promise<void> {
	const input = { personId, batch, key: keyFor(batch, personId), version: null };
	switch (act.kind) {
		case 'send':
			await sendAssessment(tx, actor, input, now);
			return;
		case 'team': {
			const person = await needPerson(tx, personId);
			const team = act.team.trim();
			await tx
				.update(people)
				.set({ team, version: sql`${people.version} + 1` })
				.where(eq(people.id, personId));
			await observeMoves(tx, [{ ...person, team }], now);
			await writeAuditLine(tx, actor, { at: now, act: 'person-changed', personId });
			return;
		}
		case 'leave':
			return leave(tx, actor, input, now);
		case 'return':
			return comeBack(tx, actor, input, now);
		case 'follow-up':
			await deskAct(tx, actor, { ...input, kind: 'follow-up-set' }, now, async ({ rows }) => {
				await putLook(rows, tx, { personId, due: act.due, reason: act.reason }, now);
				await writeAuditLine(tx, actor, {
					at: now,
					act: 'follow-up-set',
					personId,
					detail: { due: act.due }
				});
			});
	}
}
