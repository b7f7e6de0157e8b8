import { API_OPERATIONS } from '$lib/core/platform/api/operations';
import { apiHandler } from '$lib/server/platform/api/api-handler';
import { startRoundByProgram } from '$lib/server/platform/api/rounds-api';

export const POST = apiHandler(API_OPERATIONS.startRound, startRoundByProgram);
