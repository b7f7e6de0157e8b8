/** Where all integration tests of a run note their locks, a JSON line each. */
export const LOCK_LOG = 'test-results/locks.jsonl';

/** In which order one transaction first locked rows of each table, and where in the code it did. */
export interface LockSequence {
	readonly tables: readonly string[];
	/** By table: the place in the code. */
	readonly places: readonly string[];
}

/** A statement without what stands in brackets: a subquery in a column names tables whose rows it only reads. */
function withoutBrackets(statement: string): string {
	let depth = 0;
	let outside = '';
	for (const letter of statement) {
		if (letter === '(') depth += 1;
		if (depth === 0) outside += letter;
		if (letter === ')') depth -= 1;
	}
	return outside;
}

const LOCKING_READ = /\bfor (?:no key update|update|share|key share)(?: of ([\w", ]+))?/i;

/** The tables of which a statement locks rows. An insert locks none that another could wait for, unless it updates what it meets. */
export function lockedTables(statement: string): string[] {
	const changed = [...statement.matchAll(/\b(?:update(?: only)?|delete from)\s+"(\w+)"/gi)];
	const isUpsert = /\bon conflict\b[^;]*\bdo update\b/i.test(statement);
	const upserted = isUpsert ? (/\binsert into\s+"(\w+)"/i.exec(statement)?.[1] ?? '') : '';
	const outside = withoutBrackets(statement);
	const lock = LOCKING_READ.exec(outside);
	const named = lock?.[1]?.match(/\w+/g) ?? [];
	const read = lock && named.length === 0 ? (/\bfrom\s+"(\w+)"/i.exec(outside)?.[1] ?? '') : '';
	return [...named, read, ...changed.map(([, name = '']) => name), upserted].filter((name) => name !== '');
}

/**
 * Pairs of tables that two transactions lock in opposite order: run at once, each can wait for the other. Where both have locked a row of
 * the same table before, one of them waits there, and the pair is safe: acts on a person begin with that person's row.
 * @returns a sentence for each
 */
export function lockConflicts(sequences: readonly LockSequence[]): string[] {
	interface Step {
		readonly before: ReadonlySet<string>;
		readonly words: string;
	}
	const steps = new Map<string, Step[]>();
	for (const { tables, places } of sequences)
		tables.forEach((first, i) =>
			tables.slice(i + 1).forEach((then, k) => {
				const step = {
					before: new Set(tables.slice(0, i)),
					words: `${first} (${places[i] ?? ''}) then ${then} (${places[i + 1 + k] ?? ''})`
				};
				const key = `${first} ${then}`;
				steps.set(key, [...(steps.get(key) ?? []), step]);
			})
		);
	return [...steps].flatMap(([key, forwards]) => {
		const [first = '', then = ''] = key.split(' ');
		if (first > then) return [];
		const backwards = steps.get(`${then} ${first}`) ?? [];
		const pairs = forwards.flatMap((a) =>
			backwards
				.filter((b) => ![...a.before].some((table) => b.before.has(table)))
				.map((b) => `${a.words}; but ${b.words}`)
		);
		return pairs.slice(0, 1);
	});
}
