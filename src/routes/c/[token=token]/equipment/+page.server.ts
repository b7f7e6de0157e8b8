import { EYE_TEST } from '$lib/core/plan/equipment';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { requestEquipment } from '$lib/server/questionnaire/assessments/request-equipment';
import { equipmentItem } from '$lib/server/plan/equipment/item-field';
import {
	DELIVERY_ADDRESS_LENGTH,
	ownRequests,
	setDeliveryAddress
} from '$lib/server/plan/equipment/own-requests';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { text } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params }) =>
	withErrorPage(async () => {
		const open = await openAssessment(locals.db, params.token);
		return ownRequests(locals.db, open);
	});

const readAddress = formReader({ deliverTo: text(DELIVERY_ADDRESS_LENGTH) });
const readItem = formReader({ purchase: equipmentItem });

export const actions: Actions = {
	deliver: ({ request, locals, params }) =>
		withFormError(async () => {
			const { deliverTo } = await readAddress(request);
			const open = await openAssessment(locals.db, params.token);
			await setDeliveryAddress(locals.db, open, deliverTo);
			return { isSaved: true };
		}),

	/** An eye test; equipment is asked for where the plan says what it helps with. */
	ask: ({ locals, params }) =>
		withFormError(async () => {
			const open = await openAssessment(locals.db, params.token);
			await requestEquipment(locals.db, open, { purchase: EYE_TEST, wanted: true }, locals.now);
		}),

	withdraw: ({ request, locals, params }) =>
		withFormError(async () => {
			const { purchase } = await readItem(request);
			const open = await openAssessment(locals.db, params.token);
			await requestEquipment(locals.db, open, { purchase, wanted: false }, locals.now);
		})
};
