import { API_OPERATIONS } from '$lib/core/api';
import { apiHandler } from '$lib/server/api/api-handler';
import { makeRoundByProgram, roundsPage } from '$lib/server/api/rounds-api';

export const GET = apiHandler(API_OPERATIONS.listRounds, roundsPage);
export const POST = apiHandler(API_OPERATIONS.makeRound, makeRoundByProgram);
