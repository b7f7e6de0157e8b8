import { openApiDocument } from '$lib/core/platform/api/openapi';
import type { RequestHandler } from './$types';

/** The description of the API; it says nothing that a token would be needed for. */
export const GET: RequestHandler = ({ locals }) => Response.json(openApiDocument(locals.config.origin));
