import { and, asc, eq, isNotNull, lt, notInArray, or, sql } from 'drizzle-orm';
import { retentionCutoffs, RETENTION_YEARS, type Retention } from '../../core/retention';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { isoDay } from '../clock';
import { schema, type Db } from '../db/client';
import { isConnectionError } from '../db/connection-error';
import { DomainError } from '../domain-error';
import { describeError, log } from '../log';
import { erasePerson } from './erase-person';

const { assessments, people, retention } = schema;

/** People that are shown, and that one look of the job erases. */
const MOST = 100;

const DAY_MS = 24 * 3_600_000;

/** The policy in force, with its version. */
export async function readRetention(db: Db): Promise<Retention & { readonly version: number }> {
	const [row] = await db.select().from(retention).where(eq(retention.id, 1));
	const { yearsAfterLeaving = null, yearsAfterAnswer = null, version = 1 } = row ?? {};
	return { yearsAfterLeaving, yearsAfterAnswer, version };
}

/** When someone answered last; null where they never did. */
const lastAnswer = sql<Date | null>`(
	select max(a.answered_at) from ${assessments} a where a.person_id = ${people.id})`;

/**
 * Whose time is over by a policy on a day, the first to leave first. Who has never answered goes by their leaving alone.
 *
 * Cost: all people once, with a look-up of their answers each: half a second at a hundred thousand; asked once a day and on its page.
 */
async function over(db: Db, policy: Retention, today: string, limit: number, but: readonly string[] = []) {
	const { left, answered } = retentionCutoffs(policy, today);
	const rules = [
		...(left === null
			? []
			: [and(isNotNull(people.leftAt), lt(people.leftAt, new Date(`${left}T00:00:00Z`)))]),
		...(answered === null ? [] : [sql`${lastAnswer} < ${new Date(`${answered}T00:00:00Z`)}`])
	];
	if (rules.length === 0) return [];
	return db
		.select({ id: people.id, name: people.name, leftAt: people.leftAt })
		.from(people)
		.where(and(or(...rules), but.length > 0 ? notInArray(people.id, [...but]) : undefined))
		.orderBy(asc(people.leftAt), asc(people.id))
		.limit(limit);
}

/** The policy, and whom it, or another that is thought of, concerns today. */
export async function retentionPage(
	db: Db,
	actor: Actor,
	thought: Retention | null,
	now: Date,
	zone: string
) {
	requirePermission(actor, 'retention:set');
	const policy = await readRetention(db);
	const found = await over(db, thought ?? policy, isoDay(now, zone), MOST + 1);
	return { policy, concerned: found.slice(0, MOST), isMore: found.length > MOST };
}

function yearsIn(typed: string, at: string): number | null {
	if (typed.trim() === '') return null;
	const years = Number(typed);
	const [least, most] = RETENTION_YEARS;
	if (!Number.isInteger(years) || years < least || years > most)
		throw new DomainError('invalid', { code: 'yearsOfRetention', facts: { least, most } }, at);
	return years;
}

/** A policy as its form sends it. */
export const retentionOf = (typed: { leaving: string; answer: string }): Retention => ({
	yearsAfterLeaving: yearsIn(typed.leaving, '/leaving'),
	yearsAfterAnswer: yearsIn(typed.answer, '/answer')
});

/** Puts a policy in force. */
export async function setRetention(
	db: Db,
	actor: Actor,
	input: Retention & { readonly version: number },
	now: Date
): Promise<void> {
	requirePermission(actor, 'retention:set');
	const { version, ...policy } = input;
	await db.transaction(async (tx) => {
		const changed = await tx
			.update(retention)
			.set({ ...policy, version: version + 1 })
			.where(and(eq(retention.id, 1), eq(retention.version, version)))
			.returning({ id: retention.id });
		if (changed.length === 0) throw new DomainError('conflict', 'retentionChanged');
		const detail = { leaving: policy.yearsAfterLeaving ?? 0, answer: policy.yearsAfterAnswer ?? 0 };
		await writeAuditLine(tx, actor, { at: now, act: 'retention-set', detail });
	});
}

/** A longer gap between two looks is a program that stood still, or a clock that was put forward. */
const LONGEST_GAP_MS = 2 * DAY_MS;

/** So long the clock has to go on without a jump before anybody is erased by it: time for someone to see that it is wrong. Our assumption. */
const TRIAL_MS = 7 * DAY_MS;

/** Notes that it was looked. @returns whether the clock has gone on without a jump for long enough to erase by it */
async function isClockSteady(db: Db, now: Date): Promise<boolean> {
	const [row] = await db.select().from(retention).where(eq(retention.id, 1));
	const gap = row?.lookedAt ? now.getTime() - row.lookedAt.getTime() : NaN;
	const wentOn = gap >= 0 && gap <= LONGEST_GAP_MS;
	const since = (wentOn && row?.steadySince) || now;
	await db.update(retention).set({ lookedAt: now, steadySince: since }).where(eq(retention.id, 1));
	return now.getTime() - since.getTime() >= TRIAL_MS;
}

/**
 * Erases those whose time is over, each by itself, so that one who has to wait holds up nobody. Who has a warning sign without an outcome
 * stays until there is one.
 *
 * Nobody within a week after the clock jumped or the program stood still: what a wrong clock erases is gone.
 *
 * @returns how many were erased
 */
export async function applyRetention(db: Db, now: Date, zone: string): Promise<number> {
	if (!(await isClockSteady(db, now))) return 0;
	const policy = await readRetention(db);
	const waiting: string[] = [];
	let erased = 0;
	while (erased < MOST) {
		const batch = await over(db, policy, isoDay(now, zone), MOST, waiting);
		if (batch.length === 0) break;
		for (const { id } of batch)
			try {
				await erasePerson(db, { kind: 'system' }, { personId: id, why: 'retention' }, now);
				erased += 1;
			} catch (thrown) {
				if (isConnectionError(thrown)) throw thrown;
				// Whoever can't be erased waits for the next hour, and holds up nobody.
				if (!(thrown instanceof DomainError))
					log({ level: 'error', event: 'retention-person', ...describeError(thrown) });
				waiting.push(id);
			}
	}
	return erased;
}
