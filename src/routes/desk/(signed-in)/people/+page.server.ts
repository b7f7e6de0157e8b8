import { listPeople } from '$lib/server/people/list-people';
import { orErrorPage } from '$lib/server/http/answer-fault';
import { signedIn } from '$lib/server/signed-in';
import type { PageServerLoad } from './$types';

const LONGEST_SEARCH = 100;

export const load: PageServerLoad = ({ locals, url }) =>
	orErrorPage(async () => {
		// A search that PostgreSQL could not hold finds nobody, like any other that matches nothing.
		const search = (url.searchParams.get('q') ?? '').replaceAll('\0', '').slice(0, LONGEST_SEARCH);
		const cursor = url.searchParams.get('after') ?? undefined;
		const page = await listPeople(locals.db, signedIn(locals), { search, cursor }, locals.now);
		return { search, isFirst: cursor === undefined, ...page };
	});
