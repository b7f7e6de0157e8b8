import { sql } from 'drizzle-orm';
import type { RecordedLook } from '../../core/workforce/look-agreement';
import type { Db } from '../platform/db/client';

/** The newest look of a coordinator at each person's workstation. Cost: the looks, by contacts_look_idx. */
export async function readLooks(db: Db): Promise<RecordedLook[]> {
	const { rows } = await db.execute<RecordedLook & Record<string, unknown>>(sql`
		select distinct on (c.person_id) c.saw, c.known from contacts c join people p on p.id = c.person_id
		where c.saw is not null and p.left_at is null order by c.person_id, c.at desc`);
	return rows;
}
