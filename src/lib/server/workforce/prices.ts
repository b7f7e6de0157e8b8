import { asc } from 'drizzle-orm';
import { MAX_PRICE_CENTS } from '../../core/platform/organisation-settings/equipment-catalogue';
import { PURCHASES, type PurchaseId } from '../../core/plan/purchases';
import { schema, type Db } from '../platform/db/client';
import { DomainError } from '../platform/domain-error';

const { purchasePrices } = schema;

export interface Price {
	readonly purchase: PurchaseId;
	/** Whole cents. */
	readonly cents: number;
	/** ISO 4217. */
	readonly currency: string;
}

/** Prices of what plans can buy, as the catalogue has them. */
export async function readPrices(db: Db): Promise<Price[]> {
	const rows = await readCataloguePrices(db);
	return rows.flatMap((row) => {
		const purchase = PURCHASES.find((one) => one === row.purchase);
		return purchase ? [{ ...row, purchase }] : [];
	});
}

/** Prices of the whole catalogue; some dozens of rows at most. */
function readCataloguePrices(db: Db) {
	return db.select().from(purchasePrices).orderBy(asc(purchasePrices.purchase));
}

/** A price as typed, in whole cents: `129`, `129.90` or `129,90`; null where empty. */
export function parseCents(typed: string): number | null {
	const text = typed.trim().replace(',', '.');
	if (text === '') return null;
	if (!/^\d{1,7}(\.\d{1,2})?$/.test(text)) throw new DomainError('invalid', 'typePrice', '/price');
	const cents = Math.round(Number(text) * 100);
	if (cents > MAX_PRICE_CENTS) throw new DomainError('invalid', 'priceTooHigh', '/price');
	return cents;
}
