import { and, eq, sql } from 'drizzle-orm';
import { EYE_TEST, PENDING_REQUEST_STATES, type EquipmentItem } from '../../../core/plan/equipment';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { reassessCase } from '../../cases/case-assessments/reassess-cases';
import { requirePerson } from '../../people/lock-person';
import { inTransaction } from '../../platform/db/transaction';
import { countLinkUse } from './link-limits';
import { schema, type Db } from '../../platform/db/client';
import { DomainError } from '../../platform/domain-error';
import { offeredItems } from '../../platform/organisation-settings/own-items';
import { endedLinkError, type OpenAssessment } from './open-assessment';

const { assessments, equipmentRequests } = schema;

/** Asks the coordinator for an item, or withdraws the request. Asking twice is asking once. */
export async function requestEquipment(
	db: Db,
	{ assessment, actor }: OpenAssessment,
	input: { purchase: EquipmentItem; wanted: boolean },
	now: Date
): Promise<void> {
	if (!assessment.answeredAt) throw new DomainError('conflict', 'finishFirst');
	// Requests belong to the person, whichever workstation they asked from.
	const id = assessment.placeOf ?? assessment.id;
	await inTransaction(db, async (tx) => {
		const person = await requirePerson(tx, actor.personId);
		const [row] = await tx.select().from(assessments).where(eq(assessments.id, id));
		if (!row || row.revokedAt) throw endedLinkError(row?.endedWhy ?? 'withdrawn');
		await countLinkUse(tx, id, 'request', now);
		const before = await equipmentRequestsOf(tx, id);
		// An eye test that was had, or declined, can be asked for again.
		const isAgain = input.wanted && input.purchase === EYE_TEST && (await isEyeTestOver(tx, id));
		if (!isAgain && before.includes(input.purchase) === input.wanted) return;
		const offered = await offeredItems(tx, 'en', person.country);
		if (input.wanted && !offered.some(({ code }) => code === input.purchase))
			throw new DomainError('conflict', 'notOffered');
		if (input.wanted && isAgain)
			await tx
				.update(equipmentRequests)
				.set({
					state: 'asked',
					askedAt: now,
					changedAt: null,
					version: sql`${equipmentRequests.version} + 1`
				})
				.where(and(eq(equipmentRequests.assessmentId, id), eq(equipmentRequests.purchase, EYE_TEST)));
		else if (input.wanted)
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

async function isEyeTestOver(tx: Db, assessmentId: string): Promise<boolean> {
	const [test] = await tx
		.select({ state: equipmentRequests.state })
		.from(equipmentRequests)
		.where(and(eq(equipmentRequests.assessmentId, assessmentId), eq(equipmentRequests.purchase, EYE_TEST)));
	return test !== undefined && !PENDING_REQUEST_STATES.some((state) => state === test.state);
}

export async function equipmentRequestsOf(db: Db, assessmentId: string): Promise<EquipmentItem[]> {
	const rows = await db
		.select({ purchase: equipmentRequests.purchase })
		.from(equipmentRequests)
		.where(eq(equipmentRequests.assessmentId, assessmentId))
		.orderBy(equipmentRequests.askedAt);
	return rows.map(({ purchase }) => purchase);
}
