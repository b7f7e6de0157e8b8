import { Type } from 'typebox';
import { PURCHASES, type PurchaseId } from '$lib/core/plan/purchases';
import { withFormError } from '$lib/server/platform/http/error-responses';
import { text } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import { signedIn } from '$lib/server/platform/signed-in';
import { CURRENCIES } from '$lib/core/plan/equipment';
import { readPrices } from '$lib/server/workforce/prices';
import { setPrices } from '$lib/server/platform/organisation-settings/set-prices';
import { screenLoad } from '$lib/server/workforce/screen-load';
import type { Actions } from './$types';

const load = screenLoad('equipment');

export { withPrices as load };

/** The screen, with the prices as they are now. */
async function withPrices(event: Parameters<typeof load>[0]) {
	const [screen, prices] = await Promise.all([load(event), readPrices(event.locals.db)]);
	return { ...screen, prices, currencies: CURRENCIES };
}

const PRICE_LETTERS = 12;

const readSet = formReader({
	...(Object.fromEntries(PURCHASES.map((purchase) => [purchase, text(PRICE_LETTERS)])) as Record<
		PurchaseId,
		ReturnType<typeof text>
	>),
	currency: Type.Enum(CURRENCIES)
});

export const actions: Actions = {
	prices: ({ request, locals }) =>
		withFormError(async () => {
			const { currency, ...prices } = await readSet(request);
			await setPrices(locals.db, signedIn(locals), prices, currency, locals.now);
			return { kept: true };
		})
};
