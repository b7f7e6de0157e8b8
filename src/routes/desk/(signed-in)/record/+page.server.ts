import { ACTS } from '$lib/server/audit/write-audit-line';
import { readRecord, recordFilterOf } from '$lib/server/audit/read-record';
import { checkRecord } from '$lib/server/audit/seal-record';
import { orErrorPage } from '$lib/server/http/answer-fault';
import { signedIn } from '$lib/server/signed-in';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) =>
	orErrorPage(async () => {
		const filter = recordFilterOf(url.searchParams);
		const read = await readRecord(locals.db, signedIn(locals), filter, locals.now);
		const check = url.searchParams.has('check') ? await checkRecord(locals.db) : null;
		return {
			filter,
			acts: ACTS,
			...read,
			check: check && { n: check.n, brokenAt: check.brokenAt?.toString() ?? null }
		};
	});
