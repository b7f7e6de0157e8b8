import { and, asc, eq, isNotNull, isNull, lt, lte, ne, sql } from 'drizzle-orm';
import { nextTryAfterMs, WEBHOOK_DAYS } from '../../../core/platform/webhooks/retries';
import { decryptSecret } from '../access/secret-keys';
import { schema, type Db } from '../db/client';
import { TRIAL_KIND } from '../db/schema/webhooks';
import type { ShouldContinue } from '../jobs/should-continue';
import { log } from '../log';
import type { PostResult, PostSigned } from './post-signed';

const { webhookMessages, webhooks } = schema;

const DAY_MS = 86_400_000;

/** How long a message is reserved for the process that sends it, ms: longer than a receiver may take. */
const CLAIM_MS = 60_000;

/** How long messages can be looked up, days. Our assumption. */
const KEPT_DAYS = 30;

type Webhook = Pick<typeof webhooks.$inferSelect, 'id' | 'url' | 'secret' | 'failingSince'>;
type Message = typeof webhookMessages.$inferSelect;

/** What a receiver is told: the kind of act, and a number that leads to nobody. */
export const messageBody = ({ kind, number }: Pick<Message, 'kind' | 'number'>): string =>
	JSON.stringify({ kind, number });

/** Reserves the message that has been due for longest; null where none is. */
async function claim(db: Db, webhookId: string, now: Date): Promise<Message | null> {
	const due = db
		.select({ number: webhookMessages.number })
		.from(webhookMessages)
		.where(and(eq(webhookMessages.webhookId, webhookId), lte(webhookMessages.nextTryAt, now)))
		.orderBy(asc(webhookMessages.nextTryAt))
		.limit(1)
		.for('update', { skipLocked: true });
	const [claimed] = await db
		.update(webhookMessages)
		.set({ nextTryAt: new Date(now.getTime() + CLAIM_MS), tries: sql`${webhookMessages.tries} + 1` })
		.where(eq(webhookMessages.number, sql`(${due})`))
		.returning();
	return claimed ?? null;
}

/** Records what became of a message: taken, tried again later, or given up after some days. */
async function record(db: Db, message: Message, result: PostResult, now: Date): Promise<void> {
	const next = new Date(now.getTime() + nextTryAfterMs(message.tries));
	const isGivenUp = next.getTime() > message.queuedAt.getTime() + WEBHOOK_DAYS * DAY_MS;
	await db
		.update(webhookMessages)
		.set(
			result.isTaken
				? { takenAt: now, nextTryAt: null, fault: '' }
				: { nextTryAt: isGivenUp ? null : next, fault: result.fault }
		)
		.where(eq(webhookMessages.number, message.number));
}

/** Sends what is due to one webhook, oldest first, until something isn't taken: what comes after would meet the same. */
async function deliverTo(
	db: Db,
	webhook: Webhook,
	of: { readonly post: PostSigned; readonly clock: () => Date; readonly shallGoOn: ShouldContinue }
): Promise<number> {
	const secret = decryptSecret(webhook.secret);
	if (secret === null) {
		log({ level: 'error', event: 'webhook-secret-unreadable', webhook: webhook.id });
		return 0;
	}
	let { failingSince } = webhook;
	for (let taken = 0; ; taken += 1) {
		const now = of.clock();
		const message = of.shallGoOn() ? await claim(db, webhook.id, now) : null;
		if (!message) return taken;
		const result = await of.post({ url: webhook.url, secret, body: messageBody(message), at: now });
		await record(db, message, result, of.clock());
		if (result.isTaken !== (failingSince === null)) {
			failingSince = result.isTaken ? null : now;
			await db.update(webhooks).set({ failingSince }).where(eq(webhooks.id, webhook.id));
		}
		if (result.isTaken) continue;
		log({ level: 'warn', event: 'webhook', webhook: webhook.id, fault: result.fault });
		return taken;
	}
}

/**
 * Sends webhooks what is due. A message may arrive twice, where a process dies before it records that it was taken: its number is the same
 * then. No transaction is open meanwhile, and webhooks don't wait for each other.
 * @returns how many messages were taken
 */
export async function deliverWebhookMessages(
	db: Db,
	post: PostSigned,
	clock: () => Date,
	shallGoOn: ShouldContinue
): Promise<number> {
	const on = await db.select().from(webhooks).where(eq(webhooks.isOn, true));
	const taken = await Promise.all(on.map((webhook) => deliverTo(db, webhook, { post, clock, shallGoOn })));
	return taken.reduce((sum, n) => sum + n, 0);
}

/** Deletes messages that nobody looks up any more; those that wait are given up before. */
export async function purgeWebhookMessages(db: Db, now: Date): Promise<void> {
	await db
		.delete(webhookMessages)
		.where(
			and(
				isNull(webhookMessages.nextTryAt),
				lt(webhookMessages.queuedAt, new Date(now.getTime() - KEPT_DAYS * DAY_MS))
			)
		);
}

/** How many messages of a webhook wait, and how many were given up; those for trying it aside. */
export const countMessages = async (db: Db, webhookId: string) => {
	const ofIt = and(eq(webhookMessages.webhookId, webhookId), ne(webhookMessages.kind, TRIAL_KIND));
	return {
		waiting: await db.$count(webhookMessages, and(ofIt, isNotNull(webhookMessages.nextTryAt))),
		givenUp: await db.$count(
			webhookMessages,
			and(ofIt, isNull(webhookMessages.nextTryAt), isNull(webhookMessages.takenAt))
		)
	};
};
