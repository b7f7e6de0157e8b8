import { eq } from 'drizzle-orm';
import { LEVELS } from '../../core/triage';
import type { PurchaseId } from '../../core/plan';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';
import type { OpenAssessment } from './open-assessment';

const { assessments, equipmentRequests } = schema;

/** Asks the coordinator for a thing, or takes the asking back. Asking twice is asking once. */
export async function askEquipment(
	db: Db,
	{ assessment, actor }: OpenAssessment,
	input: { purchase: PurchaseId; wanted: boolean },
	now: Date
): Promise<void> {
	if (!assessment.answeredAt)
		throw new Fault('conflict', 'Finish the questions first: then it is known what helps.');
	// What is asked for is the person's, whichever spot they asked at.
	const id = assessment.spotOf ?? assessment.id;
	await db.transaction(async (tx) => {
		const [row] = await tx.select().from(assessments).where(eq(assessments.id, id)).for('update');
		if (!row) throw new Fault('not-found', 'This self-assessment is not there any more.');
		const before = await requestsOf(tx, id);
		if (before.includes(input.purchase) === input.wanted) return;
		if (input.wanted)
			await tx.insert(equipmentRequests).values({ assessmentId: id, purchase: input.purchase, askedAt: now });
		else
			for (const { id: asked, purchase } of await tx
				.select()
				.from(equipmentRequests)
				.where(eq(equipmentRequests.assessmentId, id)))
				if (purchase === input.purchase)
					await tx.delete(equipmentRequests).where(eq(equipmentRequests.id, asked));
		await tx
			.update(assessments)
			.set({
				...withRequests(row, (await requestsOf(tx, id)).length > 0),
				...(input.wanted ? { seenAt: null } : {})
			})
			.where(eq(assessments.id, id));
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
export async function requestsOf(db: Db, assessmentId: string): Promise<PurchaseId[]> {
	const rows = await db
		.select({ purchase: equipmentRequests.purchase })
		.from(equipmentRequests)
		.where(eq(equipmentRequests.assessmentId, assessmentId))
		.orderBy(equipmentRequests.askedAt);
	return rows.map(({ purchase }) => purchase);
}

/** Level and reasons with a request among them, or without. */
function withRequests(row: typeof assessments.$inferSelect, isAsked: boolean) {
	const others = row.reasons.filter(({ code }) => code !== 'request' && code !== 'nothing-open');
	const asked = isAsked ? [{ code: 'request', level: 'help', request: 'equipment' } as const] : [];
	const reasons = [...others, ...asked].sort((a, b) => LEVELS.indexOf(a.level) - LEVELS.indexOf(b.level));
	const [first] = reasons;
	return first
		? { reasons, levelRank: LEVELS.indexOf(first.level) }
		: {
				reasons: [{ code: 'nothing-open', level: 'settled' } as const],
				levelRank: LEVELS.indexOf('settled')
			};
}
