import { AUDIT_ACTIONS } from '$lib/server/platform/audit/write-audit-line';
import { readAuditLog, auditLogFilterOf } from '$lib/server/platform/audit/read-audit-log';
import { verifyAuditLog } from '$lib/server/platform/audit/seal-audit-log';
import { withErrorPage } from '$lib/server/platform/http/error-responses';
import { signedIn } from '$lib/server/platform/signed-in';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) =>
	withErrorPage(async () => {
		const filter = auditLogFilterOf(url.searchParams);
		const read = await readAuditLog(locals.db, signedIn(locals), filter, locals.now);
		const asked = url.searchParams.get('check');
		const check = asked ? await verifyAuditLog(locals.db, locals.now, asked === 'all') : null;
		return {
			filter,
			acts: AUDIT_ACTIONS,
			...read,
			check: check && { ...check, brokenAt: check.brokenAt?.toString() ?? null }
		};
	});
