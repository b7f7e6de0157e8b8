import { appendFileSync, existsSync, readFileSync } from 'node:fs';
import pg from 'pg';
import { afterAll } from 'vitest';
import { LOCK_LOG, lockConflicts, lockedTables, type LockSequence } from './lock-order';

interface Held {
	readonly tables: string[];
	readonly places: string[];
}

type Query = (...args: unknown[]) => unknown;

const held = new WeakMap<object, Held>();
const seen = new Set<string>();

/** The innermost place of this program's code that runs a statement. */
function placeNow(): string {
	const lines = (new Error().stack ?? '').split('\n');
	const places = lines.flatMap((line) => /src\/lib\/server\/([^:]*:\d+)/.exec(line)?.[1] ?? []);
	return places.find((place) => !place.startsWith('platform/db/')) ?? '';
}

function note(client: object, statement: string): void {
	if (/^\s*begin\b/i.test(statement)) held.set(client, { tables: [], places: [] });
	else if (/^\s*(?:commit|rollback)\s*$/i.test(statement)) {
		const locks = held.get(client);
		if (locks && locks.tables.length > 1) seen.add(JSON.stringify(locks));
		held.delete(client);
	} else {
		const locks = held.get(client);
		for (const table of locks ? lockedTables(statement) : []) {
			if (locks?.tables.includes(table)) continue;
			locks?.tables.push(table);
			locks?.places.push(placeNow());
		}
	}
}

/** Marks a client that already notes its locks: setup files run once for every test file. */
const NOTES = Symbol.for('notes locks');

const client = pg.Client.prototype as unknown as { query: Query; [NOTES]?: boolean };
if (!client[NOTES]) {
	const run = client.query;
	client[NOTES] = true;
	client.query = function (this: object, ...args: unknown[]) {
		const [first] = args;
		note(this, typeof first === 'string' ? first : ((first as { text?: string } | undefined)?.text ?? ''));
		return run.apply(this, args);
	};
}

afterAll(() => {
	if (seen.size > 0) appendFileSync(LOCK_LOG, [...seen].map((line) => `${line}\n`).join(''));
	seen.clear();
	if (!existsSync(LOCK_LOG)) return;
	const lines = new Set(readFileSync(LOCK_LOG, 'utf8').split('\n').filter(Boolean));
	const conflicts = lockConflicts([...lines].map((line) => JSON.parse(line) as LockSequence));
	if (conflicts.length > 0)
		throw new Error(
			`Rows are locked in two orders, which two acts at once can wait on:\n${conflicts.join('\n')}`
		);
});
