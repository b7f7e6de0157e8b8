import { Type } from 'typebox';
import { CURRENCIES } from '$lib/core/plan/equipment';
import { isoDay } from '$lib/server/platform/clock';
import { readYearBudget, setYearBudget } from '$lib/server/plan/equipment/year-budget';
import { errorText } from '$lib/messages/error-text';
import { approvePurchases } from '$lib/server/plan/equipment/approve-purchases';
import { budgetFilterOf, MAX_PEOPLE_SHOWN, planBudget } from '$lib/server/plan/equipment/plan-budget';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { text, uuid, uuids } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import { teamsOf } from '$lib/server/people/list-people';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) =>
	withErrorPage(async () => {
		const actor = signedIn(locals);
		const filter = budgetFilterOf(url.searchParams);
		const year = Number(isoDay(locals.now, locals.timeZone).slice(0, 4));
		const [{ unread, ...budget }, teams] = await Promise.all([
			planBudget(locals.db, locals.planning, actor, filter),
			teamsOf(locals.db, actor)
		]);
		const ofYear =
			budget.currency === null ? null : await readYearBudget(locals.db, actor, year, budget.currency);
		return {
			filter,
			teams,
			unread: unread && errorText(unread.why),
			...budget,
			ofYear
		};
	});

const readApproval = formReader({ people: uuids(MAX_PEOPLE_SHOWN), key: uuid });

const AMOUNT_LETTERS = 12;
const wholeNumber = Type.String({ pattern: '^\\d{1,9}$' });

const readYear = formReader({
	year: Type.String({ pattern: '^20\\d{2}$' }),
	version: wholeNumber,
	amount: text(AMOUNT_LETTERS),
	currency: Type.Enum(CURRENCIES)
});

export const actions: Actions = {
	approve: ({ request, locals, url }) =>
		withFormError(async () => {
			const { people, key } = await readApproval(request);
			const approval = { ...budgetFilterOf(url.searchParams), people: people.split(','), key };
			const n = await approvePurchases(locals.db, locals.planning, signedIn(locals), approval, locals.now);
			return { approved: n };
		}),

	year: ({ request, locals }) =>
		withFormError(async () => {
			const { year, version, ...typed } = await readYear(request);
			const budget = { ...typed, year: Number(year), version: Number(version) };
			await setYearBudget(locals.db, signedIn(locals), budget, locals.now);
			return { kept: true };
		})
};
