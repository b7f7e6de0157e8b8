import { redirect } from '@sveltejs/kit';
import { Type } from 'typebox';
import { isEmergency, signNamed, LIFT_WAYS } from '$lib/core/discomfort';
import { openAssessment } from '$lib/server/assessments/open-assessment';
import { orErrorPage, orFailedForm } from '$lib/server/http/answer-fault';
import { text } from '$lib/server/http/fields';
import { formReader } from '$lib/server/http/read-body';
import { liftSigns, stoppingSigns } from '$lib/server/warning-signs/lift-signs';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params }) =>
	orErrorPage(async () => {
		const { actor } = await openAssessment(locals.db, params.token);
		const signs = await stoppingSigns(locals.db, actor.personId);
		// Nothing stops them any more: an outcome was recorded, or it was lifted on another device.
		if (signs.length === 0) redirect(303, `/c/${params.token}`);
		return { signs };
	});

const read = formReader({ how: Type.Enum(LIFT_WAYS), signs: Type.Optional(text(400)) });

export const actions: Actions = {
	lift: async ({ request, locals, params }) => {
		const failed = await orFailedForm(async () => {
			const { how, signs = '' } = await read(request);
			const known = signs.split(',').flatMap((one) => {
				const sign = signNamed(one);
				return sign && isEmergency(sign) ? [sign] : [];
			});
			await liftSigns(locals.db, await openAssessment(locals.db, params.token), how, known, locals.now);
			return null;
		});
		if (failed) return failed;
		redirect(303, `/c/${params.token}`);
	}
};
