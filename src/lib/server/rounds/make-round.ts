import { and, count, desc, eq, inArray, isNull, lt, or, sql, type SQL } from 'drizzle-orm';
import { NEWEST_CHECKLIST } from '../../core/checklist';
import type { Way } from '../../core/corner';
import { needCoordinator, type Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { isIsoDay } from '../clock';
import { schema, type Db } from '../db/client';
import type { RoundFilter } from '../db/schema/rounds';
import { Fault } from '../fault';
import { tellChange } from '../live/changes';
import { newsOfRound, progressOf } from './follow-round';
import { canBeNudged, countNudgeable, isBeingReminded, isOut } from './nudge';

const { cases, people, roundPeople, rounds } = schema;

/** A round as it is written. */
export interface RoundInput {
	readonly name: string;
	readonly filter: RoundFilter;
	readonly way: Way;
	readonly subject: string;
	readonly body: string;
	readonly startsOn: string;
	readonly dueOn: string;
	readonly timeZone: string;
}

const DAY_MS = 86_400_000;

/** Who a filter means: people who are here, can be reached, and match. */
export function matching(filter: RoundFilter, now: Date): SQL | undefined {
	const since = new Date(now.getTime() - filter.notAnsweredWithinDays * DAY_MS);
	return and(
		isNull(people.leftAt),
		isNull(people.bouncedAt),
		filter.teams.length > 0 ? inArray(people.team, [...filter.teams]) : undefined,
		filter.country ? eq(people.country, filter.country) : undefined,
		filter.notAnsweredWithinDays > 0 ? or(isNull(cases.answeredAt), lt(cases.answeredAt, since)) : undefined
	);
}

/** How many people a filter means just now. */
export async function countMatching(db: Db, filter: RoundFilter, now: Date): Promise<number> {
	const [row] = await db
		.select({ n: count() })
		.from(people)
		.innerJoin(cases, eq(cases.personId, people.id))
		.where(matching(filter, now));
	return row?.n ?? 0;
}

function checked(input: RoundInput): RoundInput {
	if (input.name.trim() === '') throw new Fault('invalid', 'Give the round a name.', '/name');
	if (!isIsoDay(input.startsOn)) throw new Fault('invalid', 'Choose the first day.', '/startsOn');
	if (!isIsoDay(input.dueOn)) throw new Fault('invalid', 'Choose the last day.', '/dueOn');
	if (input.dueOn < input.startsOn)
		throw new Fault('invalid', 'The last day lies before the first.', '/dueOn');
	if (input.subject.trim() === '') throw new Fault('invalid', 'Give the letter a subject.', '/subject');
	if (input.body.trim() === '') throw new Fault('invalid', 'Write the letter.', '/body');
	try {
		new Intl.DateTimeFormat('en', { timeZone: input.timeZone });
	} catch {
		throw new Fault('invalid', 'Give a time zone such as Europe/Lisbon.', '/timeZone');
	}
	return { ...input, name: input.name.trim(), subject: input.subject.trim() };
}

/** Makes a draft. Nothing is sent. */
export async function makeRound(db: Db, actor: Actor, input: RoundInput, now: Date): Promise<string> {
	needCoordinator(actor);
	const values = { ...checked(input), checklistVersion: NEWEST_CHECKLIST.version, createdAt: now };
	return db.transaction(async (tx) => {
		const [made] = await tx.insert(rounds).values(values).returning({ id: rounds.id });
		if (!made) throw new Error('An insert returned no row');
		await writeAuditLine(tx, actor, { at: now, act: 'round-made', detail: { round: made.id } });
		return made.id;
	});
}

const CHANGED =
	'Somebody else changed this round meanwhile. What they wrote is shown; change it again if yours stands.';

async function lockRound(tx: Db, id: string, version: number | null) {
	const [round] = await tx.select().from(rounds).where(eq(rounds.id, id)).for('update');
	if (!round) throw new Fault('not-found', 'This round is not there any more.');
	if (version !== null && round.version !== version) throw new Fault('conflict', CHANGED);
	return round;
}

/** Changes a draft; what is out is not changed any more. */
export async function changeRound(
	db: Db,
	actor: Actor,
	{ id, version, ...input }: RoundInput & { id: string; version: number }
): Promise<void> {
	needCoordinator(actor);
	const values = checked(input);
	await db.transaction(async (tx) => {
		const round = await lockRound(tx, id, version);
		if (round.state !== 'draft') throw new Fault('conflict', 'This round is out: its letters are written.');
		await tx
			.update(rounds)
			.set({ ...values, version: round.version + 1 })
			.where(eq(rounds.id, id));
	});
}

/**
 * Sends a round off: who it means is fixed now, in one statement, and the queue writes their letters in batches from the
 * first day on.
 *
 * @param expected how many people were shown; refused where it has changed, so that nobody writes to more than they saw
 */
export async function startRound(
	db: Db,
	actor: Actor,
	{ id, version, expected }: { id: string; version: number; expected: number },
	now: Date
): Promise<void> {
	needCoordinator(actor);
	await db.transaction(async (tx) => {
		const round = await lockRound(tx, id, version);
		if (round.state !== 'draft') throw new Fault('conflict', 'This round was sent already.');
		const put = await tx.execute(sql`
			insert into ${roundPeople} (round_id, person_id)
			select ${id}::uuid, ${people.id} from ${people} join ${cases} on ${cases.personId} = ${people.id}
			where ${matching(round.filter, now)}`);
		const n = put.rowCount ?? 0;
		if (n !== expected)
			throw new Fault(
				'conflict',
				`It would go to ${n} people now, not to ${expected}. Look again, then send it.`
			);
		if (n === 0) throw new Fault('conflict', 'Nobody matches: choose other teams.');
		await tx
			.update(rounds)
			.set({ state: 'sending', sentAt: now, version: round.version + 1 })
			.where(eq(rounds.id, id));
		await writeAuditLine(tx, actor, { at: now, act: 'round-sent', detail: { round: id, people: n } });
	});
}

/** Closes a round: nobody is reminded any more. Links go on working, and late answers are counted beside it. */
export async function closeRound(
	db: Db,
	actor: Actor,
	{ id, version }: { id: string; version: number },
	now: Date
): Promise<void> {
	needCoordinator(actor);
	await db.transaction(async (tx) => {
		const round = await lockRound(tx, id, version);
		if (!isOut(round)) throw new Fault('conflict', 'Only a round that is out can be closed.');
		await tx.update(roundPeople).set({ remindOn: null }).where(eq(roundPeople.roundId, id));
		await tx
			.update(roundPeople)
			.set({ state: 'skipped' })
			.where(and(eq(roundPeople.roundId, id), eq(roundPeople.state, 'waiting')));
		const counts = await progressOf(tx, id);
		await tx
			.update(rounds)
			.set({ state: 'closed', closedAt: now, version: round.version + 1, counts })
			.where(eq(rounds.id, id));
		await writeAuditLine(tx, actor, { at: now, act: 'round-closed', detail: { round: id } });
		await tellChange(tx, `round:${id}`);
	});
}

/** Removes a draft. */
export async function dropDraft(db: Db, actor: Actor, id: string): Promise<void> {
	needCoordinator(actor);
	await db.delete(rounds).where(and(eq(rounds.id, id), eq(rounds.state, 'draft')));
}

/** Rounds, the newest first. */
export async function listRounds(db: Db, actor: Actor) {
	if (actor.kind !== 'user' || actor.role === 'clinician') needCoordinator(actor);
	const rows = await db.select().from(rounds).orderBy(desc(rounds.createdAt)).limit(100);
	const counts = await db
		.select({ roundId: roundPeople.roundId, state: roundPeople.state, n: count() })
		.from(roundPeople)
		.where(
			inArray(
				roundPeople.roundId,
				rows.map(({ id }) => id)
			)
		)
		.groupBy(roundPeople.roundId, roundPeople.state);
	return rows.map((round) => ({
		...round,
		progress: Object.fromEntries(
			counts.filter(({ roundId }) => roundId === round.id).map(({ state, n }) => [state, n])
		) as Record<string, number>
	}));
}

/** Figures by which rounds are compared. */
export interface RoundFigures {
	readonly people: number;
	readonly answered: number;
	/** Answered after the round was closed. */
	readonly late: number;
	/** Median days from the letter to the answer; null where nobody answered. */
	readonly medianDays: number | null;
	/** Of those who answered: how many have a check that is off. */
	readonly withOff: number;
	/** Of those who answered: how many reported a 4 or more. */
	readonly sore: number;
}

/** Works out the figures of a round: one pass over its people. */
export async function figuresOfRound(db: Db, id: string): Promise<RoundFigures> {
	const { rows } = await db.execute<{
		people: number;
		answered: number;
		late: number;
		median: number | null;
		with_off: number;
		sore: number;
	}>(sql`
		select count(*)::int as people,
			count(a.answered_at)::int as answered,
			(count(*) filter (where a.answered_at > r.closed_at))::int as late,
			percentile_cont(0.5) within group (order by extract(epoch from a.answered_at - a.sent_at) / 86400)
				filter (where a.answered_at is not null) as median,
			(count(*) filter (where a.checks_off > 0))::int as with_off,
			(count(*) filter (where exists (
				select 1 from jsonb_array_elements(a.discomfort) d where (d->>'worst')::numeric >= 4)))::int as sore
		from round_people rp
		join rounds r on r.id = rp.round_id
		left join assessments a on a.id = rp.assessment_id
		where rp.round_id = ${id}::uuid`);
	const [row] = rows;
	return {
		people: row?.people ?? 0,
		answered: row?.answered ?? 0,
		late: row?.late ?? 0,
		medianDays: row?.median === null || row?.median === undefined ? null : Number(row.median),
		withOff: row?.with_off ?? 0,
		sore: row?.sore ?? 0
	};
}

/** One round with its people who are silent or could not be reached, and the rounds it can be compared with. */
export async function readRound(db: Db, actor: Actor, id: string, now: Date) {
	needCoordinator(actor);
	const [round] = await db.select().from(rounds).where(eq(rounds.id, id));
	if (!round) throw new Fault('not-found', 'This round is not there any more.');
	const [news, nudgeable, silent, earlier] = await Promise.all([
		newsOfRound(db, id, now),
		isOut(round) ? countNudgeable(db, id, now) : 0,
		db
			.select({
				personId: people.id,
				name: people.name,
				team: people.team,
				state: roundPeople.state,
				reminders: roundPeople.reminders,
				remindOn: roundPeople.remindOn,
				toCall: roundPeople.toCall,
				isBeingReminded: sql<boolean>`${isBeingReminded(now)}`,
				canBeNudged: sql<boolean>`${canBeNudged(db, now)}`
			})
			.from(roundPeople)
			.innerJoin(people, eq(people.id, roundPeople.personId))
			.where(and(eq(roundPeople.roundId, id), inArray(roundPeople.state, ['sent', 'bounced'])))
			.orderBy(desc(roundPeople.toCall), roundPeople.state, sql`lower(${people.name})`)
			.limit(100),
		db
			.select({ id: rounds.id, name: rounds.name })
			.from(rounds)
			.where(lt(rounds.createdAt, round.createdAt))
			.orderBy(desc(rounds.createdAt))
			.limit(20)
	]);
	return { round, news, nudgeable, isOut: isOut(round), silent, earlier };
}
