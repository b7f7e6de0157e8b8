import { sql } from 'drizzle-orm';
import type { AllPairs } from '../../core/workforce/associations';
import type { Db } from '../platform/db/client';
import { snapshotRows, type Snapshot } from './snapshot';

/**
 * Counts people with each finding and each complaint together. Cost: one pass over the snapshot, and for distinct rows the number of
 * findings times complaints.
 * @returns the pairs that occur, the number of people, and how many have any finding and any complaint
 */
export async function readPairs(db: Db, snapshot: Snapshot): Promise<AllPairs> {
	const { rows } = await db.execute<{ finding: string; region: string; n: number }>(sql`
		with rows as materialized (select findings, array(select c from unnest(discomfort) c where c !~ '[:/]') as regions, n
			from (select o.findings, o.discomfort, count(*)::int as n from ${snapshotRows(snapshot)} group by 1, 2) alike)
		select '' as finding, '' as region, sum(n)::int as n from rows
		union all select 'any', '', sum(n)::int from rows where cardinality(findings) > 0
		union all select '', 'any', sum(n)::int from rows where cardinality(regions) > 0
		union all select f, '', sum(n)::int from rows, unnest(findings) f group by f
		union all select '', r, sum(n)::int from rows, unnest(regions) r group by r
		union all select f, r, sum(n)::int from rows, unnest(findings) f, unnest(regions) r group by f, r`);
	const at = new Map(rows.map(({ finding, region, n }) => [`${finding} ${region}`, n]));
	return {
		n: at.get(' ') ?? 0,
		withAnyFinding: at.get('any ') ?? 0,
		withAnyRegion: at.get(' any') ?? 0,
		pairs: rows
			.filter(({ finding, region }) => finding !== '' && region !== '')
			.map(({ finding, region, n: both }) => ({
				finding,
				region,
				both,
				withFinding: at.get(`${finding} `) ?? 0,
				withRegion: at.get(` ${region}`) ?? 0
			}))
	};
}
