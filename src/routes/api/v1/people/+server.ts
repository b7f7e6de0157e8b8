import { API_OPERATIONS } from '$lib/core/api';
import { apiHandler } from '$lib/server/api/api-handler';
import { addByProgram, peoplePage } from '$lib/server/api/people-api';

export const GET = apiHandler(API_OPERATIONS.listPeople, peoplePage);
export const POST = apiHandler(API_OPERATIONS.addPerson, addByProgram);
