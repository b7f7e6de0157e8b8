import { sql } from 'drizzle-orm';
import { civilDate, nextWorkingDay } from '../src/lib/core/calendar';
import { actBy, DEFAULT_POLICY, LEVELS } from '../src/lib/core/triage';
import { invitationLetter } from '../src/lib/messages/letters';
import { hashToken } from '../src/lib/server/access/tokens';
import { addDays, isoDay } from '../src/lib/server/clock';
import type { Db } from '../src/lib/server/db/client';
import { workCalendarOf } from '../src/lib/server/people/work-calendar-of';
import { GIVEN_NAMES, SURNAMES } from './invented-names';
import { makeHistories, type Profile } from './profiles';
import { Dice } from './random';

const DAY_MS = 86_400_000;

/** What a walk takes at least, from the letter to the answers. */
const WALK_MS = 12 * 60_000;

/** Different histories that the core works out; a larger workforce has each of them more than once, under other names. */
const MOST_HISTORIES = 160;

/** Rows put into the database by one statement. */
const CHUNK = 2000;

const TEAMS = [
	'Design',
	'Bookkeeping',
	'Support',
	'Sales',
	'Purchasing',
	'Photometry',
	'Translation',
	'Web shop',
	'Personnel',
	'Law',
	'Press',
	'Training'
] as const;

const COUNTRIES = [
	['GB', 'Europe/London'],
	['PT', 'Europe/Lisbon'],
	['DE', 'Europe/Berlin'],
	['NL', 'Europe/Amsterdam'],
	['IE', 'Europe/Dublin']
] as const;

/** Days since the letters of each round of the past two years. */
export const ROUNDS_AGO = { first: 700, second: 390, last: 16 } as const;

/** Days that people take to answer; the later of them after a reminder. */
const DAYS_TO_ANSWER = [0, 0, 1, 1, 2, 2, 3, 4, 4, 5, 6, 9, 10, 12, 15, 21] as const;

const LATER_REASONS = [
	'Yearly look',
	'Has the screen arrived?',
	'Two weeks on: how is the neck?',
	'Six weeks on: has it held?'
] as const;

/** A person as a row, with what is needed to make their self-assessments. */
interface Row {
	readonly id: string;
	readonly name: string;
	readonly email: string;
	readonly team: string;
	readonly country: string;
	readonly zone: string;
	readonly createdAt: string;
	readonly leftAt: string | null;
}

interface AssessmentRow {
	readonly id: string;
	readonly person: string;
	readonly profile: number | null;
	readonly token: string;
	readonly sent: string;
	readonly ends: string;
	readonly answered: string | null;
	readonly revoked: string | null;
	readonly seen: string | null;
}

interface CaseRow {
	readonly person: string;
	/** The profile that marks are shown of; null where nothing was answered. */
	readonly profile: number | null;
	readonly worsts: readonly number[];
	readonly openSince: string | null;
	readonly actBy: string | null;
	readonly followUp: string | null;
	readonly sent: string | null;
	readonly answered: string | null;
	readonly ends: string | null;
	readonly revoked: string | null;
}

