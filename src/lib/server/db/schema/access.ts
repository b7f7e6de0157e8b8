import { sql } from 'drizzle-orm';
import { check, index, pgTable, text, uniqueIndex, uuid } from 'drizzle-orm/pg-core';
import { ROLES } from '../../../core/access';
import { isOneOf, moment } from './columns';

/** People who sign in. Kept while the account exists. */
export const users = pgTable(
	'users',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		email: text('email').notNull(),
		name: text('name').notNull(),
		role: text('role', { enum: ROLES }).notNull(),
		/** argon2id, in its own encoded form. */
		passwordHash: text('password_hash').notNull(),
		createdAt: moment('created_at').notNull().defaultNow(),
		/** When the account was closed; a closed account signs in no more and keeps its name on the record. */
		closedAt: moment('closed_at'),
		/** SHA-256 of the secret in the address of the user's calendar; null while there is none. */
		calendarHash: text('calendar_hash')
	},
	(t) => [
		uniqueIndex('users_calendar_key').on(t.calendarHash),
		uniqueIndex('users_email_key').on(sql`lower(${t.email})`),
		check('users_role_check', isOneOf(t.role, ROLES))
	]
);

/** Signed-in browsers. Only a hash of the cookie is kept; removed when it ends. */
export const sessions = pgTable(
	'sessions',
	{
		tokenHash: text('token_hash').primaryKey(),
		userId: uuid('user_id')
			.notNull()
			.references(() => users.id, { onDelete: 'cascade' }),
		createdAt: moment('created_at').notNull().defaultNow(),
		expiresAt: moment('expires_at').notNull(),
		/** Which browser, as it names itself, shortened: so that somebody knows theirs. */
		device: text('device').notNull().default('')
	},
	(t) => [index('sessions_user_idx').on(t.userId), index('sessions_expires_idx').on(t.expiresAt)]
);

/** What a link for a password is for. */
export const ACCOUNT_LINK_KINDS = ['invitation', 'reset'] as const;

/** Links by which somebody chooses a password: an invitation, or a reset. Only a hash is kept; used once. */
export const accountLinks = pgTable(
	'account_links',
	{
		tokenHash: text('token_hash').primaryKey(),
		userId: uuid('user_id')
			.notNull()
			.references(() => users.id, { onDelete: 'cascade' }),
		kind: text('kind', { enum: ACCOUNT_LINK_KINDS }).notNull(),
		createdAt: moment('created_at').notNull(),
		expiresAt: moment('expires_at').notNull()
	},
	(t) => [
		index('account_links_user_idx').on(t.userId),
		check('account_links_kind_check', isOneOf(t.kind, ACCOUNT_LINK_KINDS))
	]
);

/** Failed sign-ins, counted to slow guessing down; removed after a day. The key is a hash of address or origin. */
export const signInFailures = pgTable(
	'sign_in_failures',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		key: text('key').notNull(),
		at: moment('at').notNull()
	},
	(t) => [index('sign_in_failures_key_at_idx').on(t.key, t.at), index('sign_in_failures_at_idx').on(t.at)]
);
