import type { Db } from '../db/client';
import type { PostSigned } from '../webhooks/post-signed';
import { alertDeputies, tellWebhook } from './alert-deputies';
import { readWebhook } from './cover-settings';

/**
 * What is done each minute about emergencies that nobody opens.
 * @returns how many the deputy was alerted to
 */
export async function coverEmergencies(db: Db, post: PostSigned, clock: () => Date): Promise<number> {
	const alerted = await alertDeputies(db, clock());
	const webhook = await readWebhook(db);
	if (webhook) await tellWebhook(db, webhook, post, clock());
	return alerted;
}
