/** A page of the desk, as its address stands in another one. */
export const DESK_HOME = '^/desk(?:$|[/?][!-~]*$)';

/** Where someone goes on once they have said who they are: a page of the desk, nothing else. */
export function safeRedirect(url: URL): string {
	const to = url.searchParams.get('to') ?? '';
	return new RegExp(DESK_HOME).test(to) ? to : '/desk';
}
