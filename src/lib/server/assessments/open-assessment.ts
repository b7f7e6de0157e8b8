import { desc, eq } from 'drizzle-orm';
import { languageOf, type Language } from '../../messages/languages';
import type { Actor } from '../actor';
import { hashToken } from '../access/tokens';
import { schema, type Db } from '../db/client';
import { DomainError } from '../domain-error';

const { assessments, people, reMeasurements } = schema;

type Row = typeof assessments.$inferSelect;

/** An assessment as its person opens it. */
export interface OpenAssessment {
	readonly assessment: Row;
	readonly personName: string;
	/** ISO 3166-1 alpha-2; empty where not known. */
	readonly country: string;
	/** The language that their pages and emails are in. */
	readonly language: Language;
	readonly actor: Actor & { kind: 'person' };
}

const ENDED = {
	replaced: 'endedReplaced',
	left: 'endedLeft',
	withdrawn: 'endedWithdrawn'
} as const satisfies Record<NonNullable<Row['endedWhy']>, string>;

/** The refusal of a link that has ended. */
export function endedLinkError(why: Row['endedWhy']): DomainError {
	return new DomainError('ended', ENDED[why ?? 'replaced']);
}

/**
 * Finds the assessment of a personal link. A link that was never given differs from one that has ended, with why it
 * did, since the person needs to know what to do.
 *
 * @param evenIfLeft also of someone who has left: a warning sign or a message of theirs is taken all the same, and what they gave is theirs to
 *   withdraw for as long as it is kept
 */
export async function openAssessment(
	db: Db,
	token: string,
	{ evenIfLeft = false } = {}
): Promise<OpenAssessment> {
	const [row] = await db
		.select({
			assessment: assessments,
			personName: people.name,
			country: people.country,
			wanted: people.language
		})
		.from(assessments)
		.innerJoin(people, eq(people.id, assessments.personId))
		.where(eq(assessments.tokenHash, hashToken(token)));
	if (!row) throw new DomainError('not-found', 'notComplete');
	const { id, personId, revokedAt, endedWhy } = row.assessment;
	if (revokedAt && !(evenIfLeft && endedWhy === 'left')) throw endedLinkError(endedWhy);
	const { wanted, ...found } = row;
	return { ...found, language: languageOf(wanted), actor: { kind: 'person', personId, assessmentId: id } };
}

/** Refuses what needs a plan as long as there is none. */
export function requireAnswered({ assessment }: OpenAssessment): void {
	if (!assessment.answeredAt) throw new DomainError('conflict', 'noPlanYet');
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
