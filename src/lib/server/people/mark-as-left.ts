import { and, eq, isNull } from 'drizzle-orm';
import { requirePermission } from '../platform/access/require-permission';
import type { Actor } from '../platform/actor';
import { runDeskAct, type DeskActInput, type DeskActContext } from '../platform/acts/desk-act';
import { writeAuditLine } from '../platform/audit/write-audit-line';
import { schema, type Db } from '../platform/db/client';

const { assessments, checkIns, followUps, people, roundPeople } = schema;

/**
 * Marks a person as left: every link of theirs ends and says so, reminders stop, and follow-ups are closed. Their data is kept until they
 * are erased. A warning sign without an outcome stays open, and so does a message: leaving settles nobody's health.
 */
export async function markAsLeft(
	db: Db,
	actor: Actor,
	input: DeskActInput & { readonly batch?: string },
	now: Date
): Promise<void> {
	requirePermission(actor, 'people:change');
	await runDeskAct(db, actor, { ...input, kind: 'left' }, now, (tools) => leaveWithin(tools, actor, now));
}

async function leaveWithin({ tx, rows, person }: DeskActContext, actor: Actor, now: Date): Promise<void> {
	const { id } = person;
	await rows.update(people, { leftAt: now }, and(eq(people.id, id), isNull(people.leftAt)));
	await rows.update(
		assessments,
		{ revokedAt: now, endedWhy: 'left' },
		and(eq(assessments.personId, id), isNull(assessments.revokedAt))
	);
	await rows.update(
		followUps,
		{ doneAt: now, outcome: 'Has left' },
		and(eq(followUps.personId, id), eq(followUps.kind, 'look'), isNull(followUps.doneAt))
	);
	await rows.update(
		checkIns,
		{ endedAt: now, remindOn: null, toCall: false },
		and(eq(checkIns.personId, id), isNull(checkIns.answeredAt), isNull(checkIns.endedAt))
	);
	await rows.update(roundPeople, { remindOn: null, toCall: false }, eq(roundPeople.personId, id));
	await writeAuditLine(tx, actor, { at: now, act: 'person-left', personId: id });
}

/** Takes a person back; links that ended when they left work again, except those replaced by a newer one. */
export async function markAsReturned(
	db: Db,
	actor: Actor,
	input: DeskActInput & { readonly batch?: string },
	now: Date
): Promise<void> {
	requirePermission(actor, 'people:change');
	await runDeskAct(db, actor, { ...input, kind: 'returned' }, now, async ({ tx, rows, person }) => {
		await rows.update(people, { leftAt: null }, eq(people.id, person.id));
		await rows.update(
			assessments,
			{ revokedAt: null, endedWhy: null },
			and(eq(assessments.personId, person.id), eq(assessments.endedWhy, 'left'))
		);
		await writeAuditLine(tx, actor, { at: now, act: 'person-returned', personId: person.id });
	});
}
