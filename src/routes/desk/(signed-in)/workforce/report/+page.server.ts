import { randomUUID } from 'node:crypto';
import { Type } from 'typebox';
import { redirect } from '@sveltejs/kit';
import { isoDay } from '$lib/server/platform/clock';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { day, uuid } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import { signedIn } from '$lib/server/platform/signed-in';
import { REPORT_MONTHS } from '$lib/core/workforce/report';
import { deleteReport, listReports, createReport } from '$lib/server/workforce/create-report';
import { viewOf } from '$lib/server/workforce/screen-load';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) =>
	withErrorPage(async () => ({
		view: await viewOf({ locals, url }),
		key: randomUUID(),
		reports: await listReports(locals.db, signedIn(locals))
	}));

const readMake = formReader({
	key: uuid,
	to: day,
	months: Type.String({ pattern: `^(${REPORT_MONTHS.join('|')})$` })
});
const readDrop = formReader({ report: uuid });

export const actions: Actions = {
	make: ({ request, locals }) =>
		withFormError(async () => {
			const { key, to, months } = await readMake(request);
			const { db, timeZone, now } = locals;
			const input = { key, to, months: Number(months) };
			const id = await createReport(db, signedIn(locals), input, isoDay(now, timeZone), now);
			redirect(303, `/desk/workforce/report/${id}`);
		}),

	drop: ({ request, locals }) =>
		withFormError(async () => {
			const { report } = await readDrop(request);
			await deleteReport(locals.db, signedIn(locals), report, locals.now);
			return { dropped: true };
		})
};
