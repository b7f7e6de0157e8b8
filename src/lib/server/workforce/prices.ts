import { asc, eq } from 'drizzle-orm';
import type { PurchaseId } from '../../core/plan';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';

const { purchasePrices } = schema;

/** The price of an item. */
export interface Price {
	readonly purchase: PurchaseId;
	/** Whole cents. */
	readonly cents: number;
	/** ISO 4217. */
	readonly currency: string;
}

/** The prices entered. */
export function readPrices(db: Db): Promise<Price[]> {
	return db.select().from(purchasePrices).orderBy(asc(purchasePrices.purchase));
}

const MOST_CENTS = 100_000_000;

/** A price as typed, in whole cents: `129`, `129.90` or `129,90`; null where empty. */
export function parseCents(typed: string): number | null {
	const text = typed.trim().replace(',', '.');
	if (text === '') return null;
	if (!/^\d{1,7}(\.\d{1,2})?$/.test(text)) throw new DomainError('invalid', 'typePrice', '/price');
	const cents = Math.round(Number(text) * 100);
	if (cents > MOST_CENTS) throw new DomainError('invalid', 'priceTooHigh', '/price');
	return cents;
}

/** Sets prices, all in one currency; an item without a price has none. */
export async function setPrices(
	db: Db,
	actor: Actor,
	prices: Readonly<Record<PurchaseId, string>>,
	currency: string,
	now: Date
): Promise<void> {
	requirePermission(actor, 'prices:set');
	const rows = Object.entries(prices).map(([purchase, typed]) => ({
		purchase: purchase as PurchaseId,
		cents: parseCents(typed)
	}));
	await inTransaction(db, async (tx) => {
		for (const { purchase, cents } of rows) {
			if (cents === null) await tx.delete(purchasePrices).where(eq(purchasePrices.purchase, purchase));
			else
				await tx
					.insert(purchasePrices)
					.values({ purchase, cents, currency })
					.onConflictDoUpdate({ target: purchasePrices.purchase, set: { cents, currency } });
		}
		await writeAuditLine(tx, actor, { at: now, act: 'prices-set' });
	});
}
