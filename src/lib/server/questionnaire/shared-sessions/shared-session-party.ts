import { and, eq, isNull } from 'drizzle-orm';
import { hasRunOut } from '../../../core/questionnaire/shared-session/shared-session';
import { requirePermission } from '../../platform/access/require-permission';
import { openAssessment, openAssessmentOf, type OpenAssessment } from '../assessments/open-assessment';
import type { Actor } from '../../platform/actor';
import { schema, type Db } from '../../platform/db/client';
import { DomainError } from '../../platform/domain-error';
import { openSharedSessionOf, type SharedSessionRow } from './open-shared-session';

const { sharedSessionMembers, sharedSessions } = schema;

/** One of the two sides of a shared session, and what they look at. */
export interface SharedSessionParty {
	/** The coordinator; null for the person. */
	readonly userId: string | null;
	/** In whose name the audit log has it. */
	readonly actor: Actor;
	readonly open: OpenAssessment;
	readonly sharedSession: SharedSessionRow;
}

/**
 * The person's side of an open walkthrough.
 * @throws DomainError where none is open at this workstation
 */
export async function personParty(db: Db, token: string, now: Date): Promise<SharedSessionParty> {
	const open = await openAssessment(db, token);
	const sharedSession = await openSharedSessionOf(db, open.actor.personId, now);
	if (sharedSession?.assessmentId !== open.assessment.id)
		throw new DomainError('ended', 'sharedSessionEnded');
	return { userId: null, actor: open.actor, open, sharedSession };
}

/** Whether a coordinator has come in by the code; one look-up by the key. */
export async function isMember(db: Db, sharedSessionId: string, userId: string): Promise<boolean> {
	const [member] = await db
		.select({ at: sharedSessionMembers.at })
		.from(sharedSessionMembers)
		.where(
			and(eq(sharedSessionMembers.sharedSessionId, sharedSessionId), eq(sharedSessionMembers.userId, userId))
		);
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
): Promise<SharedSessionParty> {
	if (!actor) throw new DomainError('not-allowed', 'sessionEnded');
	const { id: userId } = requirePermission(actor, 'cases:act');
	const [row] = await db
		.select({ sharedSession: sharedSessions })
		.from(sharedSessions)
		.innerJoin(
			sharedSessionMembers,
			and(
				eq(sharedSessionMembers.sharedSessionId, sharedSessions.id),
				eq(sharedSessionMembers.userId, userId)
			)
		)
		.where(and(eq(sharedSessions.personId, personId), isNull(sharedSessions.endedAt)));
	if (!row || hasRunOut(row.sharedSession.startedAt, now))
		throw new DomainError('ended', 'sharedSessionEnded');
	const { sharedSession } = row;
	return { userId, actor, open: await openAssessmentOf(db, sharedSession.assessmentId), sharedSession };
}
