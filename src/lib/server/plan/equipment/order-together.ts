import { requirePermission } from '../../platform/access/require-permission';
import { idempotencyKeyFor } from '../../platform/acts/desk-act';
import type { Actor } from '../../platform/actor';
import type { Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import { decideEquipment, type EquipmentDecision } from './decide-equipment';

/** Most requests in one order. Our assumption. */
export const MAX_ORDERED_TOGETHER = 100;

/** One order for several requests. */
export interface JointOrder {
	/** Each with the version that the board showed. */
	readonly requests: readonly { readonly id: string; readonly version: number }[];
	/** The supplier, their order number, and the price of one as typed; empty where each has its own. */
	readonly order: NonNullable<EquipmentDecision['order']>;
	/** Made by the page: sent twice, it is one act. */
	readonly key: string;
}

/**
 * Marks approved requests as ordered, all with one supplier and one order number: all of them or none, one press to undo.
 * @returns the number of requests
 * @throws DomainError where one of them has moved on since it was shown
 */
export async function orderTogether(
	db: Db,
	actor: Actor,
	{ requests, order, key }: JointOrder,
	now: Date
): Promise<number> {
	requirePermission(actor, 'equipment:decide');
	if (requests.length === 0 || requests.length > MAX_ORDERED_TOGETHER)
		throw new DomainError(
			'invalid',
			{ code: 'tickForOrder', facts: { most: MAX_ORDERED_TOGETHER } },
			'/requests'
		);
	if (order.supplier.trim() === '' && order.number.trim() === '')
		throw new DomainError('invalid', 'sayWhereOrdered', '/supplier');
	await inTransaction(db, async (tx) => {
		// In a fixed order, so that two of these at once wait for each other, never in a circle.
		for (const { id, version } of [...requests].sort((a, b) => (a.id < b.id ? -1 : 1)))
			await decideEquipment(
				tx,
				actor,
				{
					requestId: id,
					to: 'ordered',
					reason: '',
					order,
					version,
					key: idempotencyKeyFor(key, id),
					batch: key
				},
				now
			);
	});
	return requests.length;
}
