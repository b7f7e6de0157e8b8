import { API_OPERATIONS } from '$lib/core/api';
import { apiHandler } from '$lib/server/api/api-handler';
import { readResult } from '$lib/server/api/people-api';

export const GET = apiHandler(API_OPERATIONS.getResult, readResult);
