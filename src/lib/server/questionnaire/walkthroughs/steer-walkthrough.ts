import { eq } from 'drizzle-orm';
import type { WalkthroughStation } from '../../../core/questionnaire/walkthrough/stations';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import { publishChange } from '../../platform/live/changes';
import { currentPlanOf } from '../../plan/plans/current-plan';
import { requireOpenWalkthrough } from './open-walkthrough';
import type { WalkthroughParty } from './walkthrough-party';

const { walkthroughs } = schema;

/** Changes an open walkthrough, and says so to everyone who looks at it. */
async function change(
	db: Db,
	{ open }: WalkthroughParty,
	set: Partial<typeof walkthroughs.$inferInsert>,
	now: Date
): Promise<void> {
	await inTransaction(db, async (tx) => {
		const { id } = await requireOpenWalkthrough(tx, open.actor.personId, now);
		await tx.update(walkthroughs).set(set).where(eq(walkthroughs.id, id));
		await publishChange(tx, `walkthrough:${id}`);
	});
}

/** Points at a station, or at one of its questions: both look there. */
export const pointAt = (
	db: Db,
	party: WalkthroughParty,
	{ station, question }: { readonly station: WalkthroughStation; readonly question: string | null },
	now: Date
): Promise<void> => change(db, party, { station, question, pointedBy: party.userId }, now);

/** Shows a plan that was made to both. */
export const showPlan = (db: Db, { walkthrough }: WalkthroughParty): Promise<void> =>
	publishChange(db, `walkthrough:${walkthrough.id}`);

/** Notes the next day that was set. @param day ISO date */
export const noteNextDay = (db: Db, party: WalkthroughParty, day: string, now: Date): Promise<void> =>
	change(db, party, { nextOn: day }, now);

/**
 * Agrees to the plan, for one side.
 * @param planId the plan as seen
 * @throws DomainError where there is a newer one
 */
export async function agreeToPlan(db: Db, party: WalkthroughParty, planId: string, now: Date): Promise<void> {
	const { userId, actor, open } = party;
	const { personId } = open.actor;
	await inTransaction(db, async (tx) => {
		const { id } = await requireOpenWalkthrough(tx, personId, now);
		const plan = await currentPlanOf(tx, open.assessment.id);
		if (plan?.id !== planId) throw new DomainError('conflict', 'planGone');
		await tx
			.update(walkthroughs)
			.set(userId === null ? { personPlan: planId } : { coordinatorPlan: planId })
			.where(eq(walkthroughs.id, id));
		await writeAuditLine(tx, actor, { at: now, act: 'walkthrough-agreed', personId });
		await publishChange(tx, `walkthrough:${id}`);
	});
}

/** Ends a walkthrough: nobody enters anything further, and both have the summary. */
export async function endWalkthrough(
	db: Db,
	{ userId, actor, open }: WalkthroughParty,
	now: Date
): Promise<void> {
	const { personId } = open.actor;
	await inTransaction(db, async (tx) => {
		const { id } = await requireOpenWalkthrough(tx, personId, now);
		const endedBy = userId === null ? 'person' : 'coordinator';
		await tx.update(walkthroughs).set({ endedAt: now, endedBy }).where(eq(walkthroughs.id, id));
		await writeAuditLine(tx, actor, { at: now, act: 'walkthrough-ended', personId });
		await publishChange(tx, `walkthrough:${id}`);
	});
}
