import { sql } from 'drizzle-orm';
import {
	bigint,
	boolean,
	check,
	date,
	index,
	integer,
	pgTable,
	primaryKey,
	text,
	uniqueIndex,
	uuid,
	type AnyPgColumn
} from 'drizzle-orm/pg-core';
import { ROLES } from '../../../../core/platform/access/roles';
import { DESK_LANGUAGES } from '../../../../messages/desk-language';
import { isOneOf, moment, referenceIndex, textList } from './columns';

/** User accounts. Kept as long as the account exists. */
export const users = pgTable(
	'users',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		email: text('email').notNull(),
		name: text('name').notNull(),
		role: text('role', { enum: ROLES }).notNull(),
		language: text('language', { enum: DESK_LANGUAGES }).notNull().default('en'),
		/** argon2id, in its encoded form. */
		passwordHash: text('password_hash').notNull(),
		createdAt: moment('created_at').notNull().defaultNow(),
		/** When the account was closed; a closed account can't sign in and keeps its name in the audit log. */
		closedAt: moment('closed_at'),
		/** SHA-256 of the secret in the user's calendar feed address; null while there is none. */
		calendarHash: text('calendar_hash'),
		/** Base32 secret of the authenticator codes; null while there is none. */
		codeSecret: text('code_secret'),
		/** When its first code was given; before that, no code is asked for. */
		codeSince: moment('code_since'),
		/** The 30 s step of the last accepted code: each works once. */
		codeStep: integer('code_step').notNull().default(0),
		/** SHA-256 of the recovery codes, each usable once. */
		recoveryHashes: textList('recovery_hashes').notNull().default([]),
		/** Whether a coordinator may read the audit log: given by someone who may, and to the very first account. */
		seesRecord: boolean('sees_record').notNull().default(false),
		/** The issuer and its id for the user, where they signed in through the organisation; null until then. */
		providerSubject: text('provider_subject'),
		/** When the owner was last emailed that someone keeps trying passwords. */
		warnedAt: moment('warned_at'),
		/** When the owner was last emailed that someone keeps trying second-factor codes. */
		codeWarnedAt: moment('code_warned_at'),
		/** First and last day of an absence, and the colleague who stands in; null where there is none. */
		awayFrom: date('away_from', { mode: 'string' }),
		awayUntil: date('away_until', { mode: 'string' }),
		standInId: uuid('stand_in_id').references((): AnyPgColumn => users.id, { onDelete: 'set null' })
	},
	(t) => [
		index('users_stand_in_idx')
			.on(t.standInId)
			.where(sql`${t.standInId} is not null`),
		check(
			'users_away_check',
			sql`(${t.awayFrom} is null) = (${t.awayUntil} is null) and coalesce(${t.awayFrom} <= ${t.awayUntil}, true)`
		),
		uniqueIndex('users_provider_subject_key').on(t.providerSubject),
		uniqueIndex('users_calendar_key').on(t.calendarHash),
		uniqueIndex('users_email_key').on(sql`lower(${t.email})`),
		check('users_language_check', isOneOf(t.language, DESK_LANGUAGES)),
		check('users_role_check', isOneOf(t.role, ROLES))
	]
);

/** Signed-in browsers. Only a hash of the cookie is stored; deleted when the session ends. */
export const sessions = pgTable(
	'sessions',
	{
		tokenHash: text('token_hash').primaryKey(),
		userId: uuid('user_id')
			.notNull()
			.references(() => users.id, { onDelete: 'cascade' }),
		createdAt: moment('created_at').notNull().defaultNow(),
		/** Latest end, used or not. */
		expiresAt: moment('expires_at').notNull(),
		/** Last use, to the minute: a session unused for long ends. */
		seenAt: moment('seen_at').notNull().defaultNow(),
		/** When its user last entered the password, for acts that ask for it again. */
		confirmedAt: moment('confirmed_at').notNull().defaultNow(),
		/** Whether the second factor is still missing: until then the session opens nothing. */
		isPending: boolean('is_pending').notNull().default(false),
		/** Whether it was begun with two factors in one: a passkey, or the organisation's sign-in where that says so. */
		isStrong: boolean('is_strong').notNull().default(false),
		/** The browser's own name, shortened, so that users recognise theirs. */
		device: text('device').notNull().default('')
	},
	(t) => [index('sessions_user_idx').on(t.userId), index('sessions_expires_idx').on(t.expiresAt)]
);

/** Browsers from which someone has signed in before, by a secret that each keeps: others' failures do not slow them down. */
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

/** Passkeys: keys kept on a device, of which only the public half is stored here. */
export const passkeys = pgTable(
	'passkeys',
	{
		/** The device's id for it, base64url. */
		id: text('id').primaryKey(),
		userId: uuid('user_id')
			.notNull()
			.references(() => users.id, { onDelete: 'cascade' }),
		/** COSE, base64url. */
		publicKey: text('public_key').notNull(),
		/** Signature counter, where the device counts: a lower value than last time means a copy. */
		signed: bigint('signed', { mode: 'number' }).notNull(),
		transports: textList('transports').notNull().default([]),
		/** Its owner's name for it. */
		name: text('name').notNull(),
		createdAt: moment('created_at').notNull(),
		usedAt: moment('used_at')
	},
	(t) => [index('passkeys_user_idx').on(t.userId)]
);

/** Challenges that devices were asked to sign, by hash: used once, and deleted after some minutes. */
export const passkeyChallenges = pgTable(
	'passkey_challenges',
	{
		hash: text('hash').primaryKey(),
		/** The user a new passkey is for; null for a sign-in. */
		userId: uuid('user_id').references(() => users.id, { onDelete: 'cascade' }),
		expiresAt: moment('expires_at').notNull()
	},
	(t) => [
		referenceIndex('passkey_challenges_user_ref_idx', t.userId),
		index('passkey_challenges_expires_idx').on(t.expiresAt)
	]
);

/** Purposes of a password link. */
export const ACCOUNT_LINK_KINDS = ['invitation', 'reset'] as const;

/** Links for choosing a password: an invitation, or a reset. Only a hash is stored; used once. */
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

/** Failed sign-ins, counted to slow guessing down; deleted after a day. The key is a hash of address or origin. */
export const signInFailures = pgTable(
	'sign_in_failures',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		key: text('key').notNull(),
		at: moment('at').notNull()
	},
	(t) => [index('sign_in_failures_key_at_idx').on(t.key, t.at), index('sign_in_failures_at_idx').on(t.at)]
);
