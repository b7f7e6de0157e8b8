import { Type, type TOptional, type TSchema } from 'typebox';
import type { CivilDate } from '../../platform/calendar/civil-date';

/** A value that cannot be changed at any depth. */
export type DeepReadonly<T> = T extends string | number | boolean | null | undefined
	? T
	: { readonly [K in keyof T]: DeepReadonly<T[K]> };

/** Objects with no members beyond those named. */
export const closedObject = { additionalProperties: false } as const;

/** A civil date at the person's place; whether the day exists is checked separately. */
export const daySchema = Type.Unsafe<CivilDate>({
	type: 'string',
	pattern: '^\\d{4}-\\d{2}-\\d{2}$',
	description: 'a day of the person’s place, ISO 8601'
});

/** The same, or null. */
export const nullableDaySchema = Type.Unsafe<CivilDate | null>({
	type: ['string', 'null'],
	pattern: '^\\d{4}-\\d{2}-\\d{2}$'
});

/** An optional member for each name, all with the same schema. */
export const optionalMembers = <const N extends readonly string[], T extends TSchema>(names: N, schema: T) =>
	Object.fromEntries(names.map((name) => [name, Type.Optional(schema)])) as Record<N[number], TOptional<T>>;
