import { API_OPERATIONS } from '$lib/core/api';
import { apiHandler } from '$lib/server/api/api-handler';
import { startRoundByProgram } from '$lib/server/api/rounds-api';
import { wakeJob } from '$lib/server/runtime';

export const POST = apiHandler(API_OPERATIONS.startRound, async (call) => {
	const round = await startRoundByProgram(call);
	wakeJob('round');
	return round;
});
