import { API_OPERATIONS } from '$lib/core/api';
import { apiHandler } from '$lib/server/api/api-handler';
import { readRoundByProgram } from '$lib/server/api/rounds-api';

export const GET = apiHandler(API_OPERATIONS.getRound, readRoundByProgram);
