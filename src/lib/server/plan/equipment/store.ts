import { and, asc, eq, sql } from 'drizzle-orm';
import type { EquipmentItem } from '../../../core/plan/equipment';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import type { ChangedRows } from '../../platform/acts/changed-rows';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';

const { equipmentRequests, equipmentStore } = schema;

/** How many of each item are reserved: approved, and not sent yet. */
const reservedOf = sql<number>`(select count(*)::int from ${equipmentRequests} r
	where r.purchase = ${equipmentStore.thing} and r.from_store and r.state = 'approved')`;

/** What is in stock, and how many of it are reserved; a few dozen rows at most. Cost: one count for each row, by equipment_requests_board_idx. */
export async function readStock(db: Db) {
	const rows = await db
		.select({
			thing: equipmentStore.thing,
			onHand: equipmentStore.onHand,
			reserved: reservedOf,
			version: equipmentStore.version
		})
		.from(equipmentStore)
		.orderBy(asc(equipmentStore.thing));
	return rows.map((row) => ({ ...row, free: Math.max(0, row.onHand - row.reserved) }));
}

/**
 * Holds an item's stock until the transaction ends, and makes sure that one of it is promised to nobody.
 * @throws DomainError where all of them are reserved
 */
export async function requireFreeStock(tx: Db, thing: EquipmentItem): Promise<void> {
	const [known] = await tx
		.select({ onHand: equipmentStore.onHand })
		.from(equipmentStore)
		.where(eq(equipmentStore.thing, thing))
		.for('update');
	const reserved = await tx.$count(
		equipmentRequests,
		and(
			eq(equipmentRequests.purchase, thing),
			eq(equipmentRequests.fromStore, true),
			eq(equipmentRequests.state, 'approved')
		)
	);
	if ((known?.onHand ?? 0) <= reserved) throw new DomainError('conflict', 'storeEmpty');
}

/**
 * Sets the counted number of an item in stock.
 * @param version the version seen; 0 where it was never counted
 */
export async function setStock(
	db: Db,
	actor: Actor,
	{ thing, onHand, version }: { thing: EquipmentItem; onHand: number; version: number },
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
	thing: EquipmentItem,
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
