import { and, eq } from 'drizzle-orm';
import type { RequestableItem } from '../../core/equipment';
import { writeAuditLine } from '../audit/write-audit-line';
import { reassessCase } from '../case-assessments/reassess-cases';
import { requirePerson } from '../people/lock-person';
import { inTransaction } from '../db/transaction';
import { countLinkUse } from './link-limits';
import { schema, type Db } from '../db/client';
import { DomainError } from '../domain-error';
import { endedLinkError, type OpenAssessment } from './open-assessment';

const { assessments, equipmentRequests } = schema;

/** Asks the coordinator for an item, or withdraws the request. Asking twice is asking once. */
export async function requestEquipment(
	db: Db,
	{ assessment, actor }: OpenAssessment,
	input: { purchase: RequestableItem; wanted: boolean },
	now: Date
): Promise<void> {
	if (!assessment.answeredAt) throw new DomainError('conflict', 'finishFirst');
	// Requests belong to the person, whichever workstation they asked from.
	const id = assessment.spotOf ?? assessment.id;
	await inTransaction(db, async (tx) => {
		await requirePerson(tx, actor.personId);
		const [row] = await tx.select().from(assessments).where(eq(assessments.id, id));
		if (!row || row.revokedAt) throw endedLinkError(row?.endedWhy ?? 'withdrawn');
		await countLinkUse(tx, id, 'request', now);
		const before = await equipmentRequestsOf(tx, id);
		if (before.includes(input.purchase) === input.wanted) return;
		if (input.wanted)
			await tx.insert(equipmentRequests).values({ assessmentId: id, purchase: input.purchase, askedAt: now });
		else
			// A decided request can't be withdrawn here; the person writes to the coordinator.
			await tx
				.delete(equipmentRequests)
				.where(
					and(
						eq(equipmentRequests.assessmentId, id),
						eq(equipmentRequests.purchase, input.purchase),
						eq(equipmentRequests.state, 'asked')
					)
				);
		await reassessCase(tx, actor.personId, now);
		const act = input.wanted ? 'equipment-asked' : 'equipment-not-needed';
		await writeAuditLine(tx, actor, {
			at: now,
			act,
			personId: actor.personId,
			detail: { purchase: input.purchase }
		});
	});
}

/** What a person has requested. */
export async function equipmentRequestsOf(db: Db, assessmentId: string): Promise<RequestableItem[]> {
	const rows = await db
		.select({ purchase: equipmentRequests.purchase })
		.from(equipmentRequests)
		.where(eq(equipmentRequests.assessmentId, assessmentId))
		.orderBy(equipmentRequests.askedAt);
	return rows.map(({ purchase }) => purchase);
}
