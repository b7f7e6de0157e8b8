import { Type } from 'typebox';
import { REQUESTABLE_ITEMS } from '$lib/core/equipment';
import { setStock } from '$lib/server/equipment/store';
import { version } from '$lib/server/http/fields';
import { formReader } from '$lib/server/http/read-body';
import { equipmentFilterOf, readEquipmentBoard } from '$lib/server/equipment/read-equipment-board';
import { withErrorPage, withFormError } from '$lib/server/http/error-responses';
import { teamsOf } from '$lib/server/people/list-people';
import { signedIn } from '$lib/server/signed-in';
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
	thing: Type.Enum(REQUESTABLE_ITEMS),
	onHand: Type.String({ pattern: '^[0-9]{1,4}$' }),
	version
});

export const actions: Actions = {
	count: ({ request, locals }) =>
		withFormError(async () => {
			const { thing, onHand, version: seen } = await readCount(request);
			const counted = { thing, onHand: Number(onHand), version: Number(seen) };
			await setStock(locals.db, signedIn(locals), counted, locals.now);
			return { counted: true };
		})
};
