import { sql, type SQL } from 'drizzle-orm';
import {
	FORECAST_WEEKS,
	type ForecastKind,
	type WeeklyDelays
} from '../../../core/workforce/round-forecast/weekly-delays';
import type { RoundOutcome } from '../../../core/workforce/round-forecast/forecast-round';
import type { Db } from '../../platform/db/client';

/** Most invitations that a forecast rests on, the newest first. Our assumption: as many as two years of a large workforce. */
const MOST_INVITATIONS = 20_000;

/** Earlier ones say little about people's habits today. Our assumption. */
const YEARS = 2;

type Delays = Readonly<Record<ForecastKind, WeeklyDelays>>;

/**
 * By week after the email: to how many of these invitations each kind happened, and how many were last seen then. One statement; a look-up
 * by an index for each invitation and kind.
 * @param invitations selects `id`, `person_id`, `sent_at`, `answered_at` and `revoked_at` of self-assessments
 */
async function delaysOf(db: Db, invitations: SQL, now: Date): Promise<Delays> {
	const at = sql`${now.toISOString()}::timestamptz`;
	const { rows } = await db.execute<{ kind: ForecastKind; week: number; happened: boolean; n: number }>(sql`
		with sent as (${invitations}),
		followed as (
			select sent_at, least(coalesce(revoked_at, ${at}), ${at}, sent_at + ${FORECAST_WEEKS} * interval '7 days') as seen,
				answered_at as answers,
				(select min(c.at) from contacts c where c.person_id = sent.person_id and c.at >= sent.sent_at) as calls,
				(select min(i.asked_at) from check_ins i where i.assessment_id = sent.id) as "checkIns"
			from sent
		),
		kinds as (
			select kind, sent_at, seen, case when came <= seen then came end as came
			from followed cross join lateral (values ('answers', answers), ('calls', calls), ('checkIns', "checkIns")) v (kind, came)
		)
		select kind, least(floor(extract(epoch from coalesce(came, seen) - sent_at) / 604800), ${FORECAST_WEEKS - 1})::int as week,
			came is not null as happened, count(*)::int as n
		from kinds group by 1, 2, 3`);
	const counts = (kind: ForecastKind, happened: boolean) =>
		Array.from(
			{ length: FORECAST_WEEKS },
			(_, week) =>
				rows.find((row) => row.kind === kind && row.happened === happened && row.week === week)?.n ?? 0
		);
	const of = (kind: ForecastKind) => ({ happened: counts(kind, true), lastSeen: counts(kind, false) });
	return { answers: of('answers'), calls: of('calls'), checkIns: of('checkIns') };
}

/** What came after earlier invitations, and when; served by assessments_sent_idx. */
export const earlierDelays = (db: Db, now: Date): Promise<Delays> =>
	delaysOf(
		db,
		sql`select id, person_id, sent_at, answered_at, revoked_at from assessments
			where place_of is null and sent_at <= ${now.toISOString()}::timestamptz
				and sent_at > ${now.toISOString()}::timestamptz - ${YEARS} * interval '1 year'
			order by sent_at desc limit ${MOST_INVITATIONS}`,
		now
	);

const WEEK_MS = 7 * 86_400_000;

/** What came of a round so far, by week after each email. */
export async function outcomeOf(
	db: Db,
	{ id, sentAt }: { readonly id: string; readonly sentAt: Date | null },
	now: Date
): Promise<RoundOutcome> {
	const delays = await delaysOf(
		db,
		sql`select a.id, a.person_id, a.sent_at, a.answered_at, a.revoked_at from round_people rp
			join assessments a on a.id = rp.assessment_id where rp.round_id = ${id}::uuid`,
		now
	);
	return {
		weeksBegun: sentAt
			? Math.min(Math.floor((now.getTime() - sentAt.getTime()) / WEEK_MS) + 1, FORECAST_WEEKS)
			: 0,
		answers: delays.answers.happened,
		calls: delays.calls.happened,
		checkIns: delays.checkIns.happened
	};
}
