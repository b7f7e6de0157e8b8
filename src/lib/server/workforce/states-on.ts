import { getTableColumns, sql, type SQL } from 'drizzle-orm';
import { schema } from '../platform/db/client';
import { organisationZone } from '../platform/organisation/organisation-zone';
import { ASKED_WITHIN_DAYS, hadLeftBy } from './snapshot';

const { observations, publishedStates } = schema;

/** Columns that a published state has in common with an observation, by their name in the database. */
const COUNTED_COLUMNS = (() => {
	const own = new Set(Object.values(getTableColumns(publishedStates)).map(({ name }) => name));
	const notCounted = ['id', 'person_id'];
	return Object.values(getTableColumns(observations))
		.map(({ name }) => name)
		.filter((name) => own.has(name) && !notCounted.includes(name));
})();

/** Columns of a published state that are read from elsewhere, in the order of {@link statesOn}. */
const OTHER_COLUMNS = [
	'sent_on',
	'sent_round_id',
	'sent_sitting_style',
	'sent_questionnaire_mode',
	'sent_answered_on',
	'seen_on',
	'bought_on',
	'referred_on'
];

/** Everything that is counted of a person, as columns for an insert. */
export const STATE_COLUMNS: readonly string[] = [...COUNTED_COLUMNS, ...OTHER_COLUMNS];

/** What is counted of people who were asked and have not answered: nothing but that. */
const WITHOUT_ANSWER: Readonly<Record<string, string>> = {
	team: 'p.team',
	country: 'p.country',
	has_plan: 'false',
	discomfort: "'{}'",
	first_discomfort: "'{}'",
	findings: "'{}'",
	first_findings: "'{}'",
	gaps_mm: "'{}'",
	first_gaps_mm: "'{}'",
	heights: "'unsure'",
	heights_after: "'unsure'",
	helped_by: "'{}'",
	first_choice: "'{}'",
	plan_steps: "'{}'"
};

const counted = COUNTED_COLUMNS.map((name) => {
	const other = WITHOUT_ANSWER[name];
	return other === undefined ? `o.${name}` : `coalesce(o.${name}, ${other}) as ${name}`;
}).join(', ');

/**
 * The state of every person on a day, as a closing counts it: who has answered, or was asked in the year before, and had not left by then.
 * Cost: one pass over observations and self-assessments, and look-ups of items and referrals.
 * @param only whose state is read; everyone's where left out
 */
export function statesOn(on: string, only?: readonly string[]): SQL {
	const snapshot = { on };
	const end = sql`((${on}::date + 1)::timestamp at time zone ${organisationZone})`;
	const day = (column: string) => sql`(${sql.raw(column)} at time zone ${organisationZone})::date`;
	const upTo = (moment: SQL) => sql`case when ${moment} <= ${on}::date then ${moment} end`;
	const mine = (column: string) =>
		only ? sql`and ${sql.raw(column)} = any(${sql.param([...only])}::uuid[])` : sql``;
	return sql`select p.id as person_id, ${sql.raw(counted)},
			a.sent_on, a.sent_round_id, a.sent_sitting_style, a.sent_questionnaire_mode, a.sent_answered_on,
			s.seen_on, b.bought_on, r.referred_on
		from people p
		left join observations o on o.person_id = p.id and o.on_day <= ${on}::date and (o.until_day is null or o.until_day > ${on}::date)
			and o.first_on is not null
		left join (select distinct on (x.person_id) x.person_id, ${day('x.sent_at')} as sent_on,
				(select round_id from round_people where assessment_id = x.id limit 1) as sent_round_id, x.sitting_style as sent_sitting_style, x.questionnaire_mode as sent_questionnaire_mode,
				${upTo(day('x.answered_at'))} as sent_answered_on
			from assessments x where x.place_of is null and x.sent_at < ${end} and x.sent_at >= ${end} - make_interval(days => ${ASKED_WITHIN_DAYS}) ${mine('x.person_id')}
			order by x.person_id, x.sent_at desc) a on a.person_id = p.id
		left join (select distinct on (x.person_id) x.person_id, ${upTo(day('x.seen_at'))} as seen_on
			from assessments x where x.place_of is null and x.answered_at < ${end} ${mine('x.person_id')}
			order by x.person_id, x.answered_at desc) s on s.person_id = p.id
		left join (select x.person_id, max(${day('e.changed_at')}) as bought_on from equipment_requests e join assessments x on x.id = e.assessment_id
			where e.state = 'arrived' and e.changed_at < ${end} group by 1) b on b.person_id = p.id
		left join (select person_id, max(${day('at')}) as referred_on from referrals where at < ${end} group by 1) r on r.person_id = p.id
		where (o.id is not null or a.person_id is not null) and not ${hadLeftBy(sql`p.id`, snapshot)} ${mine('p.id')}`;
}
