import { eq, ne } from 'drizzle-orm';
import pg from 'pg';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { SHIPPED_RULES_VERSION } from '$lib/core/platform/rules/shipped-rules';
import {
	countCasesToReassess,
	reassessOutdatedCases
} from '$lib/server/cases/case-assessments/reassess-outdated-cases';
import { ReassessThread } from '$lib/server/cases/case-assessments/reassess-thread';
import { newestAssessmentResult } from '$lib/server/cases/case-assessments/newest-assessment-result';
import { openDatabase, schema } from '$lib/server/platform/db/client';
import { CHANNEL } from '$lib/server/platform/live/changes';
import { Desk, MIRELA } from '../support/desk';

const { cases } = schema;

const now = new Date('2026-03-02T09:00:00Z');

/** More than two batches from each end, and no multiple of one. */
const PEOPLE = 437;

let desk: Desk;
let answered: string;
const db = () => desk.test.db;

beforeAll(async () => {
	desk = await Desk.make(now);
	answered = (await desk.answered(MIRELA)).personId;
	for (let i = 1; i < PEOPLE; i += 1) await desk.person();
});
afterAll(() => desk.test.drop());

/** Before and after the present rules: both ends of the index hold cases. */
beforeEach(async () => {
	await db().update(cases).set({ rulesVersion: '0' });
	await db().update(cases).set({ rulesVersion: 'z' }).where(eq(cases.personId, answered));
	expect(await countCasesToReassess(db())).toBe(PEOPLE);
});

const run = (shallGoOn?: () => boolean, ends = 2) => reassessOutdatedCases(db(), () => now, shallGoOn, ends);

describe('cases judged anew from both ends', () => {
	it('are all judged, each counted once, and are left alone by the next run', async () => {
		const before = await newestAssessmentResult(db(), answered);
		expect(await run()).toBe(PEOPLE);
		expect(await countCasesToReassess(db())).toBe(0);
		expect(await db().$count(cases, ne(cases.rulesVersion, SHIPPED_RULES_VERSION))).toBe(0);
		expect(await newestAssessmentResult(db(), answered)).toEqual(before);
		expect(await run()).toBe(0);
	});

	it('tell open desk pages at the beginning and at the end, not with each batch', async () => {
		const client = new pg.Client({ connectionString: desk.test.url });
		await client.connect();
		let told = 0;
		client.on('notification', ({ payload }) => {
			if (payload === 'desk') told += 1;
		});
		await client.query(`listen ${CHANNEL}`);
		const began = performance.now();
		await run();
		const batches = Math.ceil(PEOPLE / 100);
		await client.query('select 1');
		await client.end();
		// At once, each five seconds, and at the end.
		expect(told).toBeLessThanOrEqual(Math.min(batches, 2 + (performance.now() - began) / 5000));
		expect(told).toBeGreaterThan(1);
	});

	it('are all judged from one end as well', async () => {
		expect(await run(undefined, 1)).toBe(PEOPLE);
		expect(await countCasesToReassess(db())).toBe(0);
	});

	it('are left where the job is told to stop, counted up to there, and the next run does the rest', async () => {
		let asked = 0;
		const done = await run(() => (asked += 1) <= 3);
		expect(done).toBe(300);
		expect(await countCasesToReassess(db())).toBe(PEOPLE - 300);
		expect(await run()).toBe(PEOPLE - 300);
		expect(await countCasesToReassess(db())).toBe(0);
	});

	it('are all judged but one that fails, which holds up nobody and is tried again', async () => {
		await desk.test.pool.query(`create function refuse() returns trigger language plpgsql as
			$$ begin raise exception 'this one fails'; end $$`);
		await desk.test.pool.query(
			`create trigger refuse before update on cases for each row
				when (new.person_id = '${answered}') execute function refuse()`
		);
		expect(await run()).toBe(PEOPLE - 1);
		expect(await countCasesToReassess(db())).toBe(1);
		expect(await run()).toBe(0);
		await desk.test.pool.query('drop trigger refuse on cases');
		expect(await run()).toBe(1);
		expect(await countCasesToReassess(db())).toBe(0);
	});

	it('are shared by several processes, none left over and none judged by another’s old rules', async () => {
		const others = Array.from({ length: 2 }, () => openDatabase(desk.test.url));
		const done = await Promise.all([
			run(),
			...others.map(({ db: own }) => reassessOutdatedCases(own, () => now))
		]);
		await Promise.all(others.map(({ pool }) => pool.end()));
		expect(done.reduce((sum, n) => sum + n, 0)).toBeGreaterThanOrEqual(PEOPLE);
		expect(await db().$count(cases, eq(cases.rulesVersion, SHIPPED_RULES_VERSION))).toBe(PEOPLE);
	});

	it('are judged in a thread with its own connections, which leaves the rest where it is stopped', async () => {
		const start = { databaseUrl: desk.test.url, poolerUrl: null, keys: [], workMs: 600_000 };
		const thread = new ReassessThread();
		const running = thread.run(start);
		thread.stop();
		const early = await running;
		expect(await countCasesToReassess(db())).toBe(PEOPLE - early);
		expect(await thread.run({ ...start, workMs: 0 })).toBe(0);
		expect(await thread.run(start)).toBe(PEOPLE - early);
		expect(await countCasesToReassess(db())).toBe(0);
		await expect(
			thread.run({ ...start, databaseUrl: start.databaseUrl.replace(/[^/]+$/, 'no_such_database') })
		).rejects.toThrow();
	});
});
