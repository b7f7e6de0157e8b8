import { SHIPPED_RULES } from '../src/lib/core/platform/rules/shipped-rules';
import { eq, sql } from 'drizzle-orm';
import { parseCivilDate } from '../src/lib/core/platform/calendar/civil-date';
import { forecastRound } from '../src/lib/core/workforce/round-forecast/forecast-round';
import { remindersFor } from '../src/lib/core/cases/triage/follow-up-dates';
import { emailTextsFor, emailWords } from '../src/lib/messages/emails';
import { addIsoDays, isoDay } from '../src/lib/server/platform/clock';
import { schema, type Db } from '../src/lib/server/platform/db/client';
import { earlierDelays } from '../src/lib/server/people/rounds/round-delays';
import { workCalendarOfPlace } from '../src/lib/core/platform/calendar/public-holidays';
import { ROUNDS_AGO } from './workforce';

const { roundPeople, rounds } = schema;

const DAY_MS = 86_400_000;

/** Days for which a round accepts answers. */
const DAYS_OPEN = 28;

/** Rounds of the past two years, with the people whose self-assessments belong to each. */
export async function seedRounds(db: Db, now: Date): Promise<void> {
	const today = isoDay(now, 'UTC');
	const usual = emailTextsFor().round;
	const drawn = [
		{ name: 'First look', from: ROUNDS_AGO.first, state: 'closed' },
		{ name: 'A year on', from: ROUNDS_AGO.second, state: 'closed' },
		{ name: 'This autumn', from: ROUNDS_AGO.last, state: 'open' }
	] as const;
	for (const { name, from, state } of drawn) {
		const at = new Date(now.getTime() - (from + 1) * DAY_MS);
		const until = from - DAYS_OPEN;
		const [round] = await db
			.insert(rounds)
			.values({
				name,
				state,
				filter: { teams: [], country: '', notAnsweredWithinDays: 0 },
				sittingStyle: 'upright',
				checklistVersion: SHIPPED_RULES.checklist.version,
				subject: usual.subject,
				body: usual.body,
				startsOn: addIsoDays(today, -from),
				dueOn: addIsoDays(today, -until),
				timeZone: 'Europe/London',
				createdAt: at,
				sentAt: at,
				closedAt: state === 'closed' ? new Date(now.getTime() - until * DAY_MS) : null
			})
			.returning({ id: rounds.id });
		if (!round) continue;
		await db.execute(sql`
			insert into round_people (round_id, person_id, assessment_id, state)
			select distinct on (person_id) ${round.id}::uuid, person_id, id,
				case when answered_at is null then 'sent' else 'answered' end
			from assessments
			where place_of is null and sent_at >= ${at.toISOString()}::timestamptz
				and sent_at < ${new Date(now.getTime() - until * DAY_MS).toISOString()}::timestamptz
			order by person_id, sent_at desc`);
		// As when it was started: from what was known by then.
		const invited = await db.$count(roundPeople, eq(roundPeople.roundId, round.id));
		const forecast = forecastRound(await earlierDelays(db, at), invited);
		await db.update(rounds).set({ forecast }).where(eq(rounds.id, round.id));
		if (state === 'open') await seedReminders(db, round.id, usual.subject, now);
	}
}

/** Reminders of an open round, as many as the policy has had days for, with their emails. */
async function seedReminders(db: Db, roundId: string, subject: string, now: Date): Promise<void> {
	const { rows } = await db.execute<{ sent: string; country: string }>(sql`
		select distinct (a.sent_at at time zone 'UTC')::date::text as sent, p.country
		from round_people rp join assessments a on a.id = rp.assessment_id join people p on p.id = rp.person_id
		where rp.round_id = ${roundId}::uuid and rp.state = 'sent'`);
	const today = isoDay(now, 'UTC');
	const words = emailWords('reminder', { name: '{name}' }, undefined, { subject });
	for (const { sent, country } of rows) {
		const invited = parseCivilDate(sent);
		const all = invited
			? remindersFor(
					invited,
					SHIPPED_RULES.policy,
					workCalendarOfPlace({ country: country || null, region: null })
				)
			: [];
		const past = all.filter(({ kind, on }) => kind === 'letter' && on < today);
		const mine = sql`rp.round_id = ${roundId}::uuid and rp.state = 'sent' and p.country = ${country}
			and (a.sent_at at time zone 'UTC')::date = ${sent}::date`;
		await db.execute(sql`
			update round_people set reminders = ${past.length}, remind_on = ${all[past.length]?.on ?? null}::date
			where round_id = ${roundId}::uuid and person_id in (
				select rp.person_id from round_people rp join assessments a on a.id = rp.assessment_id
				join people p on p.id = rp.person_id where ${mine})`);
		for (const { on } of past)
			await db.execute(sql`
				insert into emails (person_id, round_id, to_name, to_email, kind, subject, body, link_path, written_at, next_try_at,
					state, delivered_at)
				select p.id, rp.round_id, p.name, p.email, ${words.kind}, ${words.subject}, replace(${words.body}, '{name}', p.name),
					first.link_path, ${on}::date + time '07:30', ${on}::date + time '07:30', 'delivered', ${on}::date + time '07:30'
				from round_people rp join assessments a on a.id = rp.assessment_id join people p on p.id = rp.person_id
				cross join lateral (
					select link_path from emails where person_id = p.id order by written_at limit 1) first
				where ${mine}`);
	}
}
