import { Type } from 'typebox';
import { ASKED_THINGS } from '$lib/core/equipment';
import { countStore } from '$lib/server/equipment/store';
import { version } from '$lib/server/http/fields';
import { formReader } from '$lib/server/http/read-body';
import { boardFilterOf, readBoard } from '$lib/server/equipment/read-board';
import { orErrorPage, orFailedForm } from '$lib/server/http/answer-fault';
import { teamsOf } from '$lib/server/people/list-people';
import { signedIn } from '$lib/server/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) =>
	orErrorPage(async () => {
		const actor = signedIn(locals);
		const filter = boardFilterOf(url.searchParams);
		const [board, teams] = await Promise.all([
			readBoard(locals.db, actor, filter),
			teamsOf(locals.db, actor)
		]);
		return { filter, teams, now: locals.now, ...board };
	});

const readCount = formReader({
	thing: Type.Enum(ASKED_THINGS),
	onHand: Type.String({ pattern: '^[0-9]{1,4}$' }),
	version
});

export const actions: Actions = {
	count: ({ request, locals }) =>
		orFailedForm(async () => {
			const { thing, onHand, version: seen } = await readCount(request);
			const counted = { thing, onHand: Number(onHand), version: Number(seen) };
			await countStore(locals.db, signedIn(locals), counted, locals.now);
			return { counted: true };
		})
};
