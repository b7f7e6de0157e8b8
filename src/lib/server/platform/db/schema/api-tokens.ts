import { check, index, pgTable, text, uniqueIndex, uuid } from 'drizzle-orm/pg-core';
import { API_SCOPES, type ApiScope } from '../../../../core/platform/api/api-scopes';
import { users } from './access';
import { areAllOf, moment, textList } from './columns';

/** Tokens by which programs act for an account. Only a hash is stored; deleted when they are ended or the account goes. */
export const apiTokens = pgTable(
	'api_tokens',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		userId: uuid('user_id')
			.notNull()
			.references(() => users.id, { onDelete: 'cascade' }),
		/** What its owner calls it. */
		name: text('name').notNull(),
		tokenHash: text('token_hash').notNull(),
		scopes: textList<ApiScope>('scopes').notNull(),
		createdAt: moment('created_at').notNull(),
		expiresAt: moment('expires_at').notNull(),
		/** Last use, to the minute; null before the first. */
		usedAt: moment('used_at')
	},
	(t) => [
		uniqueIndex('api_tokens_hash_key').on(t.tokenHash),
		index('api_tokens_user_idx').on(t.userId),
		check('api_tokens_scopes_check', areAllOf(t.scopes, API_SCOPES))
	]
);
