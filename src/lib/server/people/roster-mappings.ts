import { desc, eq } from 'drizzle-orm';
import type { ColumnMap } from '../../core/people/exchange/roster-fields';
import { requirePermission } from '../platform/access/require-permission';
import type { Actor } from '../platform/actor';
import { schema, type Db } from '../platform/db/client';

const { rosterMappings } = schema;

/** Most kinds of files remembered per user, newest first. */
const MOST_KEPT = 20;

/** Column mappings of the files that a user imported, by headings. */
export async function rosterMappingsOf(db: Db, actor: Actor) {
	const { id } = requirePermission(actor, 'people:change');
	return db
		.select({ headings: rosterMappings.headings, columns: rosterMappings.columns })
		.from(rosterMappings)
		.where(eq(rosterMappings.userId, id))
		.orderBy(desc(rosterMappings.at))
		.limit(MOST_KEPT);
}

/** Remembers a mapping with the act that used it. */
export async function saveRosterMapping(
	tx: Db,
	userId: string,
	{ headings, columns }: { readonly headings: string; readonly columns: ColumnMap },
	now: Date
): Promise<void> {
	await tx
		.insert(rosterMappings)
		.values({ userId, headings, columns, at: now })
		.onConflictDoUpdate({
			target: [rosterMappings.userId, rosterMappings.headings],
			set: { columns, at: now }
		});
}
