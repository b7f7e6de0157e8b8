import { redirect } from '@sveltejs/kit';
import { Type } from 'typebox';
import { isEmergency, redFlagNamed, EMERGENCY_CLEARANCES } from '$lib/core/cases/discomfort/red-flags';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { text } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import { clearEmergency, openEmergencyFlags } from '$lib/server/cases/warning-signs/clear-emergency';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params }) =>
	withErrorPage(async () => {
		const { actor } = await openAssessment(locals.db, params.token);
		const signs = await openEmergencyFlags(locals.db, actor.personId);
		// Nothing stops them any more: an outcome was recorded, or it was lifted on another device.
		if (signs.length === 0) redirect(303, `/c/${params.token}`);
		return { signs };
	});

const read = formReader({ how: Type.Enum(EMERGENCY_CLEARANCES), signs: Type.Optional(text(400)) });

export const actions: Actions = {
	lift: async ({ request, locals, params }) => {
		const failed = await withFormError(async () => {
			const { how, signs = '' } = await read(request);
			const known = signs.split(',').flatMap((one) => {
				const sign = redFlagNamed(one);
				return sign && isEmergency(sign) ? [sign] : [];
			});
			await clearEmergency(locals.db, await openAssessment(locals.db, params.token), how, known, locals.now);
			return null;
		});
		if (failed) return failed;
		redirect(303, `/c/${params.token}`);
	}
};
