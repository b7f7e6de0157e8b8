import { sql, type SQL } from 'drizzle-orm';
import { customType, pgEnum, timestamp, type AnyPgColumn } from 'drizzle-orm/pg-core';
import { TRIAGE_LEVELS } from '../../../core/triage';

/** A moment, with its zone. */
export const moment = (name: string) => timestamp(name, { withTimezone: true });

/** Levels by name; PostgreSQL orders them as the core lists them, the gravest first. */
export const level = pgEnum('level', TRIAGE_LEVELS);

/** The condition that a column holds one of a vocabulary of the core. */
export function isOneOf(column: AnyPgColumn, values: readonly string[]): SQL {
	return sql`${column} in (${sql.raw(values.map((value) => `'${value.replaceAll("'", "''")}'`).join(', '))})`;
}

/** The condition that every entry of a list is of a vocabulary of the core. */
export function areAllOf(column: AnyPgColumn, values: readonly string[]): SQL {
	return sql`${column} <@ array[${sql.raw(values.map((value) => `'${value.replaceAll("'", "''")}'`).join(', '))}]::text[]`;
}

/** A list of texts of a vocabulary. */
export function textList<T extends string>(name: string) {
	return customType<{ data: T[]; driverData: T[] }>({ dataType: () => 'text[]' })(name);
}

/** What makes emails due without a person's act and without time passing: new rules for everybody, or a list of people that was imported. */
export const HELD_WHYS = ['update', 'import'] as const;

/** One of {@link HELD_WHYS}. */
export type HeldWhy = (typeof HELD_WHYS)[number];
