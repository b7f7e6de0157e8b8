import { Type, type TOptional, type TSchema } from 'typebox';
import type { CivilDate } from '../calendar';

/** A value that no holder may change, at any depth. */
export type DeepReadonly<T> = T extends string | number | boolean | null | undefined
	? T
	: { readonly [K in keyof T]: DeepReadonly<T[K]> };

/** Objects with no other members than those named. */
export const closedObject = { additionalProperties: false } as const;

/** A civil date of the person's place; that the day exists is checked beside the schema. */
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

/** A member of each name, all of one schema, each of which may be left out. */
export const optionalMembers = <const N extends readonly string[], T extends TSchema>(names: N, schema: T) =>
	Object.fromEntries(names.map((name) => [name, Type.Optional(schema)])) as Record<N[number], TOptional<T>>;
