import { sql } from 'drizzle-orm';
import {
	type AnyPgColumn,
	check,
	date,
	index,
	integer,
	pgTable,
	text,
	timestamp,
	uniqueIndex,
	uuid
} from 'drizzle-orm/pg-core';
import { FOLLOW_UP_KINDS } from '../../../../core/cases/triage/follow-up-kinds';
import { HOLD_REASONS, isOneOf } from './columns';
import { people } from './people';

/** What becomes of a follow-up that the policy set: its email is written, or a coordinator cancels it. */
export const POLICY_OUTCOMES = { asked: 'asked', cancelled: 'cancelled' } as const;

export const followUps = pgTable(
	'follow_ups',
	{
		id: uuid('id').primaryKey().defaultRandom(),
		personId: uuid('person_id')
			.notNull()
			.references(() => people.id, { onDelete: 'cascade' }),
		kind: text('kind', { enum: FOLLOW_UP_KINDS }).notNull().default('look'),
		due: date('due', { mode: 'string' }).notNull(),
		/** The day that the policy gave; a different `due` was chosen by hand. Null for a follow-up that a coordinator set. */
		policyDay: date('policy_day', { mode: 'string' }),
		/**
		 * What made it due automatically: it is sent only once a coordinator has released it. Null for what people's acts and time bring.
		 */
		holdReason: text('hold_reason', { enum: HOLD_REASONS }),
		/** Where it is held because it was brought forward: the day on which it is sent if that is cancelled. */
		heldBefore: date('held_before', { mode: 'string' }),
		reason: text('reason').notNull().default(''),
		version: integer('version').notNull().default(1),
		createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
		doneAt: timestamp('done_at', { withTimezone: true }),
		/** Its result: in a coordinator's words, or one of {@link POLICY_OUTCOMES}. */
		outcome: text('outcome').notNull().default(''),
		/** The follow-up that it came after. */
		after: uuid('after').references((): AnyPgColumn => followUps.id, { onDelete: 'set null' })
	},
	(t) => [
		uniqueIndex('follow_ups_open_key')
			.on(t.personId, t.kind)
			.where(sql`${t.doneAt} is null`),
		check('follow_ups_kind_check', isOneOf(t.kind, FOLLOW_UP_KINDS)),
		check('follow_ups_policy_check', sql`(${t.kind} = 'look') = (${t.policyDay} is null)`),
		check('follow_ups_held_check', isOneOf(t.holdReason, HOLD_REASONS)),
		index('follow_ups_held_idx')
			.on(t.kind, t.personId)
			.where(sql`${t.holdReason} is not null and ${t.doneAt} is null`),
		index('follow_ups_after_idx').on(t.after),
		index('follow_ups_person_idx').on(t.personId, t.due.desc()),
		// Follow-ups that someone set and that may be overdue are counted along this.
		index('follow_ups_look_idx')
			.on(t.due, t.personId)
			.where(sql`${t.doneAt} is null and ${t.kind} = 'look'`),
		index('follow_ups_due_idx')
			.on(t.due, t.personId)
			.where(sql`${t.doneAt} is null`)
	]
);
