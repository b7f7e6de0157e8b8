import { and, eq, sql } from 'drizzle-orm';
import type { YearBudget } from '../../../core/plan/equipment/year-budget';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import { organisationZone } from '../../platform/organisation/organisation-zone';
import { parseCents } from '../../workforce/prices';

const { equipmentBudgets } = schema;

interface SumsRow extends Record<string, unknown> {
	readonly spent: string;
	readonly promised: string;
	readonly notCounted: number;
}

/**
 * The budget of a year. Items from stock cost nothing. Cost: one pass over requests of the year by equipment_requests_board_idx.
 * @param currency that of the prices, where no budget was set
 */
export async function readYearBudget(
	db: Db,
	actor: Actor,
	year: number,
	currency: string
): Promise<YearBudget> {
	requirePermission(actor, 'equipment:read');
	const [set] = await db.select().from(equipmentBudgets).where(eq(equipmentBudgets.year, year));
	const counted = set?.currency ?? currency;
	const { rows } = await db.execute<SumsRow>(sql`
		with bought as (select e.state, e.cost_cents, e.currency, p.cents as price, p.currency as price_currency
			from equipment_requests e left join purchase_prices p on p.purchase = e.purchase
			where not e.from_store and (e.state = 'approved' or (e.state in ('ordered', 'sent', 'arrived', 'returned')
				and extract(year from e.changed_at at time zone ${organisationZone}) = ${year})))
		select coalesce(sum(cost_cents) filter (where state <> 'approved' and currency = ${counted}), 0)::bigint as spent,
			coalesce(sum(price) filter (where state = 'approved' and price_currency = ${counted}), 0)::bigint as promised,
			(count(*) filter (where case when state = 'approved' then price_currency else currency end is distinct from ${counted}))::int as "notCounted"
		from bought`);
	const [sums] = rows;
	return {
		year,
		budgetCents: set?.cents ?? null,
		currency: counted,
		spentCents: Number(sums?.spent ?? 0),
		promisedCents: Number(sums?.promised ?? 0),
		notCounted: sums?.notCounted ?? 0,
		version: set?.version ?? 0
	};
}

/** A budget as typed. */
export interface TypedBudget {
	readonly year: number;
	readonly amount: string;
	readonly currency: string;
	readonly version: number;
}

/**
 * Sets the budget of a year; an empty amount takes it away.
 * @throws DomainError where the amount can't be read, or somebody else has set it meanwhile
 */
export async function setYearBudget(
	db: Db,
	actor: Actor,
	{ year, amount, currency, version }: TypedBudget,
	now: Date
): Promise<void> {
	requirePermission(actor, 'prices:set');
	const cents = parseCents(amount);
	await inTransaction(db, async (tx) => {
		const mine = and(eq(equipmentBudgets.year, year), eq(equipmentBudgets.version, version));
		const changed =
			cents === null
				? await tx.delete(equipmentBudgets).where(mine).returning({ year: equipmentBudgets.year })
				: version === 0
					? await tx
							.insert(equipmentBudgets)
							.values({ year, cents, currency })
							.onConflictDoNothing()
							.returning({ year: equipmentBudgets.year })
					: await tx
							.update(equipmentBudgets)
							.set({ cents, currency, version: version + 1 })
							.where(mine)
							.returning({ year: equipmentBudgets.year });
		if (cents === null && version === 0) return;
		if (changed.length === 0) throw new DomainError('conflict', 'yearBudgetChanged');
		await writeAuditLine(tx, actor, { at: now, act: 'budget-set', detail: { year } });
	});
}
