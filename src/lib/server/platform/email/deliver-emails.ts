import { and, asc, eq, gt, inArray, isNotNull, isNull, lte, or, sql, type SQL } from 'drizzle-orm';
import type { Organisation } from '../../../core/platform/organisation';
import { writeAuditLine } from '../audit/write-audit-line';
import { log } from '../log';
import { alwaysContinue, type ShouldContinue } from '../jobs/should-continue';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { reassessCase } from '../../cases/case-assessments/reassess-cases';
import { lockPerson } from '../../people/lock-person';
import { publishChange } from '../live/changes';
import { readLogo, readOrganisation, type Logo } from '../organisation/read-organisation';
import { composeEmail, LOGO_CID } from './compose-email';
import { linkPathToSend } from './personal-link';
import { DeliveryError, type MailTransport } from './mail-transport';

const { emails, people, roundPeople } = schema;

/** Emails claimed and sent at a time: few, so that little is repeated after a crash. */
const BATCH = 20;

/** Minutes of a day. */
const A_DAY = 1440;

/**
 * Minutes until the next attempt, by the number made: five days in all, as mail servers do (RFC 5321, 4.5.4.1); then the email counts as
 * failed.
 */
const BACK_OFF_MINUTES = [1, 5, 15, 60, 240, 720, A_DAY, A_DAY, A_DAY, A_DAY, 480] as const;

/**
 * This many refusals in a row that concern no particular mailbox are the server's problem, not the emails': the rest waits for the next
 * run.
 */
const MANY_REFUSED = BATCH;

const LONGEST_WAIT_MS = Math.max(...BACK_OFF_MINUTES) * 60_000;

/** The result of a batch. */
export interface DeliveryCounts {
	readonly delivered: number;
	readonly refused: number;
}

/** An email's message id, which never changes. */
export function messageIdOf(emailId: string): string {
	return `<${emailId}@easy-corner>`;
}

export interface ClaimOptions {
	/** How long a process has an email for itself, ms: after that, another one takes it over. */
	readonly leaseMs: number;
	readonly shallGoOn?: ShouldContinue;
}

/** Longer than a batch takes with a mail server that lets every email run into its time-out (`mail-transport.ts`). */
export const DEFAULT_CLAIM: ClaimOptions = { leaseMs: 6 * 60_000 };

/**
 * Delivers waiting emails, account emails first, then the oldest, some in parallel. Several processes may do so at once. An email is
 * claimed, then sent outside any transaction, then recorded: a silent mail server holds no lock that a person's act could wait for. A
 * process that dies between sending an email and recording it leaves its claim, which expires, and the email is sent again with the same
 * message id: never lost, and recognised as one.
 * @param origin base URL for links
 * @returns when nothing is waiting, or when it shall not go on: after whole batches
 */
export async function deliverEmails(
	db: Db,
	postman: MailTransport,
	origin: string,
	clock: () => Date,
	{ leaseMs, shallGoOn = alwaysContinue }: ClaimOptions = DEFAULT_CLAIM
): Promise<DeliveryCounts> {
	let [delivered, refused, inARow] = [0, 0, 0];
	while (shallGoOn()) {
		const batch = await claim(db, clock(), leaseMs);
		if (batch.length === 0) break;
		const from = { organisation: await readOrganisation(db), logo: await readLogo(db) };
		const outcomes = await Promise.allSettled(
			batch.map((email) => deliverOne(db, postman, { origin, from, email }, clock))
		);
		for (const outcome of outcomes) {
			if (outcome.status === 'rejected') throw outcome.reason;
			const fault = outcome.value;
			if (fault === null) delivered += 1;
			else refused += 1;
			inARow = fault && !fault.isFinal ? inARow + 1 : 0;
			if (fault) log({ level: 'warn', event: 'email-refused', code: fault.code || 'no answer' });
		}
		if (inARow >= MANY_REFUSED) {
			log({ level: 'error', event: 'email-stopped', refused: inARow });
			break;
		}
	}
	return { delivered, refused };
}

type EmailRow = typeof emails.$inferSelect;

/** Claims the next emails for this process: account emails first, since someone is waiting for each, then the others. */
async function claim(db: Db, now: Date, leaseMs: number): Promise<EmailRow[]> {
	const ofAccounts = await claimOf(db, now, leaseMs, isNull(emails.personId));
	return ofAccounts.length > 0 ? ofAccounts : claimOf(db, now, leaseMs, isNotNull(emails.personId));
}

