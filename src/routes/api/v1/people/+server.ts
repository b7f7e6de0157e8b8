import { API_OPERATIONS } from '$lib/core/platform/api/operations';
import { apiHandler } from '$lib/server/platform/api/api-handler';
import { addByProgram, peoplePage } from '$lib/server/platform/api/people-api';

export const GET = apiHandler(API_OPERATIONS.listPeople, peoplePage);
export const POST = apiHandler(API_OPERATIONS.addPerson, addByProgram);
