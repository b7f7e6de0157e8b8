import { asc, eq, or } from 'drizzle-orm';
import { prefilledSpotFields } from '../../../core/questionnaire/answers/shared-fields';
import { hashToken } from '../../platform/access/tokens';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import { requirePerson } from '../../people/lock-person';
import { endedLinkError, type OpenAssessment } from './open-assessment';

const { assessments } = schema;

/** A table, a place to stand, and one more; beyond that it is a move. Our assumption. */
export const MAX_SPOTS = 3;

/** The link of a further workstation is the first one's plus its number: whoever has one has the other. */
function tokenOfSpot(token: string, number: number): string {
	return number === 1 ? token : `${token}-${number}`;
}

/** A workstation of a self-assessment. */
export type SpotRow = typeof assessments.$inferSelect;

/** Every workstation of a self-assessment, the main one first; served by assessments_spot_of_idx. */
export async function spotRows(db: Db, assessment: Pick<SpotRow, 'id' | 'placeOf'>): Promise<SpotRow[]> {
	const main = assessment.placeOf ?? assessment.id;
	const rows = await db
		.select()
		.from(assessments)
		.where(or(eq(assessments.id, main), eq(assessments.placeOf, main)))
		.orderBy(asc(assessments.sentAt), asc(assessments.id));
	return [...rows.filter((row) => row.id === main), ...rows.filter((row) => row.id !== main)];
}

/** The number of a workstation among its person's, from 1. */
export const spotNumber = async (db: Db, assessment: Pick<SpotRow, 'id' | 'placeOf'>): Promise<number> =>
	assessment.placeOf === null
		? 1
		: (await spotRows(db, assessment)).findIndex(({ id }) => id === assessment.id) + 1;

/** A workstation in its person's list. */
export interface SpotLine {
	/** The start of its pages. */
	readonly path: string;
	readonly posture: 'sitting' | 'standing';
	readonly isAnswered: boolean;
	readonly isHere: boolean;
}

/**
 * The workstations of a person, each with its link.
 * @param token the token that was used, of whichever workstation
 */
export async function spotsOf(db: Db, open: OpenAssessment, token: string): Promise<SpotLine[]> {
	const rows = await spotRows(db, open.assessment);
	const here = rows.findIndex((row) => row.id === open.assessment.id);
	const first = here > 0 ? token.slice(0, -`-${here + 1}`.length) : token;
	return rows.map((row, i) => ({
		path: `/c/${tokenOfSpot(first, i + 1)}`,
		posture: row.answers.posture === 'standing' ? 'standing' : 'sitting',
		isAnswered: row.answeredAt !== null,
		isHere: row.id === open.assessment.id
	}));
}

/**
 * Adds a further workstation: the same person and household, with a table, seat and screen of its own, at first in the other posture.
 * @returns the start of its pages
 */
export async function addSpot(db: Db, open: OpenAssessment, token: string, now: Date): Promise<string> {
	return inTransaction(db, async (tx) => {
		await requirePerson(tx, open.actor.personId);
		const main = open.assessment.placeOf ?? open.assessment.id;
		const rows = await spotRows(tx, open.assessment);
		if (rows.length >= MAX_SPOTS)
			throw new DomainError('conflict', { code: 'enoughSpots', facts: { most: MAX_SPOTS } });
		const [first] = rows;
		if (!first) throw endedLinkError('withdrawn');
		if (first.revokedAt) throw endedLinkError(first.endedWhy);
		const [here] = await spotsOf(tx, open, token);
		const firstToken = here?.path.slice('/c/'.length) ?? token;
		const spotToken = tokenOfSpot(firstToken, rows.length + 1);
		const posture = first.answers.posture === 'standing' ? 'sitting' : 'standing';
		await tx.insert(assessments).values({
			personId: first.personId,
			placeOf: main,
			tokenHash: hashToken(spotToken),
			sittingStyle: first.sittingStyle,
			questionnaireMode: first.questionnaireMode,
			sentAt: now,
			checklistVersion: first.checklistVersion,
			consentedAt: first.consentedAt,
			answers: { ...prefilledSpotFields(first.answers), posture },
			savedAt: now
		});
		await writeAuditLine(tx, open.actor, { at: now, act: 'spot-added', personId: first.personId });
		return `/c/${spotToken}`;
	});
}
