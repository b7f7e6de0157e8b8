import { API_OPERATIONS } from '$lib/core/platform/api/operations';
import { apiHandler } from '$lib/server/platform/api/api-handler';
import { readRoundByProgram } from '$lib/server/platform/api/rounds-api';

export const GET = apiHandler(API_OPERATIONS.getRound, readRoundByProgram);
