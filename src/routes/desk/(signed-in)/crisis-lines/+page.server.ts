import { Type } from 'typebox';
import { orErrorPage, orFailedForm } from '$lib/server/http/answer-fault';
import { text } from '$lib/server/http/fields';
import { formReader } from '$lib/server/http/read-body';
import { signedIn } from '$lib/server/signed-in';
import { readCrisisLines, setCrisisLine } from '$lib/server/warning-signs/crisis-lines';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	orErrorPage(async () => ({ lines: await readCrisisLines(locals.db, signedIn(locals)) }));

const read = formReader({
	country: Type.String({ pattern: '^[A-Z]{2}$' }),
	name: text(80),
	// What a phone can dial, as people write it.
	phone: Type.String({ pattern: '^[+0-9 ().-]{0,30}$' })
});

export const actions: Actions = {
	set: ({ request, locals }) =>
		orFailedForm(async () => {
			const line = await read(request);
			await setCrisisLine(locals.db, signedIn(locals), line, locals.now);
			return { changed: line.country, isRemoved: line.phone.trim() === '' };
		})
};
