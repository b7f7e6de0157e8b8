import { API_OPERATIONS } from '$lib/core/platform/api';
import { apiHandler } from '$lib/server/platform/api/api-handler';
import { closeRoundByProgram } from '$lib/server/platform/api/rounds-api';
import { wakeJob } from '$lib/server/platform/runtime';

export const POST = apiHandler(API_OPERATIONS.closeRound, async (call) => {
	const round = await closeRoundByProgram(call);
	wakeJob('round');
	return round;
});
