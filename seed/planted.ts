import { sql } from 'drizzle-orm';
import type { Db } from '../src/lib/server/platform/db/client';
import { inTransaction } from '../src/lib/server/platform/db/transaction';

/** What is true of a generated workforce, for the figures to find again. */
export interface PlantedTruth {
	/** Points by which a plan that is carried out lowers the worst score. */
	readonly planTakesOff: number;
	/** Share of people with a sore neck among those whose screen is too low, and among the others. */
	readonly neckWith: number;
	readonly neckWithout: number;
	/** Share who answer in ordinary teams, and in the quiet one. */
	readonly answers: number;
	readonly quietTeamAnswers: number;
}

/** The team in which fewer people answer. */
export const PLANTED_QUIET_TEAM = 'Team 7';

/** Number of teams, and of results per person. */
const TEAMS = 20;

/**
 * Generates people with three results each by SQL alone: a workforce of any size within seconds, of which the truth is known. The program
 * judges nobody; cases and plans are left out, since the figures don't read them.
 * @param seed from -1 to 1: the same workforce each time
 */
export async function plantWorkforce(
	db: Db,
	people: number,
	truth: PlantedTruth,
	now: Date,
	seed = 0.5
): Promise<void> {
	const { planTakesOff, neckWith, neckWithout, answers, quietTeamAnswers } = truth;
	const today = now.toISOString();
	await inTransaction(db, async (tx) => {
		await tx.execute(sql`select setseed(${seed}::float8)`);
		await tx.execute(sql`create temporary table planted on commit drop as
			select n, md5('planted ' || n)::uuid as person_id, md5('sent ' || n)::uuid as assessment_id, 'Team ' || (n % ${TEAMS}) as team,
				(array['GB', 'PT', 'DE', 'NL', 'IE'])[1 + floor(random() * 5)::int] as country,
				(${today}::timestamptz - make_interval(days => 120 + floor(random() * 580)::int)) as sent_at,
				random() < case when 'Team ' || (n % ${TEAMS}) = ${PLANTED_QUIET_TEAM} then ${quietTeamAnswers}::float8 else ${answers}::float8 end as answers,
				1 + floor(random() * 20)::int as wait, random() < 0.4 as is_low, random() < 0.25 as is_high, random() < 0.6 as carries_out,
				random() as neck, random() < 0.2 as eyes, random() < 0.15 as low_back, 3 + floor(random() * 6)::int as score,
				floor(random() * 3)::int - 1 as noise, 1 + floor(random() * 25)::int as fixed_after
			from generate_series(1, ${people}::int) n`);
		await tx.execute(sql`insert into people (id, name, email, team, country, created_at)
			select person_id, 'Planted ' || n, 'planted.' || n || '@lanterns.example', team, country, sent_at from planted`);
		await tx.execute(sql`insert into assessments (id, person_id, token_hash, sitting_style, questionnaire_mode, checklist_version, sent_at, consented_at, answered_at, workstation, seen_at)
			select assessment_id, person_id, md5('planted token ' || n), 'upright', 'short', 2, sent_at,
				case when answers then sent_at + make_interval(days => wait) end,
				case when answers then sent_at + make_interval(days => wait) end, case when answers then '{}'::jsonb end,
				case when answers then sent_at + make_interval(days => wait + 2) end from planted`);
		await tx.execute(sql`create temporary table planted_days on commit drop as
			select p.*, step, (p.sent_at + make_interval(days => p.wait + case step when 0 then 0 when 1 then p.fixed_after else 90 end)) as at,
				p.neck < case when p.is_low then ${neckWith}::float8 else ${neckWithout}::float8 end as has_neck
			from planted p, generate_series(0, 2) step where p.answers`);
		await tx.execute(sql`insert into assessment_results (person_id, at, on_day, level, document, core_version, checklist_version, policy_version)
			select person_id, at, at::date, 'home', '{}'::jsonb, 'planted', 2, 1 from planted_days order by n, step`);
		await tx.execute(sql`insert into observations (assessment_result_id, person_id, on_day, until_day, team, country, sitting_style, questionnaire_mode, place, level,
				answered_on, first_on, reported_on, first_reported_on, has_plan, carried_on, first_carried_on, worst, first_worst,
				discomfort, first_discomfort, findings, first_findings, gaps_mm, first_gaps_mm, heights, heights_after, helped_by, first_choice)
			select j.id, d.person_id, d.at::date, lead(d.at::date) over w, d.team, d.country, 'upright', 'short', 'chair', 'home',
				d.answered, d.answered, case when d.step = 2 then d.at::date else d.answered end, d.answered, true, d.carried, d.carried,
				d.worst_now, d.worst_first, case when d.worst_now > 0 then d.places else '{}' end, case when d.worst_first > 0 then d.places else '{}' end,
				d.found, d.found, array[0, d.gap_now, d.gap_now, 0]::smallint[], array[0, d.gap_first, d.gap_first, 0]::smallint[],
				case when d.is_high or d.gap_now < 0 then 'off' when d.n % 3 = 0 then 'unsure' else 'fits' end,
				case when d.is_high then 'off' when d.n % 3 = 0 then 'unsure' else 'fits' end,
				case when d.is_high then array['keyboard-and-mouse', 'monitor'] else '{}' end, case when d.is_high then array['keyboard-and-mouse'] else '{}' end
			from (select p.*, (p.sent_at + make_interval(days => p.wait))::date as answered,
					case when p.step > 0 and p.carries_out then (p.sent_at + make_interval(days => p.wait + p.fixed_after))::date end as carried,
					case when p.has_neck or p.eyes or p.low_back then p.score else 0 end as worst_first,
					case when not (p.has_neck or p.eyes or p.low_back) then 0
						when p.step = 2 then greatest(1, p.score + p.noise - case when p.carries_out then ${planTakesOff}::int else 0 end) else p.score end as worst_now,
					array_remove(array[case when p.has_neck then 'neck' end, case when p.eyes then 'eyes' end,
						case when p.low_back then 'low-back' end], null) as places,
					array_remove(array[case when p.is_low then 'screen-too-low' end, case when p.is_high then 'keys-too-high' end], null) as found,
					case when p.is_low then -(40 + p.n % 90) else 0 end as gap_first,
					case when not p.is_low or (p.carries_out and p.step > 0) then 0 else -(40 + p.n % 90) end as gap_now
				from planted_days p) d
			join (select id, person_id, row_number() over (partition by person_id order by id) - 1 as step from assessment_results where core_version = 'planted') j
				on j.person_id = d.person_id and j.step = d.step
			window w as (partition by d.person_id order by d.step) order by d.n, d.step`);
		await tx.execute(sql`insert into purchase_needs (person_id, worst, offers)
			select person_id, case when neck < 0.3 then score else 0 end,
				(300 + n % 977) || ' keyboard-and-mouse elbow;' || (700 + n % 1613) || ' keyboard-and-mouse+monitor elbow,eye'
			from planted where answers and is_high`);
		// No figure here counts cases, but each person has one.
		await tx.execute(sql`insert into cases (person_id, sent_at, answered_at) select person_id, sent_at,
			case when answers then sent_at + make_interval(days => wait) end from planted`);
	});
	await db.execute(sql`analyze`);
}
