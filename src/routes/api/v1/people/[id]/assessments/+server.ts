import { API_OPERATIONS } from '$lib/core/api';
import { apiHandler } from '$lib/server/api/api-handler';
import { sendByProgram } from '$lib/server/api/people-api';
import { wakeJob } from '$lib/server/runtime';

export const POST = apiHandler(API_OPERATIONS.sendAssessment, async (call) => {
	const sent = await sendByProgram(call);
	wakeJob('letters');
	return sent;
});
