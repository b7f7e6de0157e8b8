import { mayReadAuditLog } from '$lib/server/platform/audit/read-audit-log';
import { withErrorPage } from '$lib/server/platform/http/error-responses';
import { signedIn } from '$lib/server/platform/signed-in';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	withErrorPage(async () => ({ isAllowed: await mayReadAuditLog(locals.db, signedIn(locals)) }));
