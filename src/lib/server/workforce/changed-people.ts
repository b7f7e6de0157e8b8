import { sql, type SQL } from 'drizzle-orm';
import { BASE_CODES } from '../../core/workforce/cells-before';
import { FIGURE_CODES, GROUPINGS } from '../../core/workforce/codes';
import { STEP_COUNTED_AFTER_DAYS } from '../../core/workforce/plan-step-codes';
import type { ChangedPerson, CountedState } from '../../core/workforce/people-to-renew';
import type { Db } from '../platform/db/client';
import { codesOfRow } from './read-tally';
import { STATE_COLUMNS, statesOn } from './states-on';
import { yieldToEventLoop } from '../platform/yield-to-event-loop';

/** A person whose published state is no longer true on a day. */
export interface ChangedRow extends ChangedPerson {
	/** The person; null where they were erased. */
	readonly personId: string | null;
	/** Their published state, and the closing it is from; null where there is none. */
	readonly stateId: number | null;
	readonly asOf: string | null;
}

/** Groups of a row `r` in each dimension that is published: of the answers, then of who was asked. */
const GROUPS = [
	sql`r.team`,
	sql`r.country`,
	sql`coalesce(r.round_id::text, '')`,
	sql`r.sitting_style`,
	sql`r.questionnaire_mode`,
	sql`r.place`,
	sql`to_char(r.answered_on, 'YYYY "Q"Q')`,
	sql`coalesce(r.sent_round_id::text, '')`,
	sql`r.sent_sitting_style`,
	sql`r.sent_questionnaire_mode`,
	sql`to_char(r.sent_on, 'YYYY "Q"Q')`
];

const when = (condition: SQL, code: string) => sql`case when ${condition} then ${code}::text end`;

/** Everything counted of a row `r`: of the answers only where there are any. Complements are counted too, as figures show their parts. */
const codesOf = (until: SQL) => sql`case when r.first_on is null then '{}' else ${codesOfRow(until)} end
	|| array_remove(array[${when(sql`r.first_on is not null`, BASE_CODES.answered)}, ${when(sql`r.sent_on is not null`, BASE_CODES.asked)},
		${when(sql`r.sent_answered_on is not null`, FIGURE_CODES.answered)},
		${when(sql`r.first_on is not null and r.heights <> 'off'`, FIGURE_CODES.well)},
		${when(sql`r.first_on is not null and r.heights_after <> 'off'`, FIGURE_CODES.wellAfter)}], null)`;

/** What is counted of a row `r`, as text to compare. What is still open counts as changed at each closing, since more time has passed. */
const fingerprint = (until: SQL) =>
	sql`md5(row(${sql.raw(STATE_COLUMNS.map((name) => `r.${name}`).join(', '))}, case when (r.has_plan and r.carried_on is null)
		or (r.sent_on is not null and r.sent_answered_on is null) or (r.answered_on is not null and r.seen_on is null) then ${until} end,
		r.answered_on <= ${until} - ${STEP_COUNTED_AFTER_DAYS}::int)::text)`;

const listed = (until: SQL) =>
	sql`array[${sql.join(GROUPS, sql`, `)}] as groups, ${codesOf(until)} as codes, ${fingerprint(until)} as print`;

interface Row extends Record<string, unknown> {
	readonly personId: string | null;
	readonly stateId: string | null;
	readonly asOf: string | null;
	readonly before: readonly (string | null)[] | null;
	readonly beforeCodes: readonly string[] | null;
	readonly after: readonly (string | null)[] | null;
	readonly afterCodes: readonly string[] | null;
}

/** People read at once before other requests go on. Our assumption. */
const PART = 5000;

/** Texts that many rows share, kept once. */
function sharedTexts() {
	const known = new Map<string, string>();
	return (text: string): string => {
		const found = known.get(text);
		if (found !== undefined) return found;
		known.set(text, text);
		return text;
	};
}

/** Place of a grouping among the dimensions, counted from everyone: of those who answered, or of those asked. */
export function dimensionOf(by: (typeof GROUPINGS)[number] | null, isAsked: boolean): number {
	if (by === null) return 0;
	const place = GROUPINGS.indexOf(by);
	const asked = { round: 7, way: 8, route: 9, time: 10 } as const;
	return 1 + (isAsked && by in asked ? asked[by as keyof typeof asked] : place);
}

/**
 * Everyone whose published state is no longer true on a day. Cost: one pass over all states and observations; memory in proportion to the
 * people who changed.
 */
export async function readChangedPeople(db: Db, on: string): Promise<ChangedRow[]> {
	const { rows } = await db.execute<Row>(sql`
		with pub as (select r.id, r.person_id, r.as_of, ${listed(sql`r.as_of`)} from published_states r),
			cur as (select r.person_id, ${listed(sql`${on}::date`)} from (${statesOn(on)}) r)
		select coalesce(pub.person_id, cur.person_id) as "personId", pub.id as "stateId", pub.as_of::text as "asOf", pub.groups as before, pub.codes as "beforeCodes",
			cur.groups as after, cur.codes as "afterCodes"
		from pub full join cur on cur.person_id = pub.person_id where pub.print is distinct from cur.print`);
	const shared = sharedTexts();
	const state = (
		groups: readonly (string | null)[] | null,
		has: readonly string[] | null
	): CountedState | null =>
		groups && {
			groups: groups.map((group) => shared(group ?? '')),
			codes: [...new Set(has ?? [])].map(shared)
		};
	const changed: ChangedRow[] = [];
	for (const { personId, stateId, asOf, before, beforeCodes, after, afterCodes } of rows) {
		changed.push({
			personId,
			stateId: stateId === null ? null : Number(stateId),
			asOf,
			before: state(before, beforeCodes),
			after: state(after, afterCodes)
		});
		// Other requests go on meanwhile.
		if (changed.length % PART === 0) await yieldToEventLoop();
	}
	return changed;
}
