import { desc, eq, type SQL } from 'drizzle-orm';
import { checklistFrom, type ChecklistDocument } from '../../../core/questionnaire/checklist/own-checklist';
import type { Checklist } from '../../../core/questionnaire/checklist/checklist';
import { localeOf, type Locale } from '../../../messages/languages';
import type { Actor } from '../../platform/actor';
import { hashToken } from '../../platform/access/tokens';
import { checklistDocumentAt } from '../checklists/read-checklists';
import { schema, type Db } from '../../platform/db/client';
import { DomainError } from '../../platform/domain-error';

const { assessments, people, remeasurements } = schema;

type Row = typeof assessments.$inferSelect;

export interface OpenAssessment {
	readonly assessment: Row;
	readonly personName: string;
	/** ISO 3166-1 alpha-2; empty where unknown. */
	readonly country: string;
	/** The language of their pages and emails. */
	readonly language: Locale;
	readonly actor: Actor & { kind: 'person' };
	readonly checklist: Checklist;
	/** What the organisation has made of it; null where it is as the software comes. */
	readonly ownChecklist: ChecklistDocument | null;
}

const ENDED = {
	replaced: 'endedReplaced',
	left: 'endedLeft',
	withdrawn: 'endedWithdrawn'
} as const satisfies Record<NonNullable<Row['endedWhy']>, string>;

export function endedLinkError(why: Row['endedWhy']): DomainError {
	return new DomainError('ended', ENDED[why ?? 'replaced']);
}

interface OpenOptions {
	readonly evenIfLeft?: boolean;
	readonly evenIfEnded?: boolean;
}

/**
 * Finds the self-assessment of a personal link. A link that never existed is told apart from one that has ended, with the reason, since the
 * person needs to know what to do.
 * @param options `evenIfLeft`: also for someone who has left: their warning sign or message is accepted all the same, and they can withdraw what they gave for as long as it is stored
 */
export const openAssessment = (db: Db, token: string, options: OpenOptions = {}): Promise<OpenAssessment> =>
	readOpen(db, eq(assessments.tokenHash, hashToken(token)), options);

/**
 * The same for a coordinator who goes through it together with its person, by its id.
 * @param options `evenIfEnded`: to read what was, once the link has ended
 */
export const openAssessmentOf = (db: Db, id: string, options: OpenOptions = {}): Promise<OpenAssessment> =>
	readOpen(db, eq(assessments.id, id), options);

async function readOpen(
	db: Db,
	which: SQL,
	{ evenIfLeft = false, evenIfEnded = false }: OpenOptions
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
		.where(which);
	if (!row) throw new DomainError('not-found', 'notComplete');
	const { id, personId, revokedAt, endedWhy } = row.assessment;
	if (revokedAt && !evenIfEnded && !(evenIfLeft && endedWhy === 'left')) throw endedLinkError(endedWhy);
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

/** The last re-measurement, or null; one look-up in remeasurements_assessment_at_idx. */
export async function newestReMeasurement(
	db: Db,
	assessmentId: string
): Promise<typeof remeasurements.$inferSelect | null> {
	const [row] = await db
		.select()
		.from(remeasurements)
		.where(eq(remeasurements.assessmentId, assessmentId))
		.orderBy(desc(remeasurements.at))
		.limit(1);
	return row ?? null;
}
