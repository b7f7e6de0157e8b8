import { and, eq } from 'drizzle-orm';
import type { AskedThing } from '../../core/equipment';
import { writeAuditLine } from '../audit/write-audit-line';
import { judgeAnew } from '../judgements/judge-anew';
import { needPerson } from '../people/lock-person';
import { inTransaction } from '../db/transaction';
import { countUse } from './link-limits';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';
import { endedFault, type OpenAssessment } from './open-assessment';

const { assessments, equipmentRequests } = schema;

/** Asks the coordinator for a thing, or takes the asking back. Asking twice is asking once. */
export async function askEquipment(
	db: Db,
	{ assessment, actor }: OpenAssessment,
	input: { purchase: AskedThing; wanted: boolean },
	now: Date
): Promise<void> {
	if (!assessment.answeredAt) throw new Fault('conflict', 'finishFirst');
	// What is asked for is the person's, whichever spot they asked at.
	const id = assessment.spotOf ?? assessment.id;
	await inTransaction(db, async (tx) => {
		await needPerson(tx, actor.personId);
		const [row] = await tx.select().from(assessments).where(eq(assessments.id, id));
		if (!row || row.revokedAt) throw endedFault(row?.endedWhy ?? 'withdrawn');
		await countUse(tx, id, 'request', now);
		const before = await requestsOf(tx, id);
		if (before.includes(input.purchase) === input.wanted) return;
		if (input.wanted)
			await tx.insert(equipmentRequests).values({ assessmentId: id, purchase: input.purchase, askedAt: now });
		else
			// What is decided already is taken back by telling the coordinator.
			await tx
				.delete(equipmentRequests)
				.where(
					and(
						eq(equipmentRequests.assessmentId, id),
						eq(equipmentRequests.purchase, input.purchase),
						eq(equipmentRequests.state, 'asked')
					)
				);
		await judgeAnew(tx, actor.personId, now);
		const act = input.wanted ? 'equipment-asked' : 'equipment-not-needed';
		await writeAuditLine(tx, actor, {
			at: now,
			act,
			personId: actor.personId,
			detail: { purchase: input.purchase }
		});
	});
}

/** What a person has asked for. */
export async function requestsOf(db: Db, assessmentId: string): Promise<AskedThing[]> {
	const rows = await db
		.select({ purchase: equipmentRequests.purchase })
		.from(equipmentRequests)
		.where(eq(equipmentRequests.assessmentId, assessmentId))
		.orderBy(equipmentRequests.askedAt);
	return rows.map(({ purchase }) => purchase);
}
