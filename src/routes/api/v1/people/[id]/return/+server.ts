import { API_OPERATIONS } from '$lib/core/api';
import { apiHandler } from '$lib/server/api/api-handler';
import { returnByProgram } from '$lib/server/api/people-api';

export const POST = apiHandler(API_OPERATIONS.returnPerson, returnByProgram);
