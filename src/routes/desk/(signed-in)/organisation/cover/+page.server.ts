import { Type } from 'typebox';
import { COVER_LENGTHS, COVER_MINUTES } from '$lib/core/platform/cover';
import { coverPage, setCover } from '$lib/server/platform/cover/cover-settings';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { text, uuid, version } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	withErrorPage(() => coverPage(locals.db, signedIn(locals)));

const read = formReader({
	version,
	minutes: Type.Enum(['', ...COVER_MINUTES.map(String)]),
	deputyId: Type.Union([Type.Literal(''), uuid]),
	outOfHours: text(COVER_LENGTHS.outOfHours),
	webhookUrl: text(COVER_LENGTHS.webhookUrl)
});

export const actions: Actions = {
	save: ({ request, locals }) =>
		withFormError(async () => {
			const { version: seen, minutes, deputyId, ...rest } = await read(request);
			const cover = {
				...rest,
				minutes: COVER_MINUTES.find((one) => String(one) === minutes) ?? null,
				deputyId: deputyId === '' ? null : deputyId
			};
			await setCover(locals.db, signedIn(locals), { cover, version: Number(seen) }, locals.now);
			return { saved: true };
		})
};
