import { originalSettings } from '../src/lib/core/platform/organisation-settings/settings-document';
import type { CatalogueItem } from '../src/lib/core/platform/organisation-settings/equipment-catalogue';
import type { Actor } from '../src/lib/server/platform/actor';
import type { Db } from '../src/lib/server/platform/db/client';
import { publishSettings } from '../src/lib/server/platform/organisation-settings/publish-settings';
import { readSettings } from '../src/lib/server/platform/organisation-settings/read-settings';

/** Suppliers of the demo's catalogue: invented. */
const SUPPLIED: Readonly<
	Partial<Record<string, Pick<CatalogueItem, 'supplier' | 'article' | 'deliveryDays'>>>
> = {
	'keyboard-and-mouse': { supplier: 'Bracken Supplies', article: 'BS-K12', deliveryDays: 3 },
	footrest: { supplier: 'Bracken Supplies', article: 'BS-F04', deliveryDays: 5 },
	monitor: { supplier: 'Weir & Lantern Supplies', article: 'M-24', deliveryDays: 4 },
	chair: { supplier: 'Weir & Lantern Supplies', article: 'C-530', deliveryDays: 10 }
};

/** An item that the demo's organisation has added. */
const DOCUMENT_LIGHT: CatalogueItem = {
	code: 'item-1',
	isOffered: true,
	names: {
		en: 'A clip-on light for papers',
		de: 'Eine Klemmleuchte für Unterlagen',
		es: 'Una luz con pinza para documentos',
		fr: 'Une lampe à pince pour documents'
	},
	helps: ['looks-at-keys'],
	cents: 2_490,
	supplier: 'Bracken Supplies',
	article: 'BS-L02',
	deliveryDays: 3
};

/** Publishes what the demo's organisation has set for itself: suppliers, an item of its own, and a household item that everybody has. */
export async function seedSettings(db: Db, actor: Actor, now: Date): Promise<void> {
	const { version, settings } = await readSettings(db, 'equipment');
	const items = [...settings.items.map((item) => ({ ...item, ...SUPPLIED[item.code] })), DOCUMENT_LIGHT];
	const publish = { note: 'Suppliers and delivery times', seen: version };
	await publishSettings(db, actor, { area: 'equipment', settings: { ...settings, items }, ...publish }, now);
	const box = {
		id: 1,
		kind: 'sturdy-box' as const,
		size: [360, 280, 95] as const,
		names: {
			en: 'Box the laptop came in',
			de: 'Karton des Laptops',
			es: 'Caja del portátil',
			fr: 'Carton de l’ordinateur portable'
		}
	};
	await publishSettings(
		db,
		actor,
		{
			area: 'household-items',
			settings: { ...originalSettings('household-items'), own: [box] },
			note: 'Everybody has this box',
			seen: 0
		},
		now
	);
}
