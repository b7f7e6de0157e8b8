import { redirect } from '@sveltejs/kit';
import { formReader } from '$lib/server/http/read-body';
import { orJsonFault } from '$lib/server/http/answer-fault';
import { TEXT_SIZES, type TextSize } from '$lib/ui/theme/text-sizes';
import type { RequestHandler } from './$types';

const read = formReader<{
	theme?: 'light' | 'dark';
	unit?: 'cm' | 'in' | 'mm';
	text?: TextSize;
	back: string;
}>({
	type: 'object',
	additionalProperties: false,
	required: ['back'],
	properties: {
		theme: { enum: ['light', 'dark'] },
		unit: { enum: ['cm', 'in', 'mm'] },
		text: { enum: [...TEXT_SIZES] },
		// A path of this site and nothing else: not `//elsewhere`, not `/\elsewhere`.
		back: { type: 'string', maxLength: 300, pattern: '^/(?![/\\\\])' }
	}
});

const A_YEAR = 365 * 24 * 60 * 60;

/** Keeps colours or the coordinator's unit on this device and goes back to the page. */
export const POST: RequestHandler = ({ request, cookies, url }) =>
	orJsonFault(async () => {
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
