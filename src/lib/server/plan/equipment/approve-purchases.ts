import { and, eq, inArray } from 'drizzle-orm';
import type { PurchaseId } from '../../../core/plan/purchases';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import { runDeskAct, idempotencyKeyFor } from '../../platform/acts/desk-act';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { checkInAnswersOf } from '../../cases/check-ins/answer-check-in';
import { writeEmail } from '../../platform/texts/write-email';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import type { Planner } from '../planning/planning';
import { queueLinkEmail } from '../../platform/email/queue-link-email';
import { planBudget, type BudgetFilter } from './plan-budget';
import { requireFreeStock } from './store';

const { equipmentRequests } = schema;

export interface Approval extends BudgetFilter {
	/** The people, among those it showed. */
	readonly people: readonly string[];
	/** Made by the page: sent twice, it is one act. */
	readonly key: string;
}

/**
 * Approves what a budget buys for some people: each item goes on the board as approved, as if it had been requested and decided on, and
 * each person is emailed that there is news. The purchases are computed again here, never taken from the page.
 * @returns the number of people
 * @throws DomainError `conflict` where the result would differ
 */
export async function approvePurchases(
	db: Db,
	planning: Planner,
	actor: Actor,
	{ people, key, ...budget }: Approval,
	now: Date
): Promise<number> {
	requirePermission(actor, 'equipment:decide');
	if (people.length === 0) throw new DomainError('invalid', 'tickSomebody', '/people');
	const { plan, unread } = await planBudget(db, planning, actor, budget);
	if (unread) throw unread;
	const chosen = (plan?.lines ?? []).filter(({ personId }) => people.includes(personId));
	if (chosen.length !== new Set(people).size) throw new DomainError('conflict', 'budgetChanged');
	await inTransaction(db, async (tx) => {
		// In a fixed order, so that two of these at once wait for each other, never in a circle.
		for (const one of [...chosen].sort((a, b) => a.personId.localeCompare(b.personId)))
			await approveFor(tx, actor, one, key, now);
	});
	return chosen.length;
}

async function approveFor(
	db: Db,
	actor: Actor,
	{
		personId,
		things,
		fromStock
	}: { personId: string; things: readonly PurchaseId[]; fromStock: readonly PurchaseId[] },
	batch: string,
	now: Date
): Promise<void> {
	const act = {
		key: idempotencyKeyFor(batch, personId),
		batch,
		personId,
		version: null,
		kind: 'equipment-decided' as const
	};
	await runDeskAct(db, actor, act, now, async ({ tx, rows, person }) => {
		const answered = await checkInAnswersOf(tx, personId);
		if (!answered) throw new DomainError('conflict', 'cornerUnknown');
		const known = await tx
			.select()
			.from(equipmentRequests)
			.where(
				and(eq(equipmentRequests.assessmentId, answered), inArray(equipmentRequests.purchase, [...things]))
			);
		for (const thing of things) {
			const fromStore = fromStock.includes(thing);
			if (fromStore) await requireFreeStock(tx, thing);
			const asked = known.find(({ purchase }) => purchase === thing);
			if (asked)
				await rows.update(
					equipmentRequests,
					{ state: 'approved', fromStore, changedAt: now, version: asked.version + 1 },
					eq(equipmentRequests.id, asked.id)
				);
			else
				await rows.insert(equipmentRequests, {
					id: idempotencyKeyFor(`${batch} ${thing}`, personId),
					assessmentId: answered,
					purchase: thing,
					askedAt: now,
					changedAt: now,
					state: 'approved',
					fromStore
				});
			const detail = { purchase: thing, to: 'approved' };
			await writeAuditLine(tx, actor, { at: now, act: 'equipment-decided', personId, detail });
		}
		await queueLinkEmail(
			tx,
			person,
			{ page: '/messages', ...(await writeEmail(tx, 'equipment', person)) },
			now
		);
	});
}
