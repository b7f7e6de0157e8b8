import { sql, type AnyColumn, type SQL } from 'drizzle-orm';
import { PEOPLE_ORDERS, type PeopleOrder } from '../../core/people';
import { schema } from '../platform/db/client';

const { people, cases } = schema;

/** A sort order: the column, and whether reversed. Empty values come last either way. */
export interface SortOrder {
	readonly by: PeopleOrder;
	readonly isReversed: boolean;
}

/** PostgreSQL types of sort columns, with the form in which it writes their values: an invented position starts the list again. */
const WRITTEN = {
	text: /^/,
	int: /^(?:-?\d{1,9}|2147483647)$/,
	date: /^(?:-?infinity|\d{4}-\d\d-\d\d)$/,
	timestamptz: /^(?:-?infinity|\d{4}-\d\d-\d\d \d\d:\d\d:\d\d(?:\.\d{1,6})?[+-]\d\d(?::\d\d)?)$/
} as const;

type KeyType = keyof typeof WRITTEN;

/** A sort column, and its type when it comes back from a URL. */
interface Key {
	readonly of: SQL;
	readonly type: KeyType;
}

const lowerName: Key = { of: sql`lower(${people.name})`, type: 'text' };

/**
 * A nullable column as an expression that is never null: the same that its two indexes are on, so that a page is read along one of them in
 * either direction.
 */
const orElse = (column: AnyColumn, nothing: string, type: KeyType): Key => ({
	of: sql`coalesce(${column}, ${sql.raw(nothing)})`,
	type
});

interface Spec {
	readonly keys: readonly Key[];
	/** Largest first. */
	readonly isDown: boolean;
	/** Whether it uses columns of `cases`. */
	readonly isOfCases: boolean;
}

/** The columns of an order, before the id; their indexes are with the tables. */
function specOf({ by, isReversed }: SortOrder): Spec {
	const ofCase = (
		column: AnyColumn,
		lowest: string,
		highest: string,
		type: KeyType,
		isDown: boolean
	): Spec => ({
		keys: [orElse(column, isDown ? lowest : highest, type)],
		isDown,
		isOfCases: true
	});
	switch (by) {
		case 'name':
			return { keys: [lowerName], isDown: isReversed, isOfCases: false };
		case 'team':
			return {
				keys: [{ of: sql`${people.team}`, type: 'text' }, lowerName],
				isDown: isReversed,
				isOfCases: false
			};
		// Newest first, and most checks off first: that is what people sort for.
		case 'answered':
			return ofCase(
				cases.answeredAt,
				`'-infinity'::timestamptz`,
				`'infinity'::timestamptz`,
				'timestamptz',
				!isReversed
			);
		case 'checks-off':
			return ofCase(cases.checksOff, '-1', '2147483647', 'int', !isReversed);
		case 'follow-up':
			return ofCase(cases.followUpOn, `'-infinity'::date`, `'infinity'::date`, 'date', isReversed);
	}
}

/** The order in a URL (`by=team`, reversed `by=-team`); by name where it names none. */
export function sortOrderOfQuery(query: URLSearchParams): SortOrder {
	const text = query.get('by') ?? '';
	const isReversed = text.startsWith('-');
	const by = PEOPLE_ORDERS.find((one) => one === (isReversed ? text.slice(1) : text));
	return by ? { by, isReversed } : { by: 'name', isReversed: false };
}

/** An order as parts of statements that read people, and cases where {@link SortColumns.isOfCases}. */
export interface SortColumns {
	readonly isOfCases: boolean;
	/** Its columns, before the id. */
	readonly keys: readonly SQL[];
	/** The id column next to {@link keys} in their index. */
	readonly id: SQL;
	/** Sorts by these columns, which stand for {@link keys}, then by the id. */
	readonly sorted: (columns: readonly SQL[], id: SQL) => SQL;
	/** The condition for lines after a position; undefined from the start, or where the text is no position. */
	readonly behind: (columns: readonly SQL[], id: SQL) => SQL | undefined;
	/**
	 * The position of a line, as text for a URL.
	 * @param values of {@link keys}, as text
	 */
	readonly placeOf: (values: readonly string[], id: string) => string;
}

/**
 * Reads the position of a line.
 * @returns null where it is none of an order with this many keys
 */
function readPlace(place: string | undefined, keys: number): readonly string[] | null {
	if (!place) return null;
	try {
		const values: unknown = JSON.parse(Buffer.from(place, 'base64url').toString());
		if (!Array.isArray(values) || values.length !== keys + 1) return null;
		const texts = values.filter((value): value is string => typeof value === 'string');
		const isPlace = texts.length === values.length && !texts.some((text) => text.includes('\0'));
		return isPlace && /^[0-9a-f-]{36}$/.test(texts.at(-1) ?? '') ? texts : null;
	} catch {
		return null;
	}
}

/**
 * An order for statements.
 * @param place position after which the page begins, as written by {@link SortColumns.placeOf}
 */
export function sortColumns(order: SortOrder, place?: string): SortColumns {
	const { keys, isDown, isOfCases } = specOf(order);
	const way = isDown ? sql`desc` : sql`asc`;
	const read = readPlace(place, keys.length);
	const isWritten = read?.every((text, i) => WRITTEN[keys[i]?.type ?? 'text'].test(text));
	return {
		isOfCases,
		keys: keys.map(({ of }) => of),
		id: isOfCases ? sql`${cases.personId}` : sql`${people.id}`,
		sorted: (columns, id) =>
			sql.join(
				[...columns, id].map((column) => sql`${column} ${way}`),
				sql`, `
			),
		behind: (columns, id) => {
			if (!read || !isWritten) return undefined;
			const values = read.map((text, i) => sql`${text}::${sql.raw(keys[i]?.type ?? 'uuid')}`);
			return sql`(${sql.join([...columns, id], sql`, `)}) ${isDown ? sql`<` : sql`>`} (${sql.join(values, sql`, `)})`;
		},
		placeOf: (values, id) => Buffer.from(JSON.stringify([...values, id])).toString('base64url')
	};
}
