import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, expect, it } from 'vitest';
import type { WorkforceView } from '$lib/core/workforce';
import { recentFigures } from '$lib/server/workforce/recent-figures';
import { makeTestDatabase, type TestDatabase } from '../support/database';

let test: TestDatabase;
beforeAll(async () => void (test = await makeTestDatabase()));
afterAll(() => test.drop());

const VIEW: WorkforceView = {
	on: '2026-11-26',
	isLive: true,
	closings: [],
	today: '2026-11-26',
	by: null,
	group: null,
	team: null,
	teams: []
};

/** As if so many observations had been counted. */
const pretend = (n: number) =>
	test.db.execute(sql`update pg_class set reltuples = ${n}::float4 where oid = 'observations'::regclass`);

it('today’s figures of a large workforce are computed once a minute, for each page and group; of a small one each time', async () => {
	let times = 0;
	const read = (now: number, view: Partial<WorkforceView> = {}, page = 'answers') =>
		recentFigures(test.db, { page, view: { ...VIEW, ...view }, now }, () => Promise.resolve((times += 1)));
	expect([await read(0), await read(1)]).toEqual([1, 2]);
	await pretend(100_000);
	expect(await Promise.all([read(2), read(2)])).toEqual([3, 3]);
	expect(await read(59_000)).toBe(3);
	expect(await read(59_000, { by: 'team', group: 'Law' })).toBe(4);
	expect(await read(59_000, {}, 'discomfort')).toBe(5);
	// Month ends are stored anyway.
	expect(await read(59_000, { isLive: false })).toBe(6);
	expect(await read(61_000)).toBe(7);
});

it('figures that could not be computed are tried again', async () => {
	await pretend(100_000);
	const read = (compute: () => Promise<string>) =>
		recentFigures(test.db, { page: 'findings', view: VIEW, now: 0 }, compute);
	await expect(read(() => Promise.reject(new Error('no connection')))).rejects.toThrow('no connection');
	expect(await read(() => Promise.resolve('figures'))).toBe('figures');
});
