import { redirect } from '@sveltejs/kit';
import { Type } from 'typebox';
import { confirmPassword } from '$lib/server/access/sign-in';
import { orFailedForm } from '$lib/server/http/answer-fault';
import { formReader } from '$lib/server/http/read-body';
import type { Actions, PageServerLoad } from './$types';

/** Where somebody goes on once they have said who they are: a page of the desk, nothing else. */
function wayOn(url: URL): string {
	const to = url.searchParams.get('to') ?? '';
	return /^\/desk(?:$|[/?])/.test(to) ? to : '/desk';
}

export const load: PageServerLoad = ({ locals, url }) => {
	if (locals.session?.isFresh) redirect(303, wayOn(url));
};

const read = formReader({ password: Type.String({ minLength: 1, maxLength: 200 }) });

export const actions: Actions = {
	default: ({ request, locals, url }) =>
		orFailedForm(async () => {
			if (!locals.session || !locals.user) redirect(303, '/desk/sign-in');
			const { password } = await read(request);
			await confirmPassword(locals.db, locals.session, password, locals.now);
			redirect(303, wayOn(url));
		})
};
