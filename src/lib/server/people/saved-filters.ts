import { and, asc, eq } from 'drizzle-orm';
import { requirePermission } from '../platform/access/require-permission';
import type { Actor } from '../platform/actor';
import { schema, type Db } from '../platform/db/client';

const { savedFilters } = schema;

export async function savedFiltersOf(db: Db, actor: Actor) {
	const { id } = requirePermission(actor, 'people:read');
	return db
		.select({ id: savedFilters.id, name: savedFilters.name, query: savedFilters.query })
		.from(savedFilters)
		.where(eq(savedFilters.userId, id))
		.orderBy(asc(savedFilters.name))
		.limit(50);
}

/** Saves a filter under a name; an existing name gets the new filter. */
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

export async function deleteFilter(db: Db, actor: Actor, filterId: string): Promise<void> {
	const { id } = requirePermission(actor, 'people:read');
	await db.delete(savedFilters).where(and(eq(savedFilters.id, filterId), eq(savedFilters.userId, id)));
}
