import { sql } from 'drizzle-orm';
import { boolean, check, index, integer, pgTable, text, uuid } from 'drizzle-orm/pg-core';
import { WEBHOOK_KINDS, type WebhookKind } from '../../../../core/platform/webhooks/webhook-kinds';
import { areAllOf, isOneOf, moment, textList } from './columns';

/** Kind of the message by which an address is tried. */
export const TRIAL_KIND = 'test';

/** Addresses of other programs that are told of acts. Kept until they are removed. */
export const webhooks = pgTable(
	'webhooks',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		/** What the coordinators call it. */
		name: text('name').notNull(),
		/** HTTPS. */
		url: text('url').notNull(),
		/** Encrypted; signs what it is sent. */
		secret: text('secret').notNull(),
		kinds: textList<WebhookKind>('kinds').notNull(),
		isOn: boolean('is_on').notNull(),
		/** Since when it has taken nothing; null while it does. */
		failingSince: moment('failing_since'),
		version: integer('version').notNull().default(1),
		createdAt: moment('created_at').notNull()
	},
	(t) => [check('webhooks_kinds_check', areAllOf(t.kinds, WEBHOOK_KINDS))]
);

/**
 * What webhooks are told, one row for each act and webhook: made with the seal of the act's line of the audit log, so for each act once.
 * Deleted some weeks later, or with the webhook.
 */
export const webhookMessages = pgTable(
	'webhook_messages',
	{
		/** What the receiver knows it by; it leads to nobody. */
		number: uuid('number').primaryKey().defaultRandom(),
		webhookId: uuid('webhook_id')
			.notNull()
			.references(() => webhooks.id, { onDelete: 'cascade' }),
		kind: text('kind').$type<WebhookKind | typeof TRIAL_KIND>().notNull(),
		queuedAt: moment('queued_at').notNull(),
		tries: integer('tries').notNull().default(0),
		/** Null once it was taken or given up. */
		nextTryAt: moment('next_try_at'),
		takenAt: moment('taken_at'),
		/** What the last attempt met: a status, or that nobody could be reached. */
		fault: text('fault').notNull().default('')
	},
	(t) => [
		check('webhook_messages_kind_check', isOneOf(t.kind, [...WEBHOOK_KINDS, TRIAL_KIND])),
		index('webhook_messages_due_idx')
			.on(t.webhookId, t.nextTryAt)
			.where(sql`${t.nextTryAt} is not null`),
		index('webhook_messages_newest_idx').on(t.webhookId, t.queuedAt.desc()),
		index('webhook_messages_queued_idx').on(t.queuedAt)
	]
);
