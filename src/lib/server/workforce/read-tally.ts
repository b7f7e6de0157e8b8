import { sql, type SQL } from 'drizzle-orm';
import { CHECK_IDS } from '../../core/workstation/checks/check-values';
import { FIGURE_CODES, FIRST_CHOICE, gapCode, SETTLED_DAYS, type Grouping } from '../../core/workforce/codes';
import { STEP_COUNTED_AFTER_DAYS } from '../../core/workforce/plan-step-codes';
import type { CrossTable } from '../../core/workforce/cross-tables';
import type { Tally } from '../../core/workforce/figures';
import type { Db } from '../platform/db/client';
import { inTransaction } from '../platform/db/transaction';
import { CARRIED_OUT_SQL, REPORTED_AGAIN_SQL } from './read-changes';
import { crossTableKey, crossTableOf } from './cross-table-key';
import { groupKey, observedUntil, snapshotRows, type Snapshot } from './snapshot';

/** Which checks have a gap at first and now, one bit each: a number takes a tenth of the time of a list. */
const COMPARED = sql.join(
	CHECK_IDS.map(
		(_, i) =>
			sql`((o.gaps_mm[${sql.raw(String(i + 1))}] is not null and o.first_gaps_mm[${sql.raw(String(i + 1))}] is not null)::int << ${sql.raw(String(i))})`
	),
	sql` | `
);

/** A code where a condition holds, in a list of codes. */
const when = (condition: SQL, code: string) => sql`case when ${condition} then ${code}::text end`;

const HEIGHTS_SQL = sql`array_remove(array[${when(sql`o.heights = 'off'`, FIGURE_CODES.problem)},
	${when(sql`o.heights = 'unsure'`, FIGURE_CODES.unknown)}], null)`;

const AFTER_SQL = sql`o.helped_by || array(select ${FIRST_CHOICE} || c from unnest(o.first_choice) c)
	|| array_remove(array[${when(sql`o.heights_after = 'off'`, FIGURE_CODES.open)},
		${when(sql`o.heights_after = 'unsure'`, FIGURE_CODES.unknownAfter)},
		${when(sql`cardinality(o.helped_by) > 0`, FIGURE_CODES.closable)}], null)`;

/** Whether a plan for the newest answers was in place six weeks before a day or earlier, and still is. */
const settledSql = (until: SQL) =>
	sql`coalesce(o.first_carried_on <= ${until} - ${SETTLED_DAYS}::int and o.answered_on <= o.first_carried_on, false) as settled, o.carried_on is not null as stands`;

const HELP_SQL = sql`array_remove(array[${when(sql`o.again`, FIGURE_CODES.again)}, ${when(sql`o.planned`, FIGURE_CODES.planned)},
	${when(sql`o.planned and o.done`, FIGURE_CODES.done)}, ${when(sql`o.settled`, FIGURE_CODES.settled)},
	${when(sql`o.settled and o.stands`, FIGURE_CODES.stands)}], null)`;

/** Whether people had time to carry out a plan for their newest answers. */
const isStepCounted = (until: SQL) => sql`o.answered_on <= ${until} - ${STEP_COUNTED_AFTER_DAYS}::int`;

/** What is counted: the columns in which rows are alike, and the codes of those rows. @param until the day until which a row was observed */
const countedAt = (until: SQL) =>
	({
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
			alike: sql`o.findings, o.on_day > o.first_on as twice, ${COMPARED} as compared, o.heights`,
			codes: sql`o.findings || ${HEIGHTS_SQL} || array_remove(array[case when cardinality(o.findings) > 0 then ${FIGURE_CODES.found} end,
				case when o.twice then ${FIGURE_CODES.twice} end], null)
			|| case when o.twice then array(select (${sql.param(CHECK_IDS.map(gapCode))}::text[])[i] from generate_series(1, ${CHECK_IDS.length}) i
				where o.compared & (1 << (i - 1)) <> 0) else '{}' end`
		},
		needs: {
			alike: sql`o.heights_after, o.helped_by, o.first_choice`,
			codes: AFTER_SQL
		},
		help: {
			alike: sql`o.reported_on > o.first_reported_on as again, ${REPORTED_AGAIN_SQL} as planned, ${CARRIED_OUT_SQL} as done, ${settledSql(until)}`,
			codes: HELP_SQL
		},
		steps: {
			alike: sql`o.plan_steps, ${isStepCounted(until)} as counted`,
			codes: sql`case when o.counted then o.plan_steps else array(select c from unnest(o.plan_steps) c where c !~ '^(step|done) ') end`
		},
		crossed: {
			alike: sql`o.discomfort, o.findings, o.heights, o.heights_after, o.helped_by, o.first_choice, o.reported_on > o.first_reported_on as again,
			${REPORTED_AGAIN_SQL} as planned, ${CARRIED_OUT_SQL} as done, ${settledSql(until)}`,
			codes: sql`o.findings || ${HEIGHTS_SQL} || ${AFTER_SQL} || ${HELP_SQL} || array(select c from unnest(o.discomfort) c where c !~ '[:/]')
			|| array_remove(array[${when(sql`cardinality(o.discomfort) > 0`, FIGURE_CODES.hurts)},
				${when(sql`cardinality(o.findings) > 0`, FIGURE_CODES.found)}], null)`
		}
	}) as const satisfies Record<string, { alike: SQL; codes: SQL }>;

/** Columns by position: the key, and those in which rows are alike. */
const groupedBy = (of: CountedOf) =>
	({
		discomfort: '1, 2, 3',
		findings: '1, 2, 3, 4, 5',
		needs: '1, 2, 3, 4',
		help: '1, 2, 3, 4, 5, 6',
		steps: '1, 2, 3',
		crossed: '1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12'
	})[of];

export type CountedOf = keyof ReturnType<typeof countedAt>;

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
	return inTransaction(db, async (tx) => {
		await tx.execute(sql.raw(`set local work_mem = '${GRID_MEMORY}'`));
		return crossTableOf(
			await readCounts(tx, snapshot, 'crossed', crossTableKey(groupKey('team'), groupKey(by)))
		);
	});
}

/** What is counted of each row of a table or subselect `r`, all kinds together: an array of codes. @param until the day until which it was observed */
export function codesOfRow(until: SQL): SQL {
	const counted = countedAt(until);
	return sql.join(
		(['discomfort', 'findings', 'needs', 'help', 'steps'] as const).map(
			(of) => sql`(select ${counted[of].codes} from (select ${counted[of].alike} from (select r.*) o) o)`
		),
		sql` || `
	);
}

async function readCounts(db: Db, snapshot: Snapshot, of: CountedOf, key: SQL): Promise<Tally> {
	const { alike, codes } = countedAt(observedUntil(snapshot))[of];
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
