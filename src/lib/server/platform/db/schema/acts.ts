import { sql } from 'drizzle-orm';
import { check, index, jsonb, pgTable, text, uuid } from 'drizzle-orm/pg-core';
import { users } from './access';
import { isOneOf, moment } from './columns';
import { people } from './people';

export const DESK_ACTS = [
	'settled',
	'reopened',
	'written',
	'noted',
	'contacted',
	'sent',
	'referred',
	'referral-ended',
	'referral-written',
	'set-up',
	'equipment-decided',
	'owned',
	'put-off',
	'follow-up-set',
	'follow-up-done',
	'left',
	'returned'
] as const;

export type DeskActKind = (typeof DESK_ACTS)[number];

/** A row that an act changed: before and after; null where there was none. */
export interface RowChange {
	readonly table: string;
	readonly key: Readonly<Record<string, string>>;
	readonly before: Readonly<Record<string, unknown>> | null;
	readonly after: Readonly<Record<string, unknown>> | null;
}

/**
 * Acts of users on people, each under a key made by its page, so that sending twice is acting once; with what is needed to undo it until
 * midnight. After that the changes are deleted and the line remains.
 */
export const deskActs = pgTable(
	'desk_acts',
	{
		/** Made by the page. */
		id: uuid('id').primaryKey(),
		userId: uuid('user_id')
			.notNull()
			.references(() => users.id, { onDelete: 'cascade' }),
		personId: uuid('person_id')
			.notNull()
			.references(() => people.id, { onDelete: 'cascade' }),
		/** Acts of one key press on many people belong together. */
		batch: uuid('batch').notNull(),
		kind: text('kind', { enum: DESK_ACTS }).notNull(),
		at: moment('at').notNull(),
		/** Null where nothing can be undone, as for a sent email. */
		changes: jsonb('changes').$type<RowChange[]>(),
		undoneAt: moment('undone_at')
	},
	(t) => [
		index('desk_acts_user_at_idx').on(t.userId, t.at.desc()),
		index('desk_acts_person_idx').on(t.personId, t.at.desc()),
		index('desk_acts_batch_idx').on(t.batch),
		index('desk_acts_kept_idx')
			.on(t.at)
			.where(sql`${t.changes} is not null`),
		check('desk_acts_kind_check', isOneOf(t.kind, DESK_ACTS))
	]
);
