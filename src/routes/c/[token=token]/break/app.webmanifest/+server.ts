import { messagesFor } from '$lib/messages';
import { breakTextsFor } from '$lib/messages/breaks';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import type { RequestHandler } from './$types';

/** The break page as an app on a phone's home screen: it opens at the person's own link. */
export const GET: RequestHandler = ({ locals, params }) =>
	withJsonError(async () => {
		const { language } = await openAssessment(locals.db, params.token);
		const t = messagesFor(language);
		const { pause } = breakTextsFor(t.locale);
		const path = `/c/${params.token}/break`;
		const manifest = {
			name: `${t.product}: ${pause.title}`,
			short_name: pause.title,
			start_url: path,
			id: path,
			scope: `/c/${params.token}/`,
			display: 'standalone',
			background_color: '#f6f3ea',
			theme_color: '#f6f3ea',
			icons: [
				{ src: '/favicon.png', sizes: '192x192', type: 'image/png' },
				{ src: '/favicon.svg', sizes: 'any', type: 'image/svg+xml' }
			]
		};
		return Response.json(manifest, { headers: { 'content-type': 'application/manifest+json' } });
	});
