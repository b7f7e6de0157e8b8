import { redirect } from '@sveltejs/kit';
import { Type } from 'typebox';
import { LENGTH_UNITS } from '$lib/core/body/length/mm';
import { formReader } from '$lib/server/platform/http/read-body';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import { TEXT_SIZES } from '$lib/core/platform/text-sizes';
import type { RequestHandler } from './$types';

const read = formReader({
	theme: Type.Optional(Type.Enum(['light', 'dark'])),
	unit: Type.Optional(Type.Enum(LENGTH_UNITS)),
	text: Type.Optional(Type.Enum(TEXT_SIZES)),
	// A path of this site only: not `//elsewhere`, not `/\elsewhere`.
	back: Type.String({ maxLength: 300, pattern: '^/(?![/\\\\])' })
});

const A_YEAR = 365 * 24 * 60 * 60;

/** Keeps the colour scheme or the coordinator's unit on this device and returns to the page. */
export const POST: RequestHandler = ({ request, cookies, url }) =>
	withJsonError(async () => {
		const { back, ...choices } = await read(request);
		const options = {
			path: '/',
			maxAge: A_YEAR,
			sameSite: 'lax',
			secure: url.protocol === 'https:'
		} as const;
		for (const [name, value] of Object.entries(choices)) cookies.set(name, value, options);
		redirect(303, back);
	});
