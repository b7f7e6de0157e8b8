import { and, asc, eq, isNotNull, lt, notInArray, or, sql } from 'drizzle-orm';
import { retentionCutoffs, RETENTION_YEARS, type Retention } from '../../../core/platform/retention';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { isoDay } from '../../platform/clock';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { isConnectionError } from '../../platform/db/connection-error';
import { DomainError } from '../../platform/domain-error';
import { describeError, log } from '../../platform/log';
import { erasePerson } from './erase-person';

const { assessments, people, retention } = schema;

/** Most people shown, and erased in one run of the job. */
const MOST = 100;

const DAY_MS = 24 * 3_600_000;

/** The policy in force, with its version. */
export async function readRetention(db: Db): Promise<Retention & { readonly version: number }> {
	const [row] = await db.select().from(retention).where(eq(retention.id, 1));
	const { yearsAfterLeaving = null, yearsAfterAnswer = null, version = 1 } = row ?? {};
	return { yearsAfterLeaving, yearsAfterAnswer, version };
}

/** When someone last answered; null where they never did. */
const lastAnswer = sql<Date | null>`(
	select max(a.answered_at) from ${assessments} a where a.person_id = ${people.id})`;

/**
 * People whose time is up under a policy on a day, those who left first first. For people who never answered, only leaving counts. Cost:
 * all people once, with a look-up of their answers each: half a second for a hundred thousand; run once a day and on its page.
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

/** The policy, and whom it, or a different one under consideration, would erase today. */
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

/** A policy as sent by its form. */
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
	await inTransaction(db, async (tx) => {
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

/** A longer gap between two runs means that the program stood still, or the clock was put forward. */
const LONGEST_GAP_MS = 2 * DAY_MS;

/**
 * How long the clock must run without a jump before anyone is erased by it: time for someone to notice that it is wrong. Our assumption.
 */
const TRIAL_MS = 7 * DAY_MS;

/**
 * Records a run.
 * @returns whether the clock has run without a jump for long enough
 */
async function isClockSteady(db: Db, now: Date): Promise<boolean> {
	const [row] = await db.select().from(retention).where(eq(retention.id, 1));
	const gap = row?.lookedAt ? now.getTime() - row.lookedAt.getTime() : NaN;
	const wentOn = gap >= 0 && gap <= LONGEST_GAP_MS;
	const since = (wentOn && row?.steadySince) || now;
	await db.update(retention).set({ lookedAt: now, steadySince: since }).where(eq(retention.id, 1));
	return now.getTime() - since.getTime() >= TRIAL_MS;
}

/**
 * Erases people whose time is up, each separately, so that one who has to wait holds up nobody. Someone with an open warning sign stays
 * until it has an outcome. Nobody is erased within a week after the clock jumped or the program stood still: what a wrong clock erases is
 * gone.
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
				// Someone who can't be erased waits for the next hour, and holds up nobody.
				if (!(thrown instanceof DomainError))
					log({ level: 'error', event: 'retention-person', ...describeError(thrown) });
				waiting.push(id);
			}
	}
	return erased;
}
