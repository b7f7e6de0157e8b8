import type { Handle } from '@sveltejs/kit';
import { deferHydration } from '../http/defer-hydration';
import { extractInlineStyles } from '../http/extract-inline-styles';
import { fillRootTag } from '../http/fill-root-tag';

/** Fonts preloaded by a page: a link's first page, which has no scripts, also loads the titles' font for the next ones. */
function fontsOf(route: string | null): RegExp {
	return route?.startsWith('/c/[token=token]/') ? /-latin-wght.*woff2$/ : /-latin-(?:wght|700).*woff2$/;
}

/** Pages as they are sent: the root tag says who reads them, scripts wait for the page, and styles stand where the policy allows them. */
export const renderPage: Handle = ({ event, resolve }) => {
	const { locals, route } = event;
	const scripts: string[] = [];
	return resolve(event, {
		transformPageChunk: ({ html }) => {
			const values = {
				lang: locals.language,
				theme: locals.theme,
				text: locals.textSize,
				door: route.id?.startsWith('/c/') ? 'employee' : 'desk'
			};
			return extractInlineStyles(deferHydration(fillRootTag(html, values), scripts));
		},
		preload: ({ type, path }) => {
			if (type === 'js') scripts.unshift(path);
			return type === 'css' || (type === 'font' && fontsOf(route.id).test(path));
		}
	});
};
