import { writeAuditLine } from '$lib/server/platform/audit/write-audit-line';
import { isoDay } from '$lib/server/platform/clock';
import { equipmentFilterOf, equipmentRows } from '$lib/server/plan/equipment/read-equipment-board';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import { csvResponse } from '$lib/server/platform/http/csv-response';
import { signedIn } from '$lib/server/platform/signed-in';
import type { RequestHandler } from './$types';

/** The filtered board as CSV. */
export const GET: RequestHandler = ({ locals, url }) =>
	withJsonError(async () => {
		const { db, now, timeZone } = locals;
		const dayOf = (at: Date) => isoDay(at, timeZone);
		const actor = signedIn(locals);
		const rows = await equipmentRows(db, actor, equipmentFilterOf(url.searchParams), dayOf);
		await writeAuditLine(db, actor, { at: now, act: 'equipment-exported' });
		return csvResponse(`equipment-${dayOf(now)}.csv`, rows);
	});
