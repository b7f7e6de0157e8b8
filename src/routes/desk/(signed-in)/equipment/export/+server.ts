import { csvOf } from '$lib/core/exchange';
import { writeAuditLine } from '$lib/server/audit/write-audit-line';
import { isoDay } from '$lib/server/clock';
import { boardFilterOf, boardRows } from '$lib/server/equipment/read-board';
import { orJsonFault } from '$lib/server/http/answer-fault';
import { csvResponse } from '$lib/server/http/csv-response';
import { signedIn } from '$lib/server/signed-in';
import type { RequestHandler } from './$types';

/** The board, as it is narrowed, as CSV. */
export const GET: RequestHandler = ({ locals, url }) =>
	orJsonFault(async () => {
		const { db, now, config } = locals;
		const dayOf = (at: Date) => isoDay(at, config.timeZone);
		const actor = signedIn(locals);
		const rows = await boardRows(db, actor, boardFilterOf(url.searchParams), dayOf);
		await writeAuditLine(db, actor, { at: now, act: 'equipment-exported' });
		return csvResponse(`equipment-${dayOf(now)}.csv`, csvOf(rows));
	});
