import { API_OPERATIONS } from '$lib/core/api';
import { apiHandler } from '$lib/server/api/api-handler';
import { changeByProgram, readPerson } from '$lib/server/api/people-api';

export const GET = apiHandler(API_OPERATIONS.getPerson, readPerson);
export const PUT = apiHandler(API_OPERATIONS.changePerson, changeByProgram);
