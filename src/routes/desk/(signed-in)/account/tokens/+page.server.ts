import { Type } from 'typebox';
import { API_SCOPES, TOKEN_DAYS, TOKEN_LIMITS } from '$lib/core/platform/api/api-scopes';
import { isPermitted } from '$lib/core/platform/access/permissions';
import { endToken, listTokens, makeToken } from '$lib/server/platform/api/tokens';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { text, uuid } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	withErrorPage(async () => {
		const user = signedIn(locals);
		return {
			tokens: await listTokens(locals.db, user, locals.now),
			scopes: API_SCOPES.filter((scope) => isPermitted(user.role, scope)),
			address: `${locals.config.origin}/api/v1`
		};
	});

const read = formReader({
	name: text(TOKEN_LIMITS.name),
	days: Type.Enum(TOKEN_DAYS.map(String)),
	...Object.fromEntries(API_SCOPES.map((scope) => [scope, Type.Optional(Type.Literal('yes'))]))
});
const readId = formReader({ token: uuid });

export const actions: Actions = {
	make: ({ request, locals }) =>
		withFormError(async () => {
			const { name, days, ...ticked } = await read(request);
			const scopes = API_SCOPES.filter((scope) => (ticked as Record<string, unknown>)[scope] === 'yes');
			const input = { name, scopes, days: Number(days) };
			const token = await makeToken(locals.db, signedIn(locals), input, locals.now);
			return { token };
		}),

	end: ({ request, locals }) =>
		withFormError(async () => {
			await endToken(locals.db, signedIn(locals), (await readId(request)).token, locals.now);
			return { ended: true };
		})
};
