import { sql } from 'drizzle-orm';
import type { RequestHandler } from './$types';

/** Whether this process and its database answer. */
export const GET: RequestHandler = async ({ locals }) => {
	try {
		await locals.db.execute(sql`select 1`);
		return new Response('ok');
	} catch {
		return new Response('The database does not answer.', { status: 503 });
	}
};