/** Claims the next of some emails; served by emails_waiting_idx and emails_of_accounts_idx. */
async function claimOf(db: Db, now: Date, leaseMs: number, which: SQL): Promise<EmailRow[]> {
	// A time further off than any wait was written by a clock that has since been corrected: the email is due, and unclaimed.
	const free = or(
		isNull(emails.claimedUntil),
		lte(emails.claimedUntil, now),
		gt(emails.claimedUntil, new Date(now.getTime() + leaseMs))
	);
	const due = or(lte(emails.nextTryAt, now), gt(emails.nextTryAt, new Date(now.getTime() + LONGEST_WAIT_MS)));
	const next = db
		.select({ id: emails.id })
		.from(emails)
		.where(and(eq(emails.state, 'waiting'), which, due, free))
		.orderBy(asc(emails.nextTryAt))
		.limit(BATCH)
		.for('no key update', { skipLocked: true });
	return db
		.update(emails)
		.set({ claimedUntil: new Date(now.getTime() + leaseMs) })
		.where(inArray(emails.id, next))
		.returning();
}

/**
 * The URL of an email's button: only the outgoing email contains the secret.
 * @returns null where it has no button
 * @throws DeliveryError where the key it was made with is no longer known
 */
export async function linkOfEmail(
	db: Db,
	origin: string,
	{ linkPath }: Pick<EmailRow, 'linkPath'>
): Promise<string | null> {
	if (linkPath === '') return null;
	const path = await linkPathToSend(db, linkPath);
	if (path === null)
		throw new DeliveryError(
			'The key of personal links has changed: send this person a new self-assessment.',
			false
		);
	return `${origin}${path}`;
}

/** An outgoing email and its sender. */
interface Leaving {
	readonly origin: string;
	readonly from: { readonly organisation: Organisation; readonly logo: Logo | null };
	readonly email: EmailRow;
}

/** @returns why it was not taken; null where it was */
async function deliverOne(
	db: Db,
	postman: MailTransport,
	{ origin, from: { organisation, logo }, email }: Leaving,
	clock: () => Date
): Promise<DeliveryError | null> {
	try {
		const link = await linkOfEmail(db, origin, email);
		await postman.deliver({
			emailId: email.id,
			messageId: messageIdOf(email.id),
			toName: email.toName,
			toEmail: email.toEmail,
			...composeEmail(email, {
				organisation,
				logo: logo && { ...logo, address: `cid:${LOGO_CID}` },
				link
			}),
			logo: logo && { cid: LOGO_CID, png: logo.png }
		});
	} catch (error) {
		if (!(error instanceof DeliveryError)) throw error;
		await inTransaction(db, async (tx) => {
			// The person first, as in every act.
			if (error.isFinal && email.personId) await lockPerson(tx, email.personId);
			await noteRefusal(tx, email, error, clock());
			if (error.isFinal && email.personId) await recordBounce(tx, email.personId, clock());
		});
		return error;
	}
	await inTransaction(db, (tx) => noteDelivery(tx, email, postman.isReal, clock()));
	return null;
}

/** Links for choosing a password: secrets that no backup needs once they are in a mailbox. */
const OPENS_ACCOUNT = /^\/desk\/password\//;

async function noteDelivery(tx: Db, email: EmailRow, isReal: boolean, now: Date): Promise<void> {
	await tx
		.update(emails)
		.set({
			state: 'delivered',
			deliveredAt: now,
			tries: sql`${emails.tries} + 1`,
			fault: '',
			claimedUntil: null,
			...(isReal && OPENS_ACCOUNT.test(email.linkPath) ? { linkPath: '' } : {})
		})
		.where(eq(emails.id, email.id));
	const about = email.personId ? { personId: email.personId } : {};
	await writeAuditLine(tx, { kind: 'system' }, { at: now, act: 'letter-delivered', ...about });
}

async function noteRefusal(
	tx: Db,
	email: EmailRow,
	{ message, isFinal }: DeliveryError,
	now: Date
): Promise<void> {
	const wait = BACK_OFF_MINUTES[email.tries];
	const state = isFinal ? 'bounced' : wait === undefined ? 'failed' : 'waiting';
	await tx
		.update(emails)
		.set({
			state,
			tries: email.tries + 1,
			fault: message,
			claimedUntil: null,
			nextTryAt: new Date(now.getTime() + (wait ?? 0) * 60_000)
		})
		.where(eq(emails.id, email.id));
}

/** Marks an address that does not exist: no reminders go there, and the coordinator sees it. */
export async function recordBounce(tx: Db, personId: string, now: Date): Promise<void> {
	await tx.update(people).set({ bouncedAt: now }).where(eq(people.id, personId));
	const changed = await tx
		.update(roundPeople)
		.set({ state: 'bounced', remindOn: null })
		.where(and(eq(roundPeople.personId, personId), eq(roundPeople.state, 'sent')))
		.returning({ roundId: roundPeople.roundId });
	for (const { roundId } of changed) await publishChange(tx, `round:${roundId}`);
	await reassessCase(tx, personId, now);
}
