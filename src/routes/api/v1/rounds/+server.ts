import { API_OPERATIONS } from '$lib/core/platform/api/operations';
import { apiHandler } from '$lib/server/platform/api/api-handler';
import { makeRoundByProgram, roundsPage } from '$lib/server/platform/api/rounds-api';

export const GET = apiHandler(API_OPERATIONS.listRounds, roundsPage);
export const POST = apiHandler(API_OPERATIONS.makeRound, makeRoundByProgram);
