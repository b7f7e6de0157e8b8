import { randomUUID } from 'node:crypto';
import { and, desc, eq, isNull } from 'drizzle-orm';
import type { ChangedRows } from '../../platform/acts/changed-rows';
import { nextVersion } from './next-version';
import { schema, type Db } from '../../platform/db/client';

const { followUps } = schema;

/** Within an act: makes sure that a person has a follow-up by a day. An earlier one stays; a later one is moved. */
export async function setManualFollowUp(
	rows: ChangedRows,
	tx: Db,
	{ personId, due, reason }: { personId: string; due: string; reason: string },
	now: Date
): Promise<void> {
	const [open] = await tx
		.select()
		.from(followUps)
		.where(and(eq(followUps.personId, personId), eq(followUps.kind, 'look'), isNull(followUps.doneAt)));
	if (open && open.due <= due) return;
	if (open) {
		await rows.update(followUps, { due, reason, version: open.version + 1 }, eq(followUps.id, open.id));
		return;
	}
	const [last] = await tx
		.select({ id: followUps.id })
		.from(followUps)
		.where(and(eq(followUps.personId, personId), eq(followUps.kind, 'look')))
		.orderBy(desc(followUps.createdAt))
		.limit(1);
	await rows.insert(followUps, {
		id: randomUUID(),
		personId,
		kind: 'look',
		due,
		reason,
		version: await nextVersion(tx, personId),
		createdAt: now,
		after: last?.id ?? null
	});
}
