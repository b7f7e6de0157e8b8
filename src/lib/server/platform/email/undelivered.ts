import { and, desc, eq, gt, or, sql, type SQL } from 'drizzle-orm';
import type { UndeliveredState } from '../../../core/platform/sending/letter-states';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { countUpTo } from '../db/count-up-to';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { queueJob } from '../jobs/queue-job';

const { emails, rounds } = schema;

/** Most lines on the page; the rest is counted. */
const MAX_UNDELIVERED_SHOWN = 100;

/**
 * An address without a mailbox is shown with the person as long as it is set; its emails are listed for this long, days. Our assumption.
 */
const BOUNCED_DAYS = 30;

const DAY_MS = 86_400_000;

/**
 * Emails that the mail server refused and may still accept: being tried again, or given up after five days. Served by
 * emails_undelivered_idx.
 */
const refused = or(eq(emails.state, 'failed'), and(eq(emails.state, 'waiting'), gt(emails.tries, 0)));

/** Emails not delivered, including recent ones to an address without a mailbox. */
const undelivered = (now: Date) =>
	or(
		refused,
		and(eq(emails.state, 'bounced'), gt(emails.writtenAt, new Date(now.getTime() - BOUNCED_DAYS * DAY_MS)))
	);

/** People who have left are not emailed. */
const stillHere = sql`not exists (
	select from people p where p.id = ${emails.personId} and p.left_at is not null)`;

/** An undelivered email, with the mail server's answer. */
export interface UndeliveredEmails {
	readonly id: string;
	/** Null for an email to a user. */
	readonly personId: string | null;
	readonly toName: string;
	readonly subject: string;
	/** Its round; null for none. */
	readonly round: string | null;
	readonly writtenAt: Date;
	readonly state: UndeliveredState;
	readonly tries: number;
	readonly nextTryAt: Date;
	readonly fault: string;
}

/** The undelivered emails, newest first, and their number. */
export async function readUndelivered(
	db: Db,
	actor: Actor & { kind: 'user' },
	now: Date
): Promise<{ lines: UndeliveredEmails[]; all: number }> {
	requirePermission(actor, 'emails:release');
	const rows = await db
		.select({
			id: emails.id,
			personId: emails.personId,
			toName: emails.toName,
			subject: emails.subject,
			round: rounds.name,
			writtenAt: emails.writtenAt,
			state: emails.state,
			tries: emails.tries,
			nextTryAt: emails.nextTryAt,
			fault: emails.fault
		})
		.from(emails)
		.leftJoin(rounds, eq(rounds.id, emails.roundId))
		.where(undelivered(now))
		.orderBy(desc(emails.writtenAt))
		.limit(MAX_UNDELIVERED_SHOWN);
	return {
		lines: rows.map((row) => ({ ...row, state: row.state as UndeliveredEmails['state'] })),
		all: rows.length < MAX_UNDELIVERED_SHOWN ? rows.length : await counted(db, undelivered(now))
	};
}

async function counted(db: Db, which: SQL | undefined): Promise<number> {
	const [row] = await db
		.select({ n: sql<number>`count(*)::int` })
		.from(emails)
		.where(which);
	return row?.n ?? 0;
}

/** How many emails the mail server refused, as part of a statement; an index contains just these. */
export const refusedCounted = countUpTo(emails, refused);

/** The mail server's answer to the newest of them, as part of a statement; null where there is none. */
export const newestRefusal = sql<
	string | null
>`(select ${emails.fault} from ${emails} where ${refused} order by ${emails.writtenAt} desc limit 1)`;

/** Number of refused emails that nobody has received; an index contains just these. */
export const countRefused = (db: Db): Promise<number> => counted(db, refused);

/**
 * Tries refused emails again from now on, with five more days of attempts: one of them, or all. An address without a mailbox is not tried
 * again; it must be corrected first.
 * @param id of one; null for all
 * @returns how many are tried again
 */
export async function sendAgain(
	db: Db,
	actor: Actor,
	{ id }: { readonly id: string | null },
	now: Date
): Promise<number> {
	requirePermission(actor, 'emails:release');
	return inTransaction(db, async (tx) => {
		const again = await tx
			.update(emails)
			.set({ state: 'waiting', tries: 0, nextTryAt: now })
			.where(and(refused, stillHere, id === null ? undefined : eq(emails.id, id)))
			.returning({ id: emails.id });
		if (again.length > 0)
			await writeAuditLine(tx, actor, { at: now, act: 'emails-sent-again', detail: { n: again.length } });
		await queueJob(tx, 'emails');
		return again.length;
	});
}
