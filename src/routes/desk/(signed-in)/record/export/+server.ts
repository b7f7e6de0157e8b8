import { csvFormatOf } from '$lib/core/people/exchange/csv';
import { detailWords } from '$lib/messages/desk/audit-details';
import { deskLocale } from '$lib/messages/desk-language';
import { recordActWords } from '$lib/messages/desk/record-words';
import { deskWords } from '$lib/messages/desk';
import { auditLogFilterOf, exportAuditLog, requireAuditLog } from '$lib/server/platform/audit/read-audit-log';
import { csvStream } from '$lib/server/platform/http/csv-response';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import { signedIn } from '$lib/server/platform/signed-in';
import type { RequestHandler } from './$types';

/** The filtered audit log as CSV, streamed while it is read. */
export const GET: RequestHandler = ({ locals, url }) =>
	withJsonError(async () => {
		const { db, now } = locals;
		const actor = signedIn(locals);
		// Refused before anything is sent.
		await requireAuditLog(db, actor);
		const texts = deskWords.keeping;
		const words = {
			headings: [texts.lineNumber, texts.when, texts.person, texts.action, texts.about, texts.details],
			wordsOf: {
				by: (kind: keyof typeof texts.by) => texts.by[kind],
				act: recordActWords,
				details: (detail: Readonly<Record<string, string | number>>) => detailWords(detail).join(', ')
			}
		};
		const filter = { ...auditLogFilterOf(url.searchParams), before: '' };
		return csvStream(
			'audit-log.csv',
			exportAuditLog(db, actor, { filter, words, format: csvFormatOf(deskLocale()) }, now)
		);
	});