/** A version 4 UUID out of seeded dice: the same workforce has the same ids, so that addresses can be noted down. */
function uuid(dice: Dice): string {
	const hex = Array.from({ length: 8 }, () => dice.int(0, 0xffff).toString(16).padStart(4, '0')).join('');
	return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-a${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}

/** Puts rows in by chunks: each becomes a table that the statement reads. */
async function put<T>(db: Db, rows: readonly T[], statement: (json: string) => ReturnType<typeof sql>) {
	for (let from = 0; from < rows.length; from += CHUNK)
		await db.execute(statement(JSON.stringify(rows.slice(from, from + CHUNK))));
}

/** The judged profiles as a table for the time of the seeding: what is large is copied within the database. */
async function putProfiles(db: Db, profiles: readonly Profile[]): Promise<void> {
	await db.execute(sql`
		create temporary table seed_profiles (i int primary key, answers jsonb, corner jsonb, marks jsonb, checks_off int,
			checks_unsure int, cost_now int, cost_planned int, signs jsonb, discomfort jsonb, level_rank smallint, reasons jsonb)
		on commit drop`);
	const rows = profiles.map((p, i) => ({
		i,
		answers: p.answers,
		corner: p.corner,
		marks: p.checks,
		checks_off: p.checksOff,
		checks_unsure: p.checksUnsure,
		cost_now: p.costNow,
		cost_planned: p.costPlanned,
		signs: p.signs,
		discomfort: p.discomfort,
		level_rank: p.levelRank,
		reasons: p.reasons
	}));
	for (let from = 0; from < rows.length; from += 100)
		await db.execute(sql`
			insert into seed_profiles select * from jsonb_populate_recordset(null::seed_profiles,
				${JSON.stringify(rows.slice(from, from + 100))}::jsonb)`);
}

/** One drawn person: rows for every table. */
interface Drawn {
	readonly person: Row;
	readonly assessments: readonly AssessmentRow[];
	readonly listed: CaseRow;
	readonly followUp: { id: string; person: string; due: string; reason: string; created: string } | null;
	readonly letter: {
		person: string;
		name: string;
		email: string;
		path: string;
		at: string;
		subject: string;
		body: string;
	} | null;
}

function draw(dice: Dice, index: number, histories: number, profiles: readonly Profile[], now: Date): Drawn {
	/** Some moment of the working day so many days ago, and never later than now. */
	const at = (daysAgo: number) => {
		const day = new Date(now.getTime() - daysAgo * DAY_MS).setUTCHours(8, 0, 0, 0);
		return new Date(Math.min(day + dice.int(0, 32_400) * 1000, now.getTime()));
	};
	const iso = (date: Date | null) => date?.toISOString() ?? null;
	const name = `${dice.pick(GIVEN_NAMES)} ${dice.pick(SURNAMES)}`;
	const [country, zone] = dice.pick(COUNTRIES);
	const id = uuid(dice);
	const has = dice.int(0, histories - 1);
	const [first, later] = [2 * has, 2 * has + 1];
	const hasLeft = dice.chance(0.03);
	const person: Row = {
		id,
		name,
		email: `${name.toLowerCase().replace(/[^a-z]+/g, '.')}.${index}@lanterns.example`,
		team: dice.pick(TEAMS),
		country,
		zone,
		createdAt: at(760).toISOString(),
		leftAt: hasLeft ? at(dice.int(5, 200)).toISOString() : null
	};
	const made: AssessmentRow[] = [];
	const worsts: number[] = [];
	const add = (daysAgo: number, profile: number | null, answeredDaysAgo: number | null, isSeen: boolean) => {
		const sent = at(daysAgo);
		const answered =
			answeredDaysAgo === null
				? null
				: new Date(Math.max(at(answeredDaysAgo).getTime(), sent.getTime() + WALK_MS));
		const isOld = profile === null && daysAgo > 45;
		made.push({
			id: uuid(dice),
			person: id,
			profile,
			token: hashToken(`seed ${index} ${made.length}`),
			sent: sent.toISOString(),
			ends: new Date(sent.getTime() + 60 * DAY_MS).toISOString(),
			answered: iso(answered),
			revoked: isOld ? at(daysAgo - 40).toISOString() : null,
			seen: answered && isSeen ? new Date(answered.getTime() + 2 * DAY_MS).toISOString() : null
		});
		if (profile !== null) worsts.push(profiles[profile]?.worst ?? 0);
	};
	// About one in seven never answered a round; most others answer in the first days or after a reminder.
	const round = (from: number, profile: number) => {
		const sent = from - dice.int(0, 2);
		if (dice.chance(0.86)) add(sent, profile, sent - dice.pick(DAYS_TO_ANSWER), true);
		else add(sent, null, null, false);
	};
	if (dice.chance(0.8)) round(ROUNDS_AGO.first, first);
	if (dice.chance(0.55)) round(ROUNDS_AGO.second, later);
	const isOpen = !hasLeft && dice.chance(0.055);
	const isSilent = !isOpen && !hasLeft && dice.chance(0.08);
	const sentLast = ROUNDS_AGO.last - dice.int(0, 1);
	if (isOpen) add(sentLast, dice.chance(0.5) ? first : later, dice.int(0, 7), false);
	else if (isSilent) add(sentLast, null, null, false);
	else if (dice.chance(0.4)) add(sentLast, later, dice.int(4, sentLast - 1), true);
	const newest = made.at(-1);
	const answered = [...made].reverse().find((a) => a.answered);
	const shown = answered?.profile ?? null;
	const level = LEVELS[profiles[shown ?? 0]?.levelRank ?? 5] ?? 'settled';
	const since = isOpen && newest?.answered ? newest.answered : null;
	const from = since && civilDate(since.slice(0, 10));
	const hasFollowUp = !hasLeft && answered !== undefined && dice.chance(0.35);
	const drawnDay = civilDate(
		addDays(isoDay(now, 'UTC'), dice.chance(0.04) ? -dice.int(1, 12) : dice.int(1, 170))
	);
	if (!drawnDay) throw new RangeError('A drawn day is a day');
	const due = nextWorkingDay(drawnDay, workCalendarOf(country));
	return {
		person,
		assessments: made,
		listed: {
			person: id,
			profile: shown,
			worsts,
			openSince: since,
			actBy: from ? actBy(level, from, DEFAULT_POLICY, workCalendarOf(country)) : null,
			followUp: hasFollowUp ? due : null,
			sent: newest?.sent ?? null,
			answered: newest?.answered ?? null,
			ends: newest?.ends ?? null,
			revoked: newest?.revoked ?? null
		},
		followUp: hasFollowUp
			? { id: uuid(dice), person: id, due, reason: dice.pick(LATER_REASONS), created: at(20).toISOString() }
			: null,
		letter:
			newest && isSilent
				? {
						person: id,
						name,
						email: person.email,
						path: `/c/seed-${index}`,
						at: newest.sent,
						...invitationLetter({ name, expiresAt: new Date(newest.ends) })
					}
				: null
	};
}

/**
 * Fills the workforce with generated people over two years, in one transaction. Their histories are worked out by the core;
 * of a large workforce each history belongs to many. The links of who has not answered lie in their letters.
 *
 * Cost: some seconds for the histories, then about a minute for a hundred thousand people.
 */
export async function seedWorkforce(db: Db, count: number, now: Date): Promise<void> {
	const dice = new Dice(20_261_124);
	const histories = makeHistories(Math.min(MOST_HISTORIES, Math.max(count, 1)), 7);
	const profiles = histories.flatMap(({ first, later }) => [first, later]);
	await db.transaction(async (tx) => {
		await putProfiles(tx, profiles);
		for (let from = 0; from < count; from += CHUNK) {
			const drawn = Array.from({ length: Math.min(CHUNK, count - from) }, (_, i) =>
				draw(dice, from + i, histories.length, profiles, now)
			);
			await putDrawn(tx, drawn);
		}
	});
	await db.execute(sql`analyze`);
}

async function putDrawn(tx: Db, drawn: readonly Drawn[]): Promise<void> {
	await put(
		tx,
		drawn.map(({ person }) => person),
		(json) => sql`
		insert into people (id, name, email, team, country, time_zone, created_at, left_at)
		select id, name, email, team, country, zone, "createdAt", "leftAt"
		from jsonb_to_recordset(${json}::jsonb) as r(id uuid, name text, email text, team text, country text, zone text,
			"createdAt" timestamptz, "leftAt" timestamptz)`
	);
	// Whose letter holds the link has the token that the address shows.
	const silent = new Map(
		drawn.flatMap(({ letter }) => (letter ? [[letter.person, letter.path] as const] : []))
	);
	const sent = drawn.flatMap(({ assessments }) =>
		assessments.map((a) =>
			a.profile === null && !a.revoked
				? { ...a, token: hashToken(silent.get(a.person)?.slice('/c/'.length) ?? '') }
				: a
		)
	);
	await put(
		tx,
		sent,
		(json) => sql`
		insert into assessments (id, person_id, token_hash, way, sent_at, expires_at, revoked_at, consented_at, answers,
			answers_revision, saved_at, answered_at, corner, checks_off, checks_unsure, cost_now, cost_planned, signs, discomfort,
			level_rank, reasons, seen_at)
		select r.id, r.person, r.token, 'upright', r.sent, r.ends, r.revoked, r.answered, coalesce(p.answers, '{}'),
			1, r.answered, r.answered, p.corner, p.checks_off, p.checks_unsure, p.cost_now, p.cost_planned,
			coalesce(p.signs, '[]'), coalesce(p.discomfort, '[]'), p.level_rank, coalesce(p.reasons, '[]'), r.seen
		from jsonb_to_recordset(${json}::jsonb) as r(id uuid, person uuid, profile int, token text, sent timestamptz,
			ends timestamptz, answered timestamptz, revoked timestamptz, seen timestamptz)
		left join seed_profiles p on p.i = r.profile`
	);
	await put(
		tx,
		drawn.map(({ listed }) => listed),
		(json) => sql`
		insert into cases (person_id, level_rank, reasons, open_since, act_by, open_w, follow_up_on, marks, worsts, sent_at,
			started_at, answered_at, link_ends_at, revoked_at, checks_off, checks_unsure)
		select r.person, coalesce(p.level_rank, 5), coalesce(p.reasons, '[]'), r."openSince", r."actBy",
			coalesce(p.cost_planned, 0), r."followUp", coalesce(p.marks, '[]'), r.worsts, r.sent, r.answered, r.answered, r.ends,
			r.revoked, case when r.answered is not null then p.checks_off end,
			case when r.answered is not null then p.checks_unsure end
		from jsonb_to_recordset(${json}::jsonb) as r(person uuid, profile int, worsts jsonb, "openSince" timestamptz,
			"actBy" date, "followUp" date, sent timestamptz, answered timestamptz, ends timestamptz, revoked timestamptz)
		left join seed_profiles p on p.i = r.profile`
	);
	await put(
		tx,
		drawn.flatMap(({ followUp }) => followUp ?? []),
		(json) => sql`
		insert into follow_ups (id, person_id, due, reason, created_at)
		select id, person, due, reason, created
		from jsonb_to_recordset(${json}::jsonb) as r(id uuid, person uuid, due date, reason text, created timestamptz)`
	);
	await put(
		tx,
		drawn.flatMap(({ letter }) => letter ?? []),
		(json) => sql`
		insert into letters (person_id, to_name, to_email, subject, body, link_path, written_at, next_try_at, state, delivered_at)
		select person, name, email, subject, body, path, at, at, 'delivered', at
		from jsonb_to_recordset(${json}::jsonb) as r(person uuid, name text, email text, subject text, body text, path text,
			at timestamptz)`
	);
	await put(
		tx,
		sent,
		(json) => sql`
		insert into audit_lines (at, actor_kind, act, person_id)
		select r.sent, 'system', 'assessment-sent', r.person
		from jsonb_to_recordset(${json}::jsonb) as r(person uuid, sent timestamptz)
		union all
		select r.answered, 'person', 'answered', r.person
		from jsonb_to_recordset(${json}::jsonb) as r(person uuid, answered timestamptz) where r.answered is not null`
	);
}
