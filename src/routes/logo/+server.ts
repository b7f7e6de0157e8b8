import { logoResponse } from '$lib/server/platform/organisation/logo-response';
import type { RequestHandler } from './$types';

/** The organisation's logo, public: reports and printed letters show it. */
export const GET: RequestHandler = ({ locals, request }) => logoResponse(locals.db, request);
