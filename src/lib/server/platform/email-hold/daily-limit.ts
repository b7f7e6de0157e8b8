import { eq, isNull, lt, lte, sql } from 'drizzle-orm';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';
import { organisationZone } from '../organisation/organisation-zone';
import { queueJob } from '../jobs/queue-job';

const { cases, emailDays, emailLimit, people } = schema;

/**
 * Emails that may be sent automatically in one day, where nobody has set a number: proportional to the number of people, and for a small
 * organisation enough for everyone. Our working assumption: everyone is asked about five times a year.
 */
const USUAL_SHARE = 0.02;
const USUAL_LEAST = 200;

/** Days for which counts are kept. */
const KEPT_DAYS = 60;

/** The limit, and how much of it is used today. */
export interface DailyLimit {
	readonly perDay: number;
	/** Whether someone has set it. */
	readonly isSet: boolean;
	readonly version: number;
	readonly sentToday: number;
	/** People whose email is due and waits for another day because today's limit is reached. */
	readonly keptBack: number;
}

export async function organisationDay(db: Db, now: Date): Promise<string> {
	const { rows } = await db.execute<{ day: string }>(
		sql`select (${now.toISOString()}::timestamptz at time zone ${organisationZone})::date::text as day`
	);
	return rows[0]?.day ?? '';
}

const usualLimit = (n: number) => Math.max(USUAL_LEAST, Math.ceil(n * USUAL_SHARE));

/** The limit in force, and the number set. Cost: one row, and a count of the people where nothing is set. */
async function limitOf(db: Db): Promise<Pick<DailyLimit, 'perDay' | 'isSet' | 'version'>> {
	const [row] = await db.select().from(emailLimit);
	if (row?.perDay) return { perDay: row.perDay, isSet: true, version: row.version };
	const perDay = usualLimit(await db.$count(people, isNull(people.leftAt)));
	return { perDay, isSet: false, version: row?.version ?? 0 };
}

/** Today's limit and use. */
export async function readDailyLimit(db: Db, now: Date): Promise<DailyLimit> {
	const day = await organisationDay(db, now);
	const [[sent], limit] = await Promise.all([
		db.select({ n: emailDays.sent }).from(emailDays).where(eq(emailDays.day, day)),
		limitOf(db)
	]);
	const sentToday = sent?.n ?? 0;
	const isReached = sentToday >= limit.perDay;
	return { ...limit, sentToday, keptBack: isReached ? await db.$count(cases, lte(cases.mailOn, day)) : 0 };
}

/** The number of automatic emails still allowed today. */
export interface DailyMailQuota {
	/** Counts one more email for today, in the transaction that writes it; false where the limit is reached. */
	take(tx: Db): Promise<boolean>;
}

/**
 * Today's quota of automatic emails. The count is a row that each email locks until it is written, so that several processes together keep
 * the limit.
 */
export async function mailQuotaOfToday(db: Db, now: Date): Promise<DailyMailQuota> {
	const day = await organisationDay(db, now);
	const { perDay } = await limitOf(db);
	await db.delete(emailDays).where(lt(emailDays.day, sql`${day}::date - ${KEPT_DAYS}::integer`));
	return {
		take: async (tx) => {
			const taken = await tx
				.insert(emailDays)
				.values({ day, sent: 1 })
				.onConflictDoUpdate({
					target: emailDays.day,
					set: { sent: sql`${emailDays.sent} + 1` },
					setWhere: lt(emailDays.sent, perDay)
				})
				.returning({ sent: emailDays.sent });
			return taken.length > 0;
		}
	};
}

/** Sets how many emails may be sent automatically in one day. */
export async function setDailyLimit(
	db: Db,
	actor: Actor,
	{ perDay, version }: { perDay: number; version: number },
	now: Date
): Promise<void> {
	requirePermission(actor, 'emails:release');
	if (!Number.isInteger(perDay) || perDay < 1 || perDay > 1_000_000)
		throw new DomainError('invalid', 'emailsPerDay', '/perDay');
	await inTransaction(db, async (tx) => {
		const saved = await tx
			.insert(emailLimit)
			.values({ id: 1, perDay, version: version + 1 })
			.onConflictDoUpdate({
				target: emailLimit.id,
				set: { perDay, version: version + 1 },
				setWhere: eq(emailLimit.version, version)
			})
			.returning({ id: emailLimit.id });
		if (saved.length === 0) throw new DomainError('conflict', 'limitChanged');
		await writeAuditLine(tx, actor, { at: now, act: 'email-limit-set', detail: { perDay } });
		await queueJob(tx, 'due-cases');
	});
}
