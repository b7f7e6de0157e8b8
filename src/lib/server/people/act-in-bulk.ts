import { asc, eq, inArray, sql } from 'drizzle-orm';
import { requirePermission } from '../platform/access/require-permission';
import type { Actor } from '../platform/actor';
import { runDeskAct, idempotencyKeyFor } from '../platform/acts/desk-act';
import { sendAssessment } from '../questionnaire/assessments/send-assessment';
import { writeAuditLine } from '../platform/audit/write-audit-line';
import { schema, type Db } from '../platform/db/client';
import { inTransaction } from '../platform/db/transaction';
import { DomainError } from '../platform/domain-error';
import { setManualFollowUp } from '../cases/follow-ups/manual-follow-up';
import type { ExcludedGroup } from '../../core/platform/sending';
import { excludedPeople, roundSelectionOf } from './rounds/round-selection';
import { markAsReturned, markAsLeft } from './mark-as-left';
import { storeMoves } from '../workforce/store-observations';
import { requirePerson } from './lock-person';
import { peopleIdsWhere, peopleWhere, type PeopleFilter } from './people-filter';

const { cases, people } = schema;

/** Most people in a bulk act. */
export const MAX_IN_BULK = 500;

/** Acts on many people. */
export type BulkAct =
	| { readonly kind: 'send' }
	| { readonly kind: 'team'; readonly team: string }
	| { readonly kind: 'leave' }
	| { readonly kind: 'return' }
	| { readonly kind: 'follow-up'; readonly due: string; readonly reason: string };

/** Whom a bulk act is for: selected people, or everyone that a filter shows. */
export type BulkSelection = { readonly ids: readonly string[] } | { readonly filter: PeopleFilter };

/**
 * Does one act to many people, all or none. A self-assessment is not sent to anyone who is with a clinician, has something serious open, is
 * answering or has just answered.
 * @param expected the number shown when it was requested; refused where it has changed since
 * @returns the number of people, and who was left out and why
 */
export async function actInBulk(
	db: Db,
	actor: Actor,
	input: { whom: BulkSelection; act: BulkAct; expected: number; key: string },
	now: Date
): Promise<{ readonly n: number; readonly leftOut: readonly ExcludedGroup[] }> {
	requirePermission(actor, 'people:change');
	const { whom, act, expected, key } = input;
	return inTransaction(db, async (tx) => {
		const rows = await tx
			.select({ id: people.id, why: act.kind === 'send' ? excludedPeople(now) : sql<null>`null` })
			.from(people)
			.innerJoin(cases, eq(cases.personId, people.id))
			.where('ids' in whom ? peopleIdsWhere(whom.ids) : peopleWhere(whom.filter))
			.orderBy(asc(people.id))
			.limit(MAX_IN_BULK + 1);
		if (rows.length > MAX_IN_BULK)
			throw new DomainError('invalid', { code: 'tooManyInBulk', facts: { most: MAX_IN_BULK } });
		if (rows.length !== expected)
			throw new DomainError('conflict', { code: 'otherCountInBulk', facts: { n: rows.length, expected } });
		const left =
			act.kind === 'send'
				? (
						await roundSelectionOf(
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
	const input = { personId, batch, key: idempotencyKeyFor(batch, personId), version: null };
	switch (act.kind) {
		case 'send':
			await sendAssessment(tx, actor, input, now);
			return;
		case 'team': {
			const person = await requirePerson(tx, personId);
			const team = act.team.trim();
			await tx
				.update(people)
				.set({ team, version: sql`${people.version} + 1` })
				.where(eq(people.id, personId));
			await storeMoves(tx, [{ ...person, team }], now);
			await writeAuditLine(tx, actor, { at: now, act: 'person-changed', personId });
			return;
		}
		case 'leave':
			return markAsLeft(tx, actor, input, now);
		case 'return':
			return markAsReturned(tx, actor, input, now);
		case 'follow-up':
			await runDeskAct(tx, actor, { ...input, kind: 'follow-up-set' }, now, async ({ rows }) => {
				await setManualFollowUp(rows, tx, { personId, due: act.due, reason: act.reason }, now);
				await writeAuditLine(tx, actor, {
					at: now,
					act: 'follow-up-set',
					personId,
					detail: { due: act.due }
				});
			});
	}
}
