import { and, eq } from 'drizzle-orm';
import type { AskedThing } from '../../core/equipment';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { deskAct, type ActInput } from '../acts/desk-act';
import { writeAuditLine } from '../audit/write-audit-line';
import { answeredOf } from '../check-ins/answer-check-in';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';

const { equipmentRequests } = schema;

/** Asks for a thing in a person's place, as after a call; it stands on the board like what they ask for themselves. */
export async function askFor(
	db: Db,
	actor: Actor,
	{ thing, ...act }: ActInput & { readonly thing: AskedThing },
	now: Date
): Promise<void> {
	requirePermission(actor, 'equipment:decide');
	const { personId } = act;
	await deskAct(db, actor, { ...act, kind: 'equipment-decided' }, now, async ({ tx, rows, actId }) => {
		const answered = await answeredOf(tx, personId);
		if (!answered) throw new Fault('conflict', 'cornerUnknown');
		const known = await tx.$count(
			equipmentRequests,
			and(eq(equipmentRequests.assessmentId, answered), eq(equipmentRequests.purchase, thing))
		);
		if (known > 0) throw new Fault('conflict', 'askedAlready');
		await rows.insert(equipmentRequests, {
			id: actId,
			assessmentId: answered,
			purchase: thing,
			askedAt: now
		});
		const detail = { purchase: thing };
		await writeAuditLine(tx, actor, { at: now, act: 'equipment-asked', personId, detail });
	});
}
