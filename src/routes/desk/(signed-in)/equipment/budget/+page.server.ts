import { errorText } from '$lib/messages/error-text';
import { approvePurchases } from '$lib/server/equipment/approve-purchases';
import { budgetFilterOf, MAX_PEOPLE_SHOWN, planBudget } from '$lib/server/equipment/plan-budget';
import { withErrorPage, withFormError } from '$lib/server/http/error-responses';
import { uuid, uuids } from '$lib/server/http/fields';
import { formReader } from '$lib/server/http/read-body';
import { teamsOf } from '$lib/server/people/list-people';
import { signedIn } from '$lib/server/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) =>
	withErrorPage(async () => {
		const actor = signedIn(locals);
		const filter = budgetFilterOf(url.searchParams);
		const [{ unread, ...budget }, teams] = await Promise.all([
			planBudget(locals.db, locals.planning, actor, filter),
			teamsOf(locals.db, actor)
		]);
		return { filter, teams, unread: unread && errorText(unread.why), ...budget };
	});

const readApproval = formReader({ people: uuids(MAX_PEOPLE_SHOWN), key: uuid });

export const actions: Actions = {
	approve: ({ request, locals, url }) =>
		withFormError(async () => {
			const { people, key } = await readApproval(request);
			const approval = { ...budgetFilterOf(url.searchParams), people: people.split(','), key };
			const n = await approvePurchases(locals.db, locals.planning, signedIn(locals), approval, locals.now);
			return { approved: n };
		})
};
