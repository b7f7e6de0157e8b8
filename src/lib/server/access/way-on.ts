/** Where somebody goes on once they have said who they are: a page of the desk, nothing else. */
export function wayOn(url: URL): string {
	const to = url.searchParams.get('to') ?? '';
	return /^\/desk(?:$|[/?])/.test(to) ? to : '/desk';
}
