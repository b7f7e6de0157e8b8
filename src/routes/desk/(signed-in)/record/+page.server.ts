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
		const asked = url.searchParams.get('check');
		const check = asked ? await checkRecord(locals.db, locals.now, asked === 'all') : null;
		return {
			filter,
			acts: ACTS,
			...read,
			check: check && { ...check, brokenAt: check.brokenAt?.toString() ?? null }
		};
	});
