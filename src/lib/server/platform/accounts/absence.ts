import { and, asc, eq, gte, inArray, isNull, sql } from 'drizzle-orm';
import { alias } from 'drizzle-orm/pg-core';
import { rolesWith } from '../../../core/platform/access/permissions';
import { acceptedDay } from '../../../core/platform/calendar/civil-date';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { idempotencyKeyFor } from '../acts/desk-act';
import { writeAuditLine } from '../audit/write-audit-line';
import { setOwner } from '../../cases/case-owner';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';
import { MAX_IN_BULK } from '../../people/act-in-bulk';

const { people, users } = schema;

/** When a coordinator is away, and who stands in; days are ISO dates, inclusive. */
export interface Absence {
	readonly from: string;
	readonly until: string;
	readonly standInId: string;
}

/** Coordinators with an open account. */
const isCoordinator = () => and(inArray(users.role, rolesWith('cases:act')), isNull(users.closedAt));

/** Coordinators with their present or next absence, and how many people are assigned to each. Cost: one look-up for each coordinator. */
export async function absencePage(db: Db, actor: Actor, today: string) {
	const { id: userId } = requirePermission(actor, 'cases:act');
	const standIn = alias(users, 'stand_in');
	const coordinators = await db
		.select({
			id: users.id,
			name: users.name,
			from: users.awayFrom,
			until: users.awayUntil,
			standIn: standIn.name,
			cases: sql<number>`(select count(*)::int from ${people} where ${people.ownerId} = ${users.id} and ${people.leftAt} is null)`
		})
		.from(users)
		.leftJoin(standIn, and(eq(standIn.id, users.standInId), gte(users.awayUntil, today)))
		.where(isCoordinator())
		.orderBy(asc(users.name));
	return {
		userId,
		today,
		coordinators: coordinators.map(({ from, until, standIn: standInName, ...rest }) => ({
			...rest,
			away:
				from !== null && until !== null && standInName !== null ? { from, until, standIn: standInName } : null
		}))
	};
}

async function requireCoordinator(tx: Db, id: string, at: string): Promise<void> {
	const [found] = await tx
		.select({ id: users.id })
		.from(users)
		.where(and(eq(users.id, id), isCoordinator()));
	if (!found) throw new DomainError('invalid', 'chooseCoordinator', at);
}

/**
 * Sets when a coordinator is away and who stands in: meanwhile the stand-in's own list has their cases too, and emergencies that nobody
 * opens go to the stand-in. Colleagues may set it for one another, as somebody who is ill can't.
 * @param absence null: they are back
 */
export async function setAbsence(
	db: Db,
	actor: Actor,
	{ userId, absence }: { readonly userId: string; readonly absence: Absence | null },
	today: string,
	now: Date
): Promise<void> {
	requirePermission(actor, 'cases:act');
	if (absence) {
		const { from, until, standInId } = absence;
		if (acceptedDay(from) === null) throw new DomainError('invalid', 'chooseFirstDay', '/from');
		if (acceptedDay(until) === null) throw new DomainError('invalid', 'chooseLastDay', '/until');
		if (until < from) throw new DomainError('invalid', 'lastBeforeFirst', '/until');
		if (until < today) throw new DomainError('invalid', 'dayHasPassed', '/until');
		if (standInId === userId) throw new DomainError('invalid', 'standInIsAway', '/standInId');
	}
	await inTransaction(db, async (tx) => {
		await requireCoordinator(tx, userId, '/userId');
		if (absence) await requireCoordinator(tx, absence.standInId, '/standInId');
		await tx
			.update(users)
			.set({
				awayFrom: absence?.from ?? null,
				awayUntil: absence?.until ?? null,
				standInId: absence?.standInId ?? null
			})
			.where(eq(users.id, userId));
		await writeAuditLine(tx, actor, {
			at: now,
			act: absence ? 'absence-set' : 'absence-ended',
			detail: { user: userId }
		});
	});
}

/**
 * Hands all people assigned to one coordinator over to another, all or none; like every assignment it can be undone.
 * @param toId null for nobody in particular
 * @param expected the number shown; refused where it has changed
 * @returns how many people
 */
export async function handOver(
	db: Db,
	actor: Actor,
	input: {
		readonly fromId: string;
		readonly toId: string | null;
		readonly expected: number;
		readonly key: string;
	},
	now: Date
): Promise<number> {
	requirePermission(actor, 'cases:act');
	const { fromId, toId, expected, key } = input;
	if (toId === fromId) throw new DomainError('invalid', 'handToAnother', '/toId');
	return inTransaction(db, async (tx) => {
		const theirs = await tx
			.select({ id: people.id })
			.from(people)
			.where(and(eq(people.ownerId, fromId), isNull(people.leftAt)))
			.orderBy(asc(people.id))
			.limit(MAX_IN_BULK + 1);
		if (theirs.length > MAX_IN_BULK)
			throw new DomainError('invalid', { code: 'tooManyInBulk', facts: { most: MAX_IN_BULK } });
		if (theirs.length !== expected)
			throw new DomainError('conflict', { code: 'otherCountInBulk', facts: { n: theirs.length, expected } });
		for (const { id: personId } of theirs)
			await setOwner(
				tx,
				actor,
				{ personId, batch: key, key: idempotencyKeyFor(key, personId), version: null, ownerId: toId },
				now
			);
		return theirs.length;
	});
}
