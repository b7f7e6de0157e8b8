import { and, asc, eq, gt, isNotNull, isNull, lt, or, sql, type SQL } from 'drizzle-orm';
import { isoDay } from '../../platform/clock';
import { isAnyOf } from '../../platform/db/is-any-of';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { alwaysContinue, type ShouldContinue } from '../../platform/jobs/should-continue';
import { publishChange } from '../../platform/live/changes';
import { publishThrottled } from '../../platform/live/publish-throttled';
import { lockRound } from './lock-round';
import { reminderDaysNow } from './remind-unanswered';
import { roundProgressOf } from './round-news';

const { assessments, cases, people, roundPeople, rounds } = schema;

/** People whose rows are changed in one transaction: their locks are held for some hundredths of a second. */
const BATCH = 200;

const DAY_MS = 86_400_000;

/** Below every id. */
const LOWEST_ID = '00000000-0000-0000-0000-000000000000';

type Round = typeof rounds.$inferSelect;

/** What closing or reopening a round still has to do for its people. */
type RoundChange = NonNullable<Round['pendingChange']>;

/** People who were sent an email of a round and have answered neither it nor one that replaced it. */
const isSilent = and(
	eq(roundPeople.state, 'sent'),
	sql`exists (select from ${assessments} a where a.id = ${roundPeople.assessmentId} and a.answered_at is null and a.revoked_at is null)`
);

/** People whose email was never written, because the round was closed first. */
const wasNeverSent = and(eq(roundPeople.state, 'skipped'), isNull(roundPeople.assessmentId));

/** What is done for the people of a round, and for whom it is still to be done: each is left out once it is done. */
interface Step {
	readonly isOpen: SQL | undefined;
	readonly set: Readonly<Record<string, unknown>>;
	/** Whether their cases are assessed again: whether someone is to be called is a part of that. */
	readonly isJudged: boolean;
}

/** @param most reminders that the policy has: people who had every one of them were on the call list before, and stay there */
function stepsOf(change: RoundChange, { timeZone }: Round, most: number, now: Date): readonly Step[] {
	if (change === 'reopen') {
		const tomorrow = isoDay(new Date(now.getTime() + DAY_MS), timeZone);
		return [
			{
				isOpen: and(isSilent, lt(roundPeople.reminders, most), isNull(roundPeople.remindOn)),
				set: { toCall: false, remindOn: tomorrow },
				isJudged: true
			},
			{ isOpen: wasNeverSent, set: { state: 'waiting' }, isJudged: false }
		];
	}
	return [
		{ isOpen: isNotNull(roundPeople.remindOn), set: { remindOn: null }, isJudged: false },
		{ isOpen: eq(roundPeople.state, 'waiting'), set: { state: 'skipped' }, isJudged: false },
		...(change === 'close-and-call'
			? [{ isOpen: and(isSilent, eq(roundPeople.toCall, false)), set: { toCall: true }, isJudged: true }]
			: [])
	];
}

/**
 * Does for each person of a round what closing or reopening it means for them, in batches by their ids; then the round's counts are kept.
 * The round itself was closed or reopened at once. Resumes where it was stopped. Several processes may do so at once, and beside any other
 * act: whoever is locked by another is passed over, and taken in the end.
 * @returns number of people whose rows were changed
 */
export async function applyRoundChanges(
	db: Db,
	clock: () => Date,
	shallGoOn: ShouldContinue = alwaysContinue
): Promise<number> {
	const changing = await db
		.select({ id: rounds.id })
		.from(rounds)
		.where(isNotNull(rounds.pendingChange))
		.orderBy(asc(rounds.createdAt));
	let done = 0;
	for (const { id } of changing)
		await publishThrottled(
			() => publishChange(db, `round:${id}`),
			async (changed) => {
				// First those whom nobody has locked, then the others: each is waited for while nothing else is held.
				for (const waits of [false, true]) {
					let after: string | null = LOWEST_ID;
					while (after !== null && shallGoOn()) {
						const batch: Batch = await changeBatch(db, { id, after, waits }, clock());
						after = batch.last;
						done += batch.n;
						if (batch.n > 0) await changed();
					}
				}
				if (shallGoOn()) await finishChange(db, id, clock());
			}
		);
	return done;
}

interface Batch {
	readonly n: number;
	/** The last person of the batch; null where nobody was left. */
	readonly last: string | null;
}

/** The steps that a round still waits for, as it is now; the round can't be closed or reopened before the transaction ends. */
async function pendingSteps(tx: Db, id: string, now: Date): Promise<readonly Step[]> {
	const [round] = await tx.select().from(rounds).where(eq(rounds.id, id)).for('key share');
	if (!round?.pendingChange) return [];
	return stepsOf(round.pendingChange, round, (await reminderDaysNow(tx)).length, now);
}

/** One batch, by the key of round_people; the people are locked first, as in every act. */
function changeBatch(
	db: Db,
	{ id, after, waits }: { readonly id: string; readonly after: string; readonly waits: boolean },
	now: Date
): Promise<Batch> {
	return inTransaction(db, async (tx) => {
		const steps = await pendingSteps(tx, id, now);
		if (steps.length === 0) return { n: 0, last: null };
		const batch = await tx
			.select({ personId: people.id })
			.from(roundPeople)
			.innerJoin(people, eq(people.id, roundPeople.personId))
			.where(
				and(
					eq(roundPeople.roundId, id),
					gt(roundPeople.personId, after),
					or(...steps.map(({ isOpen }) => isOpen))
				)
			)
			.orderBy(asc(roundPeople.personId))
			.limit(BATCH)
			.for('no key update', waits ? { of: people } : { of: people, skipLocked: true });
		const ids = batch.map(({ personId }) => personId);
		if (ids.length === 0) return { n: 0, last: null };
		for (const { isOpen, set, isJudged } of steps) {
			const changed = await tx
				.update(roundPeople)
				.set(set)
				.where(and(eq(roundPeople.roundId, id), isAnyOf(roundPeople.personId, ids), isOpen))
				.returning({ personId: roundPeople.personId });
			if (!isJudged || changed.length === 0) continue;
			await tx
				.update(cases)
				.set({ reassessOn: isoDay(now, 'UTC') })
				.where(
					isAnyOf(
						cases.personId,
						changed.map(({ personId }) => personId)
					)
				);
		}
		return { n: ids.length, last: ids.at(-1) ?? null };
	});
}

/** Ends a change that is done for everyone: a closed round keeps its counts, to which later answers are compared. */
function finishChange(db: Db, id: string, now: Date): Promise<void> {
	return inTransaction(db, async (tx) => {
		const round = await lockRound(tx, id, null);
		if (!round.pendingChange) return;
		const steps = stepsOf(round.pendingChange, round, (await reminderDaysNow(tx)).length, now);
		const [left] = await tx
			.select({ personId: roundPeople.personId })
			.from(roundPeople)
			.where(and(eq(roundPeople.roundId, id), or(...steps.map(({ isOpen }) => isOpen))))
			.limit(1);
		if (left) return;
		const counts = round.pendingChange === 'reopen' ? null : await roundProgressOf(tx, id);
		await tx.update(rounds).set({ pendingChange: null, counts }).where(eq(rounds.id, id));
		await publishChange(tx, `round:${id}`);
	});
}
