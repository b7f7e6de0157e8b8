import { API_OPERATIONS } from '$lib/core/platform/api';
import { apiHandler } from '$lib/server/platform/api/api-handler';
import { pauseRoundByProgram } from '$lib/server/platform/api/rounds-api';
import { wakeJob } from '$lib/server/platform/runtime';

export const POST = apiHandler(API_OPERATIONS.pauseRound, async (call) => {
	const round = await pauseRoundByProgram(call);
	wakeJob('round');
	wakeJob('reminders');
	return round;
});
