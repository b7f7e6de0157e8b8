import { API_OPERATIONS } from '$lib/core/platform/api/operations';
import { apiHandler } from '$lib/server/platform/api/api-handler';
import { changeByProgram, readPerson } from '$lib/server/platform/api/people-api';

export const GET = apiHandler(API_OPERATIONS.getPerson, readPerson);
export const PUT = apiHandler(API_OPERATIONS.changePerson, changeByProgram);
