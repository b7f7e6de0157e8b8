import { sql, type SQL } from 'drizzle-orm';
import { CHECK_IDS } from '../../core/checks';
import { FIGURE_CODES, gapCode, type Grouping, type CrossTable, type Tally } from '../../core/workforce';
import type { Db } from '../db/client';
import { CARRIED_OUT_SQL, REPORTED_AGAIN_SQL } from './read-changes';
import { crossTableKey, crossTableOf } from './cross-table-key';
import { groupKey, snapshotRows, type Snapshot } from './snapshot';

/** Which checks have a gap at first and now, one bit each: a number takes a tenth of the time of a list. */
const COMPARED = sql.join(
	CHECK_IDS.map(
		(_, i) =>
			sql`((o.gaps_mm[${sql.raw(String(i + 1))}] is not null and o.first_gaps_mm[${sql.raw(String(i + 1))}] is not null)::int << ${sql.raw(String(i))})`
	),
	sql` | `
);

/** What is counted: the columns in which rows are alike, and the codes of those rows. */
const COUNTED = {
	discomfort: {
		alike: sql`o.discomfort, case when o.reported_on > o.first_reported_on then o.first_discomfort end as first_discomfort`,
		codes: sql`o.discomfort || array_remove(array[case when cardinality(o.discomfort) > 0 then ${FIGURE_CODES.hurts} end], null)
			|| case when o.first_discomfort is null then '{}' else array_remove(array[${FIGURE_CODES.again},
					case when cardinality(o.first_discomfort) > 0 then ${FIGURE_CODES.first} end,
					case when cardinality(o.discomfort) > 0 then ${FIGURE_CODES.now} end,
					case when cardinality(o.first_discomfort) > 0 and cardinality(o.discomfort) > 0 then ${FIGURE_CODES.both} end], null)
				|| array(select ${FIGURE_CODES.now} || ' ' || c from unnest(o.discomfort) c where c !~ '[:/]')
				|| array(select ${FIGURE_CODES.first} || ' ' || c from unnest(o.first_discomfort) c where c !~ '[:/]')
				|| array(select ${FIGURE_CODES.both} || ' ' || c from unnest(o.first_discomfort) c where c !~ '[:/]' and c = any(o.discomfort)) end`
	},
	findings: {
		alike: sql`o.findings, o.on_day > o.first_on as twice, ${COMPARED} as compared`,
		codes: sql`o.findings || array_remove(array[case when cardinality(o.findings) > 0 then ${FIGURE_CODES.found} end,
				case when o.twice then ${FIGURE_CODES.twice} end], null)
			|| case when o.twice then array(select (${sql.param(CHECK_IDS.map(gapCode))}::text[])[i] from generate_series(1, ${CHECK_IDS.length}) i
				where o.compared & (1 << (i - 1)) <> 0) else '{}' end`
	},
	needs: {
		alike: sql`o.stays_open, o.needs`,
		codes: sql`o.needs || array_remove(array[case when o.stays_open then ${FIGURE_CODES.open} end,
			case when o.stays_open and cardinality(o.needs) > 0 then ${FIGURE_CODES.closable} end], null)`
	},
	help: {
		alike: sql`o.reported_on > o.first_reported_on as again, ${REPORTED_AGAIN_SQL} as planned, ${CARRIED_OUT_SQL} as done`,
		codes: sql`array_remove(array[case when o.again then ${FIGURE_CODES.again} end, case when o.planned then ${FIGURE_CODES.planned} end,
			case when o.planned and o.done then ${FIGURE_CODES.done} end], null)`
	},
	crossed: {
		alike: sql`o.discomfort, o.findings, o.stays_open, o.needs, o.reported_on > o.first_reported_on as again, ${REPORTED_AGAIN_SQL} as planned, ${CARRIED_OUT_SQL} as done`,
		codes: sql`o.findings || o.needs || array(select c from unnest(o.discomfort) c where c !~ '[:/]')
			|| array_remove(array[case when cardinality(o.discomfort) > 0 then ${FIGURE_CODES.hurts} end,
				case when cardinality(o.findings) > 0 then ${FIGURE_CODES.found} end, case when o.stays_open then ${FIGURE_CODES.open} end,
				case when o.stays_open and cardinality(o.needs) > 0 then ${FIGURE_CODES.closable} end, case when o.again then ${FIGURE_CODES.again} end,
				case when o.planned then ${FIGURE_CODES.planned} end, case when o.planned and o.done then ${FIGURE_CODES.done} end], null)`
	}
} as const satisfies Record<string, { alike: SQL; codes: SQL }>;

/** Columns by position: the key, and those in which rows are alike. */
const groupedBy = (of: CountedOf) =>
	({
		discomfort: '1, 2, 3',
		findings: '1, 2, 3, 4',
		needs: '1, 2, 3',
		help: '1, 2, 3, 4',
		crossed: '1, 2, 3, 4, 5, 6, 7, 8'
	})[of];

/** What can be counted. */
type CountedOf = keyof typeof COUNTED;

/**
 * Counts codes in every group of a dimension; without one, in a single group of everyone. Cost: one pass over the snapshot, and one over
 * the codes of distinct rows.
 */
export function readTally(db: Db, snapshot: Snapshot, of: CountedOf, by: Grouping | null): Promise<Tally> {
	return readCounts(db, snapshot, of, by === null ? sql`''` : groupKey(by));
}

/** Memory for a grid's distinct rows, some ten thousand for a hundred thousand people: PostgreSQL's default of 4 MB would spill to disk. */
const GRID_MEMORY = '32MB';

/**
 * Counts all codes published where two filters act together, in every cell of teams and another dimension; same cost as {@link readTally}.
 */
export function readGrid(db: Db, snapshot: Snapshot, by: Grouping): Promise<CrossTable> {
	return db.transaction(async (tx) => {
		await tx.execute(sql.raw(`set local work_mem = '${GRID_MEMORY}'`));
		return crossTableOf(
			await readCounts(tx, snapshot, 'crossed', crossTableKey(groupKey('team'), groupKey(by)))
		);
	});
}

async function readCounts(db: Db, snapshot: Snapshot, of: CountedOf, key: SQL): Promise<Tally> {
	const { alike, codes } = COUNTED[of];
	const { rows } = await db.execute<{ key: string; code: string; n: number }>(sql`
		with o as materialized (select key, n, ${codes} as codes from (
			select *, count(*)::int as n from (select ${key} as key, ${alike} from ${snapshotRows(snapshot)}) each
			group by ${sql.raw(groupedBy(of))}) o)
		select key, '' as code, sum(n)::int as n from o group by key
		union all select key, code, sum(n)::int from o, unnest(codes) as code group by key, code`);
	const groups = [...new Set(rows.map((row) => row.key))].sort();
	const place = new Map(groups.map((group, i) => [group, i]));
	const counts: Record<string, number[]> = {};
	const people = groups.map(() => 0);
	for (const { key: group, code, n } of rows) {
		const at = place.get(group) ?? 0;
		if (code === '') people[at] = n;
		else (counts[code] ??= groups.map(() => 0))[at] = n;
	}
	return { groups, people, counts };
}
