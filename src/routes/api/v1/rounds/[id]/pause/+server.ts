import { API_OPERATIONS } from '$lib/core/api';
import { apiHandler } from '$lib/server/api/api-handler';
import { pauseRoundByProgram } from '$lib/server/api/rounds-api';
import { wakeJob } from '$lib/server/runtime';

export const POST = apiHandler(API_OPERATIONS.pauseRound, async (call) => {
	const round = await pauseRoundByProgram(call);
	wakeJob('round');
	wakeJob('reminders');
	return round;
});
