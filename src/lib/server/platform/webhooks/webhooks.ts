import { randomBytes } from 'node:crypto';
import { and, asc, desc, eq, isNotNull, sql } from 'drizzle-orm';
import { MAX_WEBHOOKS, type WebhookKind } from '../../../core/platform/webhooks/webhook-kinds';
import { requirePermission } from '../access/require-permission';
import { decryptSecret, encryptSecret } from '../access/secret-keys';
import type { Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { TRIAL_KIND } from '../db/schema/webhooks';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';
import { countMessages, messageBody } from './deliver-messages';
import type { PostResult, PostSigned } from './post-signed';
import { requireWebhookAddress } from './webhook-address';

const { webhookMessages, webhooks } = schema;

/** Newest messages that a page shows of each webhook. */
const NEWEST = 10;

/** What a coordinator sets of a webhook. */
export interface WebhookInput {
	/** Null for a new one. */
	readonly id: string | null;
	readonly name: string;
	readonly url: string;
	readonly kinds: readonly WebhookKind[];
	readonly isOn: boolean;
	/** As the page showed it; 0 for a new one. */
	readonly version: number;
}

/** The webhooks with their secrets, newest messages and how many wait. */
export async function webhooksPage(db: Db, actor: Actor) {
	requirePermission(actor, 'settings:change');
	const rows = await db.select().from(webhooks).orderBy(asc(webhooks.createdAt), asc(webhooks.id));
	const found = [];
	for (const { secret, createdAt: _, ...row } of rows)
		found.push({
			...row,
			secret: decryptSecret(secret) ?? '',
			...(await countMessages(db, row.id)),
			newest: await db
				.select()
				.from(webhookMessages)
				.where(eq(webhookMessages.webhookId, row.id))
				.orderBy(desc(webhookMessages.queuedAt), asc(webhookMessages.number))
				.limit(NEWEST)
		});
	return { webhooks: found };
}

/**
 * Adds or changes a webhook. A new address gets a new secret; one that is switched off forgets what it wasn't told yet.
 * @throws DomainError where a field can't be used, there are too many, or someone else has changed it in the meantime
 */
export async function setWebhook(db: Db, actor: Actor, input: WebhookInput, now: Date): Promise<string> {
	requirePermission(actor, 'settings:change');
	const [name, url] = [input.name.trim(), input.url.trim()];
	if (name === '') throw new DomainError('invalid', 'webhookName', '/name');
	requireWebhookAddress(url, '/url', 'webhookUrl');
	if (input.kinds.length === 0) throw new DomainError('invalid', 'webhookKinds', '/kinds');
	return inTransaction(db, async (tx) => {
		const [known] =
			input.id === null
				? []
				: await tx.select().from(webhooks).where(eq(webhooks.id, input.id)).for('update');
		if ((input.id !== null || input.version !== 0) && known?.version !== input.version)
			throw new DomainError('conflict', 'webhookChanged');
		if (!known && (await tx.$count(webhooks)) >= MAX_WEBHOOKS)
			throw new DomainError('conflict', { code: 'webhooksFull', facts: { most: MAX_WEBHOOKS } });
		const secret = known?.url === url ? known.secret : encryptSecret(randomBytes(32).toString('base64url'));
		const values = { name, url, secret, kinds: [...input.kinds], isOn: input.isOn, failingSince: null };
		const [row] = known
			? await tx
					.update(webhooks)
					.set({ ...values, version: sql`${webhooks.version} + 1` })
					.where(eq(webhooks.id, known.id))
					.returning({ id: webhooks.id })
			: await tx
					.insert(webhooks)
					.values({ ...values, createdAt: now })
					.returning({ id: webhooks.id });
		if (!row) throw new Error('A webhook was written and is not there');
		// Whoever switches it on again hears of what happens from then on.
		if (!input.isOn)
			await tx
				.delete(webhookMessages)
				.where(and(eq(webhookMessages.webhookId, row.id), isNotNull(webhookMessages.nextTryAt)));
		await writeAuditLine(tx, actor, { at: now, act: 'webhook-set', detail: { webhook: name } });
		return row.id;
	});
}

/** Removes a webhook with all it was told; done twice it is done once. */
export async function removeWebhook(db: Db, actor: Actor, id: string, now: Date): Promise<void> {
	requirePermission(actor, 'settings:change');
	await inTransaction(db, async (tx) => {
		const [gone] = await tx.delete(webhooks).where(eq(webhooks.id, id)).returning({ name: webhooks.name });
		if (gone)
			await writeAuditLine(tx, actor, { at: now, act: 'webhook-removed', detail: { webhook: gone.name } });
	});
}

/**
 * Sends a webhook a message for trying it, now, switched on or not.
 * @throws DomainError `not-found` where there is no such webhook
 */
export async function tryWebhook(
	db: Db,
	actor: Actor,
	of: { readonly id: string; readonly post: PostSigned },
	now: Date
): Promise<PostResult> {
	requirePermission(actor, 'settings:change');
	const [webhook] = await db.select().from(webhooks).where(eq(webhooks.id, of.id));
	const secret = webhook && decryptSecret(webhook.secret);
	if (!webhook || !secret) throw new DomainError('not-found', 'webhookChanged');
	const [message] = await db
		.insert(webhookMessages)
		.values({ webhookId: webhook.id, kind: TRIAL_KIND, queuedAt: now, tries: 1 })
		.returning();
	if (!message) throw new Error('An insert returned no row');
	const result = await of.post({ url: webhook.url, secret, body: messageBody(message), at: now });
	await db
		.update(webhookMessages)
		.set(result.isTaken ? { takenAt: now } : { fault: result.fault })
		.where(eq(webhookMessages.number, message.number));
	return result;
}
