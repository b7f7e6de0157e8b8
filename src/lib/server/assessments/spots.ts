import { asc, eq, or } from 'drizzle-orm';
import { prefilledSpotFields } from '../../core/answers';
import { hashToken } from '../access/tokens';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';
import { requirePerson } from '../people/lock-person';
import { endedLinkError, type OpenAssessment } from './open-assessment';

const { assessments } = schema;

/** One table, one place to stand, one more: beyond that it is a removal. Our assumption. */
export const MAX_SPOTS = 3;

/** The link of a further spot is the first one's with its number behind it: who has the one has the other. */
function tokenOfSpot(token: string, number: number): string {
	return number === 1 ? token : `${token}-${number}`;
}

/** One spot of a self-assessment. */
export type SpotRow = typeof assessments.$inferSelect;

/** Every spot of a self-assessment, the first one first; served by assessments_spot_of_idx. */
export async function spotRows(db: Db, assessment: Pick<SpotRow, 'id' | 'spotOf'>): Promise<SpotRow[]> {
	const main = assessment.spotOf ?? assessment.id;
	const rows = await db
		.select()
		.from(assessments)
		.where(or(eq(assessments.id, main), eq(assessments.spotOf, main)))
		.orderBy(asc(assessments.sentAt), asc(assessments.id));
	return [...rows.filter((row) => row.id === main), ...rows.filter((row) => row.id !== main)];
}

/** A spot as its person chooses among theirs. */
export interface SpotLine {
	/** Where its pages begin. */
	readonly path: string;
	readonly posture: 'sitting' | 'standing';
	readonly isAnswered: boolean;
	readonly isHere: boolean;
}

/**
 * The spots of a person, with the links to each.
 *
 * @param token the token that was used, of whichever spot
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
 * Adds a further spot: the same person and household, its own table, seat and screen, judged the other way up first.
 *
 * @returns where its pages begin
 */
export async function addSpot(db: Db, open: OpenAssessment, token: string, now: Date): Promise<string> {
	return inTransaction(db, async (tx) => {
		await requirePerson(tx, open.actor.personId);
		const main = open.assessment.spotOf ?? open.assessment.id;
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
			spotOf: main,
			tokenHash: hashToken(spotToken),
			way: first.way,
			route: first.route,
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
