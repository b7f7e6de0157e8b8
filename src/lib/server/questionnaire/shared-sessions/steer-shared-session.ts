import { eq } from 'drizzle-orm';
import type { SharedSessionStation } from '../../../core/questionnaire/shared-session/stations';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import { publishChange } from '../../platform/live/changes';
import { currentPlanOf } from '../../plan/plans/current-plan';
import { requireOpenSharedSession } from './open-shared-session';
import type { SharedSessionParty } from './shared-session-party';

const { sharedSessions } = schema;

/** Changes an open shared session, and says so to everyone who looks at it. */
async function change(
	db: Db,
	{ open }: SharedSessionParty,
	set: Partial<typeof sharedSessions.$inferInsert>,
	now: Date
): Promise<void> {
	await inTransaction(db, async (tx) => {
		const { id } = await requireOpenSharedSession(tx, open.actor.personId, now);
		await tx.update(sharedSessions).set(set).where(eq(sharedSessions.id, id));
		await publishChange(tx, `sharedSession:${id}`);
	});
}

/** Points at a station, or at one of its questions: both look there. */
export const pointAt = (
	db: Db,
	party: SharedSessionParty,
	{ station, question }: { readonly station: SharedSessionStation; readonly question: string | null },
	now: Date
): Promise<void> => change(db, party, { station, question, pointedBy: party.userId }, now);

/** Shows a plan that was made to both. */
export const showPlan = (db: Db, { sharedSession }: SharedSessionParty): Promise<void> =>
	publishChange(db, `sharedSession:${sharedSession.id}`);

/** Notes the next day that was set. @param day ISO date */
export const noteNextDay = (db: Db, party: SharedSessionParty, day: string, now: Date): Promise<void> =>
	change(db, party, { nextOn: day }, now);

/**
 * Agrees to the plan, for one side.
 * @param planId the plan as seen
 * @throws DomainError where there is a newer one
 */
export async function agreeToPlan(
	db: Db,
	party: SharedSessionParty,
	planId: string,
	now: Date
): Promise<void> {
	const { userId, actor, open } = party;
	const { personId } = open.actor;
	await inTransaction(db, async (tx) => {
		const { id } = await requireOpenSharedSession(tx, personId, now);
		const plan = await currentPlanOf(tx, open.assessment.id);
		if (plan?.id !== planId) throw new DomainError('conflict', 'planGone');
		await tx
			.update(sharedSessions)
			.set(userId === null ? { personPlan: planId } : { coordinatorPlan: planId })
			.where(eq(sharedSessions.id, id));
		await writeAuditLine(tx, actor, { at: now, act: 'walkthrough-agreed', personId });
		await publishChange(tx, `sharedSession:${id}`);
	});
}

/** Ends a shared session: nobody enters anything further, and both have the summary. */
export async function endSharedSession(
	db: Db,
	{ userId, actor, open }: SharedSessionParty,
	now: Date
): Promise<void> {
	const { personId } = open.actor;
	await inTransaction(db, async (tx) => {
		const { id } = await requireOpenSharedSession(tx, personId, now);
		const endedBy = userId === null ? 'person' : 'coordinator';
		await tx.update(sharedSessions).set({ endedAt: now, endedBy }).where(eq(sharedSessions.id, id));
		await writeAuditLine(tx, actor, { at: now, act: 'walkthrough-ended', personId });
		await publishChange(tx, `sharedSession:${id}`);
	});
}
