import { sql } from 'drizzle-orm';
import { afterAll, afterEach, beforeAll, describe, expect, it, vi } from 'vitest';
import { ChangeFeed, publishChange, type ChangeListener } from '$lib/server/platform/live/changes';
import { openDatabase } from '$lib/server/platform/db/client';
import { publishedByNow, publishBatched } from '$lib/server/platform/live/publish-batched';
import { eventStream } from '$lib/server/platform/live/event-stream';
import { makeTestDatabase, type TestDatabase } from '../support/database';
import { PATIENCE } from '../support/patience';

let test: TestDatabase;
let changes: ChangeFeed;

beforeAll(async () => {
	test = await makeTestDatabase();
	changes = new ChangeFeed(test.url);
});
afterEach(() => changes.close());
afterAll(() => test.drop());

/** What a busy machine may take some time for. */
const soon = (check: () => unknown) => vi.waitFor(check, PATIENCE);

/** Follows something; `calls` counts what was heard. */
function follower(what: 'round:a' | 'round:b') {
	const [look, ended] = [vi.fn(), vi.fn()];
	return { end: changes.follow(what, { look, end: ended }), ended, calls: () => look.mock.calls.length };
}

/** Ends every connection that listens, as a restart of the database would. */
const breakListeners = () =>
	test.db.execute(sql`
		select pg_terminate_backend(pid) from pg_stat_activity
		where datname = current_database() and query like 'listen%'`);

describe('changes', () => {
	it('are heard once they are kept, by whoever follows them, and by nobody else', async () => {
		const [a, b] = [follower('round:a'), follower('round:b')];
		await soon(() => expect([a.calls(), b.calls()]).toEqual([1, 1]));
		const undone = test.db.transaction(async (tx) => {
			await publishChange(tx, 'round:a');
			throw new Error('undone');
		});
		await expect(undone).rejects.toThrow('undone');
		await test.db.transaction((tx) => publishChange(tx, 'round:b'));
		await soon(() => expect(b.calls()).toBe(2));
		expect(a.calls()).toBe(1);
		b.end();
		await publishChange(test.db, 'round:b');
		await publishChange(test.db, 'round:a');
		await soon(() => expect(a.calls()).toBe(2));
		expect(b.calls()).toBe(2);
		a.end();
	});

	it('are heard again after the connection broke, with a look for what was missed', async () => {
		const a = follower('round:a');
		await soon(() => expect(a.calls()).toBe(1));
		await breakListeners();
		await soon(() => expect(a.calls()).toBe(2));
		await publishChange(test.db, 'round:a');
		await soon(() => expect(a.calls()).toBe(3));
		a.end();
	});

	it('leave no connection behind when nobody follows', async () => {
		const a = follower('round:a');
		await soon(() => expect(a.calls()).toBe(1));
		a.end();
		await soon(async () => {
			const { rows } = await test.db.execute(sql`
				select 1 from pg_stat_activity where datname = current_database() and query like 'listen%'`);
			expect(rows).toEqual([]);
		});
	});
});

describe('changes told soon', () => {
	it('come as one of all that were made at about the same time, to each process', async () => {
		const other = new ChangeFeed(test.url);
		const [a, b] = [follower('round:a'), follower('round:b')];
		const look = vi.fn();
		other.follow('round:a', { look, end: () => {} });
		await soon(() => expect([a.calls(), b.calls(), look.mock.calls.length]).toEqual([1, 1, 1]));
		for (let i = 0; i < 50; i += 1) void publishBatched(test.db, ['round:a', 'round:b']);
		await publishedByNow(test.db);
		await soon(() => expect([a.calls(), b.calls(), look.mock.calls.length]).toEqual([2, 2, 2]));
		// Nothing is left over, and the next change is told again.
		await publishedByNow(test.db);
		await publishBatched(test.db, ['round:a']);
		await publishedByNow(test.db);
		await soon(() => expect([a.calls(), b.calls()]).toEqual([3, 2]));
		// Within a transaction it is told with it, or not at all.
		const undone = test.db.transaction(async (tx) => {
			await publishBatched(tx, ['round:b']);
			throw new Error('undone');
		});
		await expect(undone).rejects.toThrow('undone');
		await test.db.transaction((tx) => publishBatched(tx, ['round:a']));
		await soon(() => expect([a.calls(), b.calls()]).toEqual([4, 2]));
		other.close();
		a.end();
		b.end();
	});

	it('that can’t be told are lost without harm, and later ones are told', async () => {
		const gone = openDatabase('postgres://nobody@127.0.0.1:1/none');
		await publishBatched(gone.db, ['round:a']);
		await expect(publishedByNow(gone.db)).resolves.toBeUndefined();
		await gone.pool.end();
	});
});

describe('eventStream', () => {
	const decoder = new TextDecoder();

	/** A stream of a state that the test changes, and what it tells. */
	function stream(state: () => Promise<unknown>) {
		let follower: ChangeListener = { look: () => {}, end: () => {} };
		const [unfollow, ended] = [vi.fn(), vi.fn()];
		const follow = (given: ChangeListener) => {
			follower = given;
			return unfollow;
		};
		const response = eventStream(follow, state, ended);
		const reader = response.body?.getReader();
		return {
			look: (isChange: boolean) => follower.look(isChange),
			told: async () => decoder.decode((await reader?.read())?.value),
			cancel: () => reader?.cancel(),
			unfollow,
			ended
		};
	}

	it('tells the state at once and after changes, many of them as one, and stops following with the reader', async () => {
		let n = 1;
		const { look, told, cancel, unfollow } = stream(() => Promise.resolve({ n }));
		expect(await told()).toBe('data: {"n":1}\n\n');
		// That changes are heard now is no news by itself.
		look(false);
		n = 2;
		look(true);
		n = 3;
		look(true);
		expect(await told()).toBe('data: {"n":3}\n\n');
		await cancel();
		expect(unfollow).toHaveBeenCalledTimes(1);
		look(true);
	});

	it('tells a change that led back to the same state: a page may have read it half way', async () => {
		const state = vi.fn(() => Promise.resolve({ due: 0 }));
		const { look, told, cancel } = stream(state);
		expect(await told()).toBe('data: {"due":0}\n\n');
		look(true);
		expect(await told()).toBe('data: {"due":0}\n\n');
		expect(state).toHaveBeenCalledTimes(2);
		await cancel();
	});

	it('ends with the process that tells it', async () => {
		const response = eventStream(
			(follower) => changes.follow('round:a', follower),
			() => Promise.resolve({}),
			() => {}
		);
		const reader = response.body?.getReader();
		expect(decoder.decode((await reader?.read())?.value)).toBe('data: {}\n\n');
		changes.close();
		expect((await reader?.read())?.done).toBe(true);
	});

	it('ends where the state can not be read, so that the browser comes again', async () => {
		const [unfollow, ended] = [vi.fn(), vi.fn()];
		const response = eventStream(
			() => unfollow,
			() => Promise.reject(new Error('no database')),
			ended
		);
		expect((await response.body?.getReader().read())?.done).toBe(true);
		expect(unfollow).toHaveBeenCalledTimes(1);
		expect(ended).toHaveBeenCalledTimes(1);
	});
});
