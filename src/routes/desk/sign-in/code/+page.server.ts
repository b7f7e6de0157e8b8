import { redirect } from '@sveltejs/kit';
import { Type } from 'typebox';
import { listPasskeys } from '$lib/server/platform/access/passkeys';
import { verifySecondFactor } from '$lib/server/platform/access/second-factor';
import { withFormError } from '$lib/server/platform/http/error-responses';
import { formReader } from '$lib/server/platform/http/read-body';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
	const { session } = locals;
	if (!session) redirect(303, '/desk/sign-in');
	if (!session.isPending) redirect(303, '/desk');
	const passkeys = await listPasskeys(locals.db, session.user.id);
	return { hasCode: session.hasCode, hasPasskey: passkeys.length > 0 };
};

const read = formReader({ code: Type.String({ minLength: 1, maxLength: 40 }) });

export const actions: Actions = {
	default: ({ request, locals }) =>
		withFormError(async () => {
			if (!locals.session) redirect(303, '/desk/sign-in');
			const { code } = await read(request);
			await verifySecondFactor(locals.db, locals.session, code, locals.now);
			redirect(303, '/desk');
		})
};
