import { and, eq, isNull } from 'drizzle-orm';
import { hasRunOut } from '../../../core/questionnaire/walkthrough/walkthrough';
import { requirePermission } from '../../platform/access/require-permission';
import { openAssessment, openAssessmentOf, type OpenAssessment } from '../assessments/open-assessment';
import type { Actor } from '../../platform/actor';
import { schema, type Db } from '../../platform/db/client';
import { DomainError } from '../../platform/domain-error';
import { openWalkthroughOf, type WalkthroughRow } from './open-walkthrough';

const { walkthroughMembers, walkthroughs } = schema;

/** One of the two sides of a walkthrough, and what they look at. */
export interface WalkthroughParty {
	/** The coordinator; null for the person. */
	readonly userId: string | null;
	/** In whose name the audit log has it. */
	readonly actor: Actor;
	readonly open: OpenAssessment;
	readonly walkthrough: WalkthroughRow;
}

/**
 * The person's side of an open walkthrough.
 * @throws DomainError where none is open at this workstation
 */
export async function personParty(db: Db, token: string, now: Date): Promise<WalkthroughParty> {
	const open = await openAssessment(db, token);
	const walkthrough = await openWalkthroughOf(db, open.actor.personId, now);
	if (walkthrough?.assessmentId !== open.assessment.id) throw new DomainError('ended', 'walkthroughEnded');
	return { userId: null, actor: open.actor, open, walkthrough };
}

/** Whether a coordinator has come in by the code; one look-up by the key. */
export async function isMember(db: Db, walkthroughId: string, userId: string): Promise<boolean> {
	const [member] = await db
		.select({ at: walkthroughMembers.at })
		.from(walkthroughMembers)
		.where(and(eq(walkthroughMembers.walkthroughId, walkthroughId), eq(walkthroughMembers.userId, userId)));
	return member !== undefined;
}

/**
 * The side of a coordinator who has come in.
 * @throws DomainError where none is open, or they haven't come in by the code
 */
export async function coordinatorParty(
	db: Db,
	actor: Actor | null,
	personId: string,
	now: Date
): Promise<WalkthroughParty> {
	if (!actor) throw new DomainError('not-allowed', 'sessionEnded');
	const { id: userId } = requirePermission(actor, 'cases:act');
	const [row] = await db
		.select({ walkthrough: walkthroughs })
		.from(walkthroughs)
		.innerJoin(
			walkthroughMembers,
			and(eq(walkthroughMembers.walkthroughId, walkthroughs.id), eq(walkthroughMembers.userId, userId))
		)
		.where(and(eq(walkthroughs.personId, personId), isNull(walkthroughs.endedAt)));
	if (!row || hasRunOut(row.walkthrough.startedAt, now)) throw new DomainError('ended', 'walkthroughEnded');
	const { walkthrough } = row;
	return { userId, actor, open: await openAssessmentOf(db, walkthrough.assessmentId), walkthrough };
}
