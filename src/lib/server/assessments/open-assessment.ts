import { desc, eq } from 'drizzle-orm';
import type { Actor } from '../actor';
import { hashToken } from '../access/tokens';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';

const { assessments, people, reMeasurements } = schema;

type Row = typeof assessments.$inferSelect;

/** An assessment as its person opens it. */
export interface OpenAssessment {
	readonly assessment: Row;
	readonly personName: string;
	/** ISO 3166-1 alpha-2; empty where not known. */
	readonly country: string;
	readonly actor: Actor & { kind: 'person' };
}

/** What a link that has ended says, by why it did. */
const ENDED: Readonly<Record<NonNullable<Row['endedWhy']>, string>> = {
	replaced: 'This link was replaced by a newer one. Use the newest letter from your coordinator.',
	left: 'This link has ended because you are marked as having left the organisation. If that is wrong, tell your coordinator. If you feel unwell, don’t wait for anybody: call your doctor, or the emergency number.',
	withdrawn:
		'You withdrew your answers, so this link has ended and nothing more is kept. If you want to take part after all, ask your coordinator for a new link.'
};

/** The refusal of a link that has ended. */
export function endedFault(why: Row['endedWhy']): Fault {
	return new Fault('ended', ENDED[why ?? 'replaced']);
}

/**
 * Finds the assessment of a personal link. A link that was never given differs from one that has ended, with why it
 * did, since the person needs to know what to do.
 *
 * @param evenIfLeft also of somebody who has left: a warning sign or a message of theirs is taken all the same
 */
export async function openAssessment(
	db: Db,
	token: string,
	{ evenIfLeft = false } = {}
): Promise<OpenAssessment> {
	const [row] = await db
		.select({ assessment: assessments, personName: people.name, country: people.country })
		.from(assessments)
		.innerJoin(people, eq(people.id, assessments.personId))
		.where(eq(assessments.tokenHash, hashToken(token)));
	if (!row)
		throw new Fault(
			'not-found',
			'This link is not complete. Open it from your letter once more, or copy all of it.'
		);
	const { id, personId, revokedAt, endedWhy } = row.assessment;
	if (revokedAt && !(evenIfLeft && endedWhy === 'left')) throw endedFault(endedWhy);
	return { ...row, actor: { kind: 'person', personId, assessmentId: id } };
}

/** Refuses what needs a plan as long as there is none. */
export function needAnswered({ assessment }: OpenAssessment): void {
	if (!assessment.answeredAt)
		throw new Fault('conflict', 'There is no plan yet: finish the questions first.');
}

/** What was measured again last, or null; one look into re_measurements_assessment_at_idx. */
export async function newestReMeasurement(
	db: Db,
	assessmentId: string
): Promise<typeof reMeasurements.$inferSelect | null> {
	const [row] = await db
		.select()
		.from(reMeasurements)
		.where(eq(reMeasurements.assessmentId, assessmentId))
		.orderBy(desc(reMeasurements.at))
		.limit(1);
	return row ?? null;
}
