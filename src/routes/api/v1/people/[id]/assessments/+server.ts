import { API_OPERATIONS } from '$lib/core/platform/api/operations';
import { apiHandler } from '$lib/server/platform/api/api-handler';
import { sendByProgram } from '$lib/server/platform/api/people-api';

export const POST = apiHandler(API_OPERATIONS.sendAssessment, sendByProgram);
