import { sql, type SQL } from 'drizzle-orm';
import { customType, index, pgEnum, timestamp, type AnyPgColumn } from 'drizzle-orm/pg-core';
import { TRIAGE_LEVELS } from '../../../../core/cases/triage/policy';

/** A timestamp with time zone. */
export const moment = (name: string) => timestamp(name, { withTimezone: true });

/** Levels by name; PostgreSQL orders them as the core lists them, the most serious first. */
export const level = pgEnum('level', TRIAGE_LEVELS);

/** The index for a reference that a delete follows: without one, each delete of what is referred to looks at the whole table. */
export const referenceIndex = (name: string, column: AnyPgColumn) =>
	index(name)
		.on(column)
		.where(sql`${column} is not null`);

/** The check that a column contains one of the core's values. */
export function isOneOf(column: AnyPgColumn, values: readonly string[]): SQL {
	return sql`${column} in (${sql.raw(values.map((value) => `'${value.replaceAll("'", "''")}'`).join(', '))})`;
}

/** The check that a column is written in the core's way. */
export function matches(column: AnyPgColumn, pattern: string): SQL {
	return sql`${column} ~ ${sql.raw(`'${pattern}'`)}`;
}

/** The check that every entry of a list is one of the core's values. */
export function areAllOf(column: AnyPgColumn, values: readonly string[]): SQL {
	return sql`${column} <@ array[${sql.raw(values.map((value) => `'${value.replaceAll("'", "''")}'`).join(', '))}]::text[]`;
}

export function textList<T extends string>(name: string) {
	return customType<{ data: T[]; driverData: T[] }>({ dataType: () => 'text[]' })(name);
}

/** What makes emails due without a person's act and without time passing: an update, new settings of the policy, or an import. */
export const HOLD_REASONS = ['update', 'policy', 'import'] as const;

/** One of {@link HOLD_REASONS}. */
export type HoldReason = (typeof HOLD_REASONS)[number];
