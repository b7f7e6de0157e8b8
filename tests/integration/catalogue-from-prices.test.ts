import { expect, it } from 'vitest';
import { REQUESTABLE_ITEMS } from '$lib/core/plan/equipment';
import { settingsFaults, validateSettings } from '$lib/core/platform/organisation-settings/settings-document';
import { migrateDatabase } from '$lib/server/platform/db/migrate';
import { readSettings } from '$lib/server/platform/organisation-settings/read-settings';
import { readPrices } from '$lib/server/workforce/prices';
import { makeTestDatabase, type TestDatabase } from '../support/database';
import { migrateTo } from '../support/migrations';

/** The last migration of a program that kept prices alone. */
const PRICES_ALONE = 23;

async function upgraded(
	prices: Readonly<Record<string, number>>,
	work: (test: TestDatabase) => Promise<void>
) {
	const test = await makeTestDatabase({ migrated: false });
	try {
		await migrateTo(test.pool, PRICES_ALONE);
		for (const [purchase, cents] of Object.entries(prices))
			await test.pool.query('insert into purchase_prices (purchase, cents, currency) values ($1, $2, $3)', [
				purchase,
				cents,
				'GBP'
			]);
		await migrateDatabase(test.pool);
		await work(test);
	} finally {
		await test.drop();
	}
}

it('prices that were entered before become the first version of the catalogue', () =>
	upgraded({ monitor: 18_900, footrest: 3_450 }, async ({ db }) => {
		const { version, settings } = await readSettings(db, 'equipment');
		expect(version).toBe(1);
		expect(settings.currency).toBe('GBP');
		expect(settings.items.map(({ code }) => code)).toEqual([...REQUESTABLE_ITEMS]);
		expect(settings.items.filter(({ cents }) => cents !== null)).toMatchObject([
			{ code: 'footrest', cents: 3_450, isOffered: true },
			{ code: 'monitor', cents: 18_900, isOffered: true }
		]);
		// It is a document as a form would publish it, and plans keep their prices.
		expect(validateSettings('equipment', settings)).toEqual({ ok: true, value: settings });
		expect(settingsFaults('equipment', settings, ['en', 'de', 'fr', 'es'])).toEqual([]);
		expect(await readPrices(db)).toEqual([
			{ purchase: 'footrest', cents: 3_450, currency: 'GBP' },
			{ purchase: 'monitor', cents: 18_900, currency: 'GBP' }
		]);
	}));

it('a database without prices has the catalogue that the software comes with', () =>
	upgraded({}, async ({ db }) => {
		const { version, settings } = await readSettings(db, 'equipment');
		expect(version).toBe(0);
		expect(settings.items).toHaveLength(REQUESTABLE_ITEMS.length);
		expect(await readPrices(db)).toEqual([]);
	}));
