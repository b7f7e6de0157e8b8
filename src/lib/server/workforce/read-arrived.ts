import { sql } from 'drizzle-orm';
import type { ArrivedEquipment } from '../../core/workforce/purchase-results';
import type { PurchaseId } from '../../core/plan/purchases';
import type { Db } from '../platform/db/client';
import { organisationZone } from '../platform/organisation/organisation-zone';

interface Row extends Record<string, unknown> {
	readonly purchases: readonly PurchaseId[];
	readonly before: string | null;
	readonly now: string | null;
	readonly cents: string | null;
	readonly isPriced: boolean;
	readonly currency: string | null;
	readonly currencies: string;
}

/**
 * Everybody for whom equipment has arrived, with their heights before the first item and now. Items that take away no height problem, such
 * as a lamp, are left out. Cost: one look-up by observations_person_idx for each of them, twice.
 */
export async function readArrivedEquipment(
	db: Db,
	purchases: readonly PurchaseId[]
): Promise<ArrivedEquipment[]> {
	const { rows } = await db.execute<Row>(sql`
		with got as (select a.person_id, array_agg(distinct e.purchase) as purchases, min((e.changed_at at time zone ${organisationZone})::date) as first_on,
				sum(case when e.from_store then 0 else e.cost_cents end)::bigint as cents, bool_and(e.from_store or e.cost_cents is not null) as priced,
				max(case when not e.from_store then e.currency end) as currency,
				count(distinct case when not e.from_store and e.cost_cents is not null then e.currency end) as currencies
			from equipment_requests e join assessments a on a.id = e.assessment_id join people p on p.id = a.person_id
			where e.state = 'arrived' and p.left_at is null and e.purchase = any(${sql.param([...purchases])}::text[]) group by a.person_id)
		select got.purchases, got.cents, got.priced as "isPriced", got.currency, got.currencies, b.heights as before, n.heights as now
		from got
		join lateral (select o.heights from observations o where o.person_id = got.person_id and o.on_day < got.first_on
			order by o.id desc limit 1) b on true
		join lateral (select o.heights from observations o where o.person_id = got.person_id order by o.id desc limit 1) n on true`);
	return rows.map((row) => ({
		purchases: row.purchases,
		hadProblem: row.before === 'off',
		hasProblem: row.now === 'off',
		// Two currencies for one person make no sum.
		paid:
			row.isPriced && Number(row.currencies) <= 1
				? { cents: Number(row.cents ?? 0), currency: row.currency ?? '' }
				: null
	}));
}
