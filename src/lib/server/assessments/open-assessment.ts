import { desc, eq } from 'drizzle-orm';
import { checklistFrom, type Checklist, type ChecklistDocument } from '../../core/checklist';
import { localeOf, type Locale } from '../../messages/languages';
import type { Actor } from '../actor';
import { hashToken } from '../access/tokens';
import { checklistDocumentAt } from '../checklists/read-checklists';
import { schema, type Db } from '../db/client';
import { DomainError } from '../domain-error';

const { assessments, people, reMeasurements } = schema;

type Row = typeof assessments.$inferSelect;

/** A self-assessment as its person opens it. */
export interface OpenAssessment {
	readonly assessment: Row;
	readonly personName: string;
	/** ISO 3166-1 alpha-2; empty where unknown. */
	readonly country: string;
	/** The language of their pages and emails. */
	readonly language: Locale;
	readonly actor: Actor & { kind: 'person' };
	/** The checklist that is asked. */
	readonly checklist: Checklist;
	/** What the organisation has made of it; null where it is as the software comes. */
	readonly ownChecklist: ChecklistDocument | null;
}

const ENDED = {
	replaced: 'endedReplaced',
	left: 'endedLeft',
	withdrawn: 'endedWithdrawn'
} as const satisfies Record<NonNullable<Row['endedWhy']>, string>;

/** The error for a link that has ended. */
export function endedLinkError(why: Row['endedWhy']): DomainError {
	return new DomainError('ended', ENDED[why ?? 'replaced']);
}

/**
 * Finds the self-assessment of a personal link. A link that never existed is told apart from one that has ended, with the reason, since the
 * person needs to know what to do.
 * @param evenIfLeft also for someone who has left: their warning sign or message is accepted all the same, and they can withdraw what they gave for as long as it is stored
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
	const { checklistVersion } = row.assessment;
	const ownChecklist = await checklistDocumentAt(db, checklistVersion);
	return {
		...found,
		language: localeOf(wanted),
		actor: { kind: 'person', personId, assessmentId: id },
		checklist: checklistFrom(checklistVersion, ownChecklist),
		ownChecklist
	};
}

/** Refuses what needs a plan while there is none. */
export function requireAnswered({ assessment }: OpenAssessment): void {
	if (!assessment.answeredAt) throw new DomainError('conflict', 'noPlanYet');
}

/** The last re-measurement, or null; one look-up in re_measurements_assessment_at_idx. */
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
