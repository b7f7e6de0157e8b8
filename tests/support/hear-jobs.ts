import pg from 'pg';
import { CHANNEL, publishChange } from '$lib/server/platform/live/changes';
import { openDatabase } from '$lib/server/platform/db/client';

/** Any topic: what was sent before it has been heard with it. */
const LAST = 'desk';

/**
 * Hears which jobs are queued.
 * @returns the names so far; `stop` ends once everything committed before has been heard
 */
export async function hearJobs(url: string): Promise<{ readonly jobs: string[]; stop(): Promise<void> }> {
	const client = new pg.Client({ connectionString: url });
	const jobs: string[] = [];
	let isStopping = false;
	let heardLast = () => {};
	client.on('notification', ({ payload }) => {
		if (payload?.startsWith('job:')) jobs.push(payload.slice('job:'.length));
		if (payload === LAST && isStopping) heardLast();
	});
	await client.connect();
	await client.query(`listen ${CHANNEL}`);
	const stop = async () => {
		isStopping = true;
		const heard = new Promise<void>((resolve) => (heardLast = resolve));
		const { db, pool } = openDatabase(url);
		await publishChange(db, LAST);
		await heard;
		await pool.end();
		await client.end();
	};
	return { jobs, stop };
}
