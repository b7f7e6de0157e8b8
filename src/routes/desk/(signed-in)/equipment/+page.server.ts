import { Type } from 'typebox';
import { CURRENCIES } from '$lib/core/plan/equipment';
import { MAX_ORDERED_TOGETHER, orderTogether } from '$lib/server/plan/equipment/order-together';
import { equipmentItem } from '$lib/server/plan/equipment/item-field';
import { setStock } from '$lib/server/plan/equipment/store';
import { UUID_PATTERN } from '$lib/core/platform/uuid';
import { text, uuid, version } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import { equipmentFilterOf, readEquipmentBoard } from '$lib/server/plan/equipment/read-equipment-board';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { teamsOf } from '$lib/server/people/list-people';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) =>
	withErrorPage(async () => {
		const actor = signedIn(locals);
		const filter = equipmentFilterOf(url.searchParams);
		const [board, teams] = await Promise.all([
			readEquipmentBoard(locals.db, actor, filter),
			teamsOf(locals.db, actor)
		]);
		return { filter, teams, now: locals.now, ...board };
	});

const readCount = formReader({
	thing: equipmentItem,
	onHand: Type.String({ pattern: '^[0-9]{1,4}$' }),
	version
});

/** Requests with their versions, `id:version`, separated by commas. */
const ONE = `${UUID_PATTERN.slice(1, -1)}:[0-9]{1,9}`;
const readOrder = formReader({
	key: uuid,
	requests: Type.String({ maxLength: MAX_ORDERED_TOGETHER * 48, pattern: `^${ONE}(?:,${ONE})*$` }),
	supplier: text(120),
	orderNumber: text(80),
	cost: text(20),
	currency: Type.Enum(CURRENCIES)
});

export const actions: Actions = {
	count: ({ request, locals }) =>
		withFormError(async () => {
			const { thing, onHand, version: seen } = await readCount(request);
			const counted = { thing, onHand: Number(onHand), version: Number(seen) };
			await setStock(locals.db, signedIn(locals), counted, locals.now);
			return { counted: true };
		}),

	order: ({ request, locals }) =>
		withFormError(async () => {
			const actor = signedIn(locals);
			const { key, requests, supplier, orderNumber, cost, currency } = await readOrder(request);
			const joint = {
				key,
				requests: requests.split(',').map((one) => {
					const [id = '', seen = ''] = one.split(':');
					return { id, version: Number(seen) };
				}),
				order: { supplier, number: orderNumber, cost, currency }
			};
			const ordered = await orderTogether(locals.db, actor, joint, locals.now);
			return { ordered };
		})
};
