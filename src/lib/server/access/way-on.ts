/** A page of the desk, as its address stands in another one. */
export const DESK_PATH = '^/desk(?:$|[/?][!-~]*$)';

/** Where somebody goes on once they have said who they are: a page of the desk, nothing else. */
export function wayOn(url: URL): string {
	const to = url.searchParams.get('to') ?? '';
	return new RegExp(DESK_PATH).test(to) ? to : '/desk';
}
