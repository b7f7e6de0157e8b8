import { asc, eq } from 'drizzle-orm';
import type { Actor } from '../../platform/actor';
import { requirePermission } from '../../platform/access/require-permission';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';

const { crisisLines } = schema;

/** A crisis line that the organisation has set for a country. None is included: a number from memory may be wrong when it matters. */
export interface CrisisLine {
	readonly name: string;
	readonly phone: string;
}

/** The crisis line of a country; null where none is set. One key look-up. */
export async function crisisLineOf(db: Db, country: string): Promise<CrisisLine | null> {
	const [row] = await db
		.select({ name: crisisLines.name, phone: crisisLines.phone })
		.from(crisisLines)
		.where(eq(crisisLines.country, country));
	return row ?? null;
}

/** Every crisis line that is set, by country. */
export function readCrisisLines(db: Db, actor: Actor) {
	requirePermission(actor, 'settings:change');
	return db
		.select({ country: crisisLines.country, name: crisisLines.name, phone: crisisLines.phone })
		.from(crisisLines)
		.orderBy(asc(crisisLines.country));
}

export async function setCrisisLine(
	db: Db,
	actor: Actor,
	{ country, name, phone }: CrisisLine & { readonly country: string },
	now: Date
): Promise<void> {
	requirePermission(actor, 'settings:change');
	await inTransaction(db, async (tx) => {
		const line = { name: name.trim(), phone: phone.trim(), changedAt: now };
		await tx
			.insert(crisisLines)
			.values({ country, ...line })
			.onConflictDoUpdate({ target: crisisLines.country, set: line });
		await writeAuditLine(tx, actor, { at: now, act: 'crisis-line-set', detail: { country } });
	});
}

/** Removes the crisis line of a country: people there see only the emergency number. */
export async function removeCrisisLine(db: Db, actor: Actor, country: string, now: Date): Promise<void> {
	requirePermission(actor, 'settings:change');
	await inTransaction(db, async (tx) => {
		await tx.delete(crisisLines).where(eq(crisisLines.country, country));
		await writeAuditLine(tx, actor, { at: now, act: 'crisis-line-set', detail: { country } });
	});
}
