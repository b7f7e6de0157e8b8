/** A desk page as it may stand in another URL. */
export const DESK_HOME = '^/desk(?:$|[/?][!-~]*$)';

/** Where someone goes on to after signing in: a desk page, nothing else. */
export function safeRedirect(url: URL): string {
	const to = url.searchParams.get('to') ?? '';
	return new RegExp(DESK_HOME).test(to) ? to : '/desk';
}
