import { sql } from 'drizzle-orm';
import {
	bigint,
	boolean,
	check,
	index,
	integer,
	pgTable,
	primaryKey,
	text,
	uniqueIndex,
	uuid
} from 'drizzle-orm/pg-core';
import { ROLES } from '../../../core/access';
import { isOneOf, moment, textList } from './columns';

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
		calendarHash: text('calendar_hash'),
		/** Secret that the codes of the second factor come from, base32; null while there is none. */
		codeSecret: text('code_secret'),
		/** When the first code of it was given: before that it asks for nothing. */
		codeSince: moment('code_since'),
		/** The step of 30 s whose code was taken last: each is taken once. */
		codeStep: integer('code_step').notNull().default(0),
		/** SHA-256 of the codes for who has lost the device, each used once. */
		recoveryHashes: textList('recovery_hashes').notNull().default([]),
		/** Whether a coordinator reads the record of who did what: given by someone who reads it, and to the first account of all. */
		seesRecord: boolean('sees_record').notNull().default(false),
		/** Who they are at the organisation's own sign-in, with its address before it; null until they came from there. */
		providerSubject: text('provider_subject'),
		/** When a letter last said that someone keeps trying passwords. */
		warnedAt: moment('warned_at'),
		/** When a letter last said that someone keeps trying codes of the second factor. */
		codeWarnedAt: moment('code_warned_at')
	},
	(t) => [
		uniqueIndex('users_provider_subject_key').on(t.providerSubject),
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
		/** Ends by then, used or not. */
		expiresAt: moment('expires_at').notNull(),
		/** When it was last used, to the minute: unused for long, it ends. */
		seenAt: moment('seen_at').notNull().defaultNow(),
		/** When its user last gave their password, for acts that ask for it again. */
		confirmedAt: moment('confirmed_at').notNull().defaultNow(),
		/** Whether the code of the second factor is still to come: until then it opens nothing. */
		isPending: boolean('is_pending').notNull().default(false),
		/** Whether it was begun by two factors in one: a passkey, or the organisation's own sign-in where that says so. */
		isStrong: boolean('is_strong').notNull().default(false),
		/** Which browser, as it names itself, shortened: so that someone knows theirs. */
		device: text('device').notNull().default('')
	},
	(t) => [index('sessions_user_idx').on(t.userId), index('sessions_expires_idx').on(t.expiresAt)]
);

/** Browsers that someone has signed in from before, by a secret that each keeps: they are not slowed down by others' failures. */
export const knownDevices = pgTable(
	'known_devices',
	{
		tokenHash: text('token_hash').notNull(),
		userId: uuid('user_id')
			.notNull()
			.references(() => users.id, { onDelete: 'cascade' }),
		usedAt: moment('used_at').notNull()
	},
	(t) => [primaryKey({ columns: [t.userId, t.tokenHash] })]
);

/** Passkeys: keys that a device keeps, of which only the public half is here. */
export const passkeys = pgTable(
	'passkeys',
	{
		/** What the device calls it, base64url. */
		id: text('id').primaryKey(),
		userId: uuid('user_id')
			.notNull()
			.references(() => users.id, { onDelete: 'cascade' }),
		/** COSE, base64url. */
		publicKey: text('public_key').notNull(),
		/** How often it has signed, where it counts: a lower count than last time is a copy. */
		signed: bigint('signed', { mode: 'number' }).notNull(),
		transports: textList('transports').notNull().default([]),
		/** What its owner calls it. */
		name: text('name').notNull(),
		createdAt: moment('created_at').notNull(),
		usedAt: moment('used_at')
	},
	(t) => [index('passkeys_user_idx').on(t.userId)]
);

/** What a device has been asked to sign, by a hash: taken once, and gone after some minutes. */
export const passkeyChallenges = pgTable(
	'passkey_challenges',
	{
		hash: text('hash').primaryKey(),
		/** Whose new passkey it is for; null for a sign-in. */
		userId: uuid('user_id').references(() => users.id, { onDelete: 'cascade' }),
		expiresAt: moment('expires_at').notNull()
	},
	(t) => [index('passkey_challenges_expires_idx').on(t.expiresAt)]
);

/** What a link for a password is for. */
export const ACCOUNT_LINK_KINDS = ['invitation', 'reset'] as const;

/** Links by which someone chooses a password: an invitation, or a reset. Only a hash is kept; used once. */
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
