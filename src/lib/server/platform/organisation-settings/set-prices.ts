import type { Currency } from '../../../core/plan/equipment';
import type { PurchaseId } from '../../../core/plan/purchases';
import { sameDocument } from '../../../core/platform/same-document';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import type { Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { parseCents } from '../../workforce/prices';
import { storeSettings } from './publish-settings';
import { readSettings } from './read-settings';

/**
 * Sets prices of what plans can buy, all in one currency: a new version of the catalogue. An item without a price has none.
 * @throws DomainError where a price can't be read
 */
export async function setPrices(
	db: Db,
	actor: Actor,
	prices: Readonly<Record<PurchaseId, string>>,
	currency: Currency,
	now: Date
): Promise<void> {
	requirePermission(actor, 'prices:set');
	const typed = new Map<string, number | null>(
		Object.entries(prices).map(([purchase, text]) => [purchase, parseCents(text)])
	);
	await inTransaction(db, async (tx) => {
		const { version, settings } = await readSettings(tx, 'equipment');
		const items = settings.items.map((item) => ({
			...item,
			cents: typed.get(item.code) ?? (typed.has(item.code) ? null : item.cents)
		}));
		const changed = { currency, items };
		if (sameDocument(settings, changed)) return;
		await storeSettings(tx, actor, { area: 'equipment', settings: changed, note: '', seen: version }, now);
		await writeAuditLine(tx, actor, { at: now, act: 'prices-set' });
	});
}
