import { asc, eq, sql } from 'drizzle-orm';
import type { RequestableItem } from '../../core/equipment';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import type { ChangedRows } from '../acts/changed-rows';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';

const { equipmentStore } = schema;

/** What is in stock; a dozen rows at most. */
export function readStock(db: Db) {
	return db
		.select({ thing: equipmentStore.thing, onHand: equipmentStore.onHand, version: equipmentStore.version })
		.from(equipmentStore)
		.orderBy(asc(equipmentStore.thing));
}

/**
 * Sets the counted number of an item in stock.
 * @param version the version seen; 0 where it was never counted
 */
export async function setStock(
	db: Db,
	actor: Actor,
	{ thing, onHand, version }: { thing: RequestableItem; onHand: number; version: number },
	now: Date
): Promise<void> {
	requirePermission(actor, 'equipment:decide');
	await inTransaction(db, async (tx) => {
		const [known] = await tx
			.select()
			.from(equipmentStore)
			.where(eq(equipmentStore.thing, thing))
			.for('update');
		if ((known?.version ?? 0) !== version) throw new DomainError('conflict', 'storeChanged');
		await tx
			.insert(equipmentStore)
			.values({ thing, onHand })
			.onConflictDoUpdate({
				target: equipmentStore.thing,
				set: { onHand, version: sql`${equipmentStore.version} + 1` }
			});
		await writeAuditLine(tx, actor, { at: now, act: 'store-counted', detail: { thing, onHand } });
	});
}

/** Takes one out of stock, or returns one, within the act that does so. */
export async function changeStock(
	tx: Db,
	rows: ChangedRows,
	thing: RequestableItem,
	by: 1 | -1
): Promise<void> {
	const [known] = await tx.select().from(equipmentStore).where(eq(equipmentStore.thing, thing)).for('update');
	if (by < 0 && (known?.onHand ?? 0) === 0) throw new DomainError('conflict', 'storeEmpty');
	if (known)
		await rows.update(
			equipmentStore,
			{ onHand: known.onHand + by, version: known.version + 1 },
			eq(equipmentStore.id, known.id)
		);
	else await tx.insert(equipmentStore).values({ thing, onHand: 1 });
}
