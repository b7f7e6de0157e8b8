import { API_OPERATIONS } from '$lib/core/platform/api/operations';
import { apiHandler } from '$lib/server/platform/api/api-handler';
import { leaveByProgram } from '$lib/server/platform/api/people-api';

export const POST = apiHandler(API_OPERATIONS.leavePerson, leaveByProgram);
