import { and, asc, eq } from 'drizzle-orm';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { schema, type Db } from '../db/client';

const { savedFilters } = schema;

/** The filters that a user has named. */
export async function savedFiltersOf(db: Db, actor: Actor) {
	const { id } = requirePermission(actor, 'people:read');
	return db
		.select({ id: savedFilters.id, name: savedFilters.name, query: savedFilters.query })
		.from(savedFilters)
		.where(eq(savedFilters.userId, id))
		.orderBy(asc(savedFilters.name))
		.limit(50);
}

/** Keeps a filter under a name; the same name again takes the new one. */
export async function saveFilter(
	db: Db,
	actor: Actor,
	input: { name: string; query: string }
): Promise<void> {
	const { id } = requirePermission(actor, 'people:read');
	await db
		.insert(savedFilters)
		.values({ userId: id, ...input })
		.onConflictDoUpdate({ target: [savedFilters.userId, savedFilters.name], set: { query: input.query } });
}

/** Removes a named filter. */
export async function deleteFilter(db: Db, actor: Actor, filterId: string): Promise<void> {
	const { id } = requirePermission(actor, 'people:read');
	await db.delete(savedFilters).where(and(eq(savedFilters.id, filterId), eq(savedFilters.userId, id)));
}
