import { sql, type SQL } from 'drizzle-orm';
import type { TimeToEvent } from '../../core/workforce/statistics/kaplan-meier';
import { FIGURE_CODES, type Grouping } from '../../core/workforce/codes';
import type { Tally } from '../../core/workforce/figures';
import type { Db } from '../platform/db/client';
import { organisationZone } from '../platform/organisation/organisation-zone';
import { crossTableKey } from './cross-table-key';
import { ASKED_WITHIN_DAYS, hadLeftBy, publishedRows, type Snapshot } from './snapshot';

/** Groupings for people who have not answered: nothing else is known about them. */
export const ASKED_BY = [
	'team',
	'country',
	'round',
	'route',
	'way',
	'time'
] as const satisfies readonly Grouping[];

const KEY_OF = {
	team: sql`p.team`,
	country: sql`p.country`,
	round: sql`coalesce((select round_id::text from round_people where assessment_id = a.id limit 1), '')`,
	route: sql`a.questionnaire_mode`,
	way: sql`a.sitting_style`,
	time: sql`to_char(a.sent_at at time zone ${organisationZone}, 'YYYY "Q"Q')`
};

/**
 * The newest self-assessment sent to each person in the year before the closing day; without people who had left by then. Limited to a
 * year: people ever asked are those of the other figures plus those who never answered, who may be few.
 */
function asked(snapshot: Snapshot): SQL {
	const end = sql`((${snapshot.on}::date + 1)::timestamp at time zone ${organisationZone})`;
	// Few columns, since the sort by person should be as narrow as possible.
	return sql`(select distinct on (s.person_id) s.id, s.person_id, s.sent_at, s.answered_at, s.sitting_style, s.questionnaire_mode from assessments s
			where s.place_of is null and s.sent_at < ${end} and s.sent_at >= ${end} - make_interval(days => ${ASKED_WITHIN_DAYS}) order by s.person_id, s.sent_at desc) a
		join people p on p.id = a.person_id where not ${hadLeftBy(sql`a.person_id`, snapshot)}`;
}

/** The text by which people who were asked are grouped, in what is published of them. */
const PUBLISHED_KEY_OF = {
	team: sql`o.team`,
	country: sql`o.country`,
	round: sql`coalesce(o.sent_round_id::text, '')`,
	route: sql`o.sent_questionnaire_mode`,
	way: sql`o.sent_sitting_style`,
	time: sql`to_char(o.sent_on, 'YYYY "Q"Q')`
};

type AskedBy = (typeof ASKED_BY)[number];

/** One row for each person asked: their group, whether they answered, and the days until then or until they were last looked at. */
function askedRows(snapshot: Snapshot, by: AskedBy | null, isByTeam: boolean): SQL {
	const keys = snapshot.isLive ? KEY_OF : PUBLISHED_KEY_OF;
	const own = by === null ? sql`''` : keys[by];
	const key = isByTeam ? crossTableKey(keys.team, own) : own;
	if (!snapshot.isLive)
		return sql`select ${key} as key, o.sent_on as sent, o.sent_answered_on as answered, o.as_of as until
			from ${publishedRows(snapshot.on)} and o.sent_on is not null`;
	const day = (column: 'answered_at' | 'sent_at') =>
		sql`(a.${sql.raw(column)} at time zone ${organisationZone})::date`;
	return sql`select ${key} as key, ${day('sent_at')} as sent, ${day('answered_at')} as answered, ${snapshot.on}::date as until
		from ${asked(snapshot)}`;
}

/** Who was asked and has answered, by group, and how many days it took. */
export interface AnswerRates {
	readonly tally: Tally;
	readonly spells: readonly TimeToEvent[];
}

/**
 * How many were asked and have answered, by group or in a grid of team and group, with the days from the email to the answer; people
 * without an answer are observed until the closing day. Cost: one pass over the self-assessments; the result grows with groups and days.
 */
export async function readAnswerRates(
	db: Db,
	snapshot: Snapshot,
	by: AskedBy | null,
	isByTeam = false
): Promise<AnswerRates> {
	const { rows } = await db.execute<{ key: string; event: boolean; time: number; n: number }>(sql`
		select key, event, greatest(0, case when event then answered else until end - sent)::int as time, count(*)::int as n
		from (select *, coalesce(answered <= until, false) as event from (${askedRows(snapshot, by, isByTeam)}) r) t
		group by 1, 2, 3`);
	const groups = [...new Set(rows.map(({ key }) => key))].sort();
	const people = groups.map(() => 0);
	const answered = groups.map(() => 0);
	for (const { key, event, n } of rows) {
		const at = groups.indexOf(key);
		people[at] = (people[at] ?? 0) + n;
		if (event) answered[at] = (answered[at] ?? 0) + n;
	}
	return {
		tally: { groups, people, counts: { [FIGURE_CODES.answered]: answered } },
		spells: rows.map(({ time, event, n }) => ({ time, event, count: n }))
	};
}
