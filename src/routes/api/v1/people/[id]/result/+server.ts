import { API_OPERATIONS } from '$lib/core/platform/api/operations';
import { apiHandler } from '$lib/server/platform/api/api-handler';
import { readResult } from '$lib/server/platform/api/people-api';

export const GET = apiHandler(API_OPERATIONS.getResult, readResult);
