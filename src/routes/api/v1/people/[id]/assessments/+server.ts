import { API_OPERATIONS } from '$lib/core/platform/api';
import { apiHandler } from '$lib/server/platform/api/api-handler';
import { sendByProgram } from '$lib/server/platform/api/people-api';
import { wakeJob } from '$lib/server/platform/runtime';

export const POST = apiHandler(API_OPERATIONS.sendAssessment, async (call) => {
	const sent = await sendByProgram(call);
	wakeJob('letters');
	return sent;
});
