import { eq, sql } from 'drizzle-orm';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import { schema, type Db } from '../../platform/db/client';
import { DomainError } from '../../platform/domain-error';

const { rounds } = schema;

/** Most people listed on one record; a larger round says how many it leaves out. */
const MOST_LISTED = 2000;

/** One person of a round, as an inspector reads it. */
export interface InspectedPerson extends Record<string, unknown> {
	readonly name: string;
	readonly team: string;
	/** Day of their answers; null while there are none. */
	readonly answeredOn: string | null;
	readonly checklistVersion: number | null;
	/** Problems of the newest assessment that are open; null before the first. */
	readonly openProblems: number | null;
	readonly steps: number;
	readonly stepsDone: number;
	/** The next day on which anything is due; null for none. */
	readonly reviewOn: string | null;
}

/**
 * What an inspector needs about a round: when, with which checklist, who took part, how many problems are open and steps done, and when each
 * is reviewed. Totals of all, people by name. No discomfort and no warning signs. Cost: four index look-ups for each of the people listed.
 */
export async function roundInspectionRecord(db: Db, actor: Actor, id: string) {
	requirePermission(actor, 'rounds:read');
	const [round] = await db.select().from(rounds).where(eq(rounds.id, id));
	if (!round) throw new DomainError('not-found', 'noRound');
	const { rows: totals } = await db.execute<{ invited: number; answered: number }>(sql`
		select count(*)::int as invited, count(a.answered_at)::int as answered
		from round_people r left join assessments a on a.id = r.assessment_id
		where r.round_id = ${id}::uuid and r.state <> 'skipped'`);
	const { rows: people } = await db.execute<InspectedPerson>(sql`
		select p.name, p.team, (a.answered_at at time zone ${round.timeZone})::date::text as "answeredOn",
			case when a.answered_at is null then null else a.checklist_version end as "checklistVersion",
			jsonb_array_length(j.document -> 'findings') as "openProblems",
			coalesce((j.document -> 'plan' ->> 'of')::int, 0) as steps,
			coalesce((j.document -> 'plan' ->> 'done')::int, 0) as "stepsDone",
			f.due::text as "reviewOn"
		from round_people r join people p on p.id = r.person_id
		left join assessments a on a.id = r.assessment_id
		left join lateral (select document from assessment_results where person_id = p.id order by id desc limit 1) j on a.answered_at is not null
		left join lateral (select due from follow_ups where person_id = p.id and done_at is null order by due limit 1) f on true
		where r.round_id = ${id}::uuid and r.state <> 'skipped'
		order by p.name, p.id limit ${MOST_LISTED}`);
	return {
		round: {
			id: round.id,
			name: round.name,
			startsOn: round.startsOn,
			dueOn: round.dueOn,
			checklistVersion: round.checklistVersion,
			sittingStyle: round.sittingStyle,
			questionnaireMode: round.questionnaireMode
		},
		invited: totals[0]?.invited ?? 0,
		answered: totals[0]?.answered ?? 0,
		people
	};
}
