import { randomInt } from 'node:crypto';
import { and, desc, eq, isNull } from 'drizzle-orm';
import type { CivilDate } from '../../../core/platform/calendar/civil-date';
import { workCalendarOfPlace } from '../../../core/platform/calendar/public-holidays';
import { practiceCases, type PracticeCase } from '../../../core/cases/practice/practice-cases';
import { scorePractice, type PracticeAnswer } from '../../../core/cases/practice/score-practice';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import { schema, type Db } from '../../platform/db/client';
import { DomainError } from '../../platform/domain-error';
import { readRules } from '../../platform/rules/read-rules';

const { practiceRounds } = schema;

/** Most earlier rounds shown: two years of one a week. */
const MOST_ROUNDS = 100;

const LARGEST_SEED = 2 ** 31 - 1;

/** A round of practice as stored. */
type PracticeRow = typeof practiceRounds.$inferSelect;

/** An account's own rounds, newest first; nobody else sees them. Served by practice_rounds_user_idx. */
export async function listPracticeRounds(db: Db, actor: Actor): Promise<PracticeRow[]> {
	const { id } = requirePermission(actor, 'practice:take');
	return db
		.select()
		.from(practiceRounds)
		.where(eq(practiceRounds.userId, id))
		.orderBy(desc(practiceRounds.startedAt))
		.limit(MOST_ROUNDS);
}

/**
 * Begins a round, or goes on with the one that is open.
 * @param today by the coordinator's clock
 * @returns its id
 */
export async function startPractice(db: Db, actor: Actor, today: CivilDate, now: Date): Promise<string> {
	const { id: userId } = requirePermission(actor, 'practice:take');
	const [open] = await db
		.select({ id: practiceRounds.id })
		.from(practiceRounds)
		.where(and(eq(practiceRounds.userId, userId), isNull(practiceRounds.answeredAt)));
	if (open) return open.id;
	const { name } = await readRules(db);
	const [made] = await db
		.insert(practiceRounds)
		.values({ userId, seed: randomInt(1, LARGEST_SEED), onDay: today, rulesVersion: name, startedAt: now })
		.returning({ id: practiceRounds.id });
	if (!made) throw new Error('An insert returned no row');
	return made.id;
}

async function ownRound(db: Db, actor: Actor, id: string): Promise<PracticeRow> {
	const { id: userId } = requirePermission(actor, 'practice:take');
	const [row] = await db
		.select()
		.from(practiceRounds)
		.where(and(eq(practiceRounds.id, id), eq(practiceRounds.userId, userId)));
	if (!row) throw new DomainError('not-found', 'noPracticeRound');
	return row;
}

async function casesOf(db: Db, { seed, onDay }: PracticeRow): Promise<PracticeCase[]> {
	const { rules } = await readRules(db);
	const calendar = workCalendarOfPlace({ country: null, region: null });
	return practiceCases(seed, { today: onDay as CivilDate, rules, calendar });
}

/** The case to which a message is written: the first that can be answered in writing. */
const messageCaseOf = (cases: readonly PracticeCase[]): PracticeCase | null =>
	cases.find(({ result: { level } }) => level === 'soon' || level === 'help' || level === 'home') ?? null;

/** A round with its cases: what the rules say only once it is answered. */
export async function readPractice(db: Db, actor: Actor, id: string) {
	const round = await ownRound(db, actor, id);
	const cases = await casesOf(db, round);
	const { answer } = round;
	const isSame = round.rulesVersion === (await readRules(db)).name;
	return {
		id: round.id,
		message: round.message,
		messageTo: messageCaseOf(cases)?.id ?? null,
		cases: cases.map(({ id: at, name, record }) => ({ id: at, name, record })),
		/** Null until it is answered, and once other rules would give another result. */
		result:
			answer && isSame
				? { score: scorePractice(cases, answer), results: cases.map(({ result }) => result) }
				: null,
		/** What was scored then, by whatever rules. */
		scored: round.answeredAt && {
			orderShare: round.orderShare ?? 0,
			rightActs: round.rightActs ?? 0,
			missed: round.missed ?? 0
		}
	};
}

/**
 * Answers a round, once.
 * @throws DomainError where it is answered already, or its cases are not all in the order
 */
export async function answerPractice(
	db: Db,
	actor: Actor,
	{ id, answer, message }: { readonly id: string; readonly answer: PracticeAnswer; readonly message: string },
	now: Date
): Promise<void> {
	const round = await ownRound(db, actor, id);
	if (round.answeredAt) throw new DomainError('conflict', 'practiceAnswered');
	const cases = await casesOf(db, round);
	const isWhole = cases.every((one) => answer.order.includes(one.id)) && answer.order.length === cases.length;
	if (!isWhole) throw new DomainError('invalid', 'practiceIncomplete', '/order');
	const { orderShare, rightActs, missed } = scorePractice(cases, answer);
	const { name } = await readRules(db);
	const answered = await db
		.update(practiceRounds)
		.set({ answeredAt: now, answer, message, orderShare, rightActs, missed, rulesVersion: name })
		.where(and(eq(practiceRounds.id, id), isNull(practiceRounds.answeredAt)))
		.returning({ id: practiceRounds.id });
	if (answered.length === 0) throw new DomainError('conflict', 'practiceAnswered');
}
