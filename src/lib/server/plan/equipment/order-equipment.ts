import { and, eq } from 'drizzle-orm';
import type { EquipmentItem } from '../../../core/plan/equipment';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import { runDeskAct, type DeskActInput } from '../../platform/acts/desk-act';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { checkInAnswersOf } from '../../cases/check-ins/answer-check-in';
import { schema, type Db } from '../../platform/db/client';
import { DomainError } from '../../platform/domain-error';

const { equipmentRequests } = schema;

/** Requests an item on a person's behalf, for instance after a call; it goes on the board like their own requests. */
export async function orderEquipment(
	db: Db,
	actor: Actor,
	{ thing, ...act }: DeskActInput & { readonly thing: EquipmentItem },
	now: Date
): Promise<void> {
	requirePermission(actor, 'equipment:decide');
	const { personId } = act;
	await runDeskAct(db, actor, { ...act, kind: 'equipment-decided' }, now, async ({ tx, rows, actId }) => {
		const answered = await checkInAnswersOf(tx, personId);
		if (!answered) throw new DomainError('conflict', 'cornerUnknown');
		const known = await tx.$count(
			equipmentRequests,
			and(eq(equipmentRequests.assessmentId, answered), eq(equipmentRequests.purchase, thing))
		);
		if (known > 0) throw new DomainError('conflict', 'askedAlready');
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
