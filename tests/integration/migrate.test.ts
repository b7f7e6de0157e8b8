import { readFileSync } from 'node:fs';
import PgBoss from 'pg-boss';
import { describe, expect, it } from 'vitest';
import { adviseCorner, keptAdvice } from '$lib/core/advice';
import type { Corner } from '$lib/core/corner';
import { openDatabase } from '$lib/server/db/client';
import { aloneInDatabase, migrateDatabase, MigrationFault } from '$lib/server/db/migrate';
import { judgeTheUnjudged } from '$lib/server/judgements/first-judging';
import { newestJudgement } from '$lib/server/judgements/newest-judgement';
import { completeAdvice } from '$lib/server/plans/complete-advice';
import { planHere } from '$lib/server/planning/planning';
import { currentPlanOf, eventsOf, ticksOf } from '$lib/server/plans/current-plan';
import { makeTestDatabase } from '../support/database';
import { BEFORE_JUDGEMENTS, migrateTo } from '../support/earlier-version';

describe('migrateDatabase', () => {
	it('may be started by several processes at once, and again', async () => {
		const test = await makeTestDatabase({ migrated: false });
		try {
			await Promise.all(
				Array.from({ length: 4 }, async () => {
					const { pool } = openDatabase(test.url);
					await migrateDatabase(pool);
					await pool.end();
				})
			);
			await migrateDatabase(test.pool);
			const { rows } = await test.pool.query('select count(*)::int as n from people');
			expect(rows).toEqual([{ n: 0 }]);
		} finally {
			await test.drop();
		}
	});

	it('refuses a database of a newer version with words that help, and leaves it alone', async () => {
		const test = await makeTestDatabase();
		try {
			await test.pool.query(
				"insert into drizzle.__drizzle_migrations (hash, created_at) values ('newer', 99999999999999)"
			);
			const failed = migrateDatabase(test.pool);
			await expect(failed).rejects.toBeInstanceOf(MigrationFault);
			await expect(failed).rejects.toThrow('newer version');
		} finally {
			await test.drop();
		}
	});
});

describe('a database from before judgements', () => {
	it('keeps plans, ticks, discomfort and signs, and is judged once, from where it was stopped', async () => {
		const test = await makeTestDatabase({ migrated: false });
		const corner = JSON.parse(
			readFileSync('tests/data/corners/short-person-high-table.json', 'utf8')
		) as Corner;
		const { plans } = adviseCorner(corner);
		const sore = [{ region: 'neck', side: null, worst: 5, days: 3, hinders: 'no', kinds: ['ache'] }];
		try {
			await migrateTo(test.pool, BEFORE_JUDGEMENTS);
			const ids: string[] = [];
			for (let n = 0; n < 12; n += 1) {
				const { rows } = await test.pool.query<{ id: string }>(
					`with p as (insert into people (name, email) values ($1, $2) returning id),
						c as (insert into cases (person_id, level_rank, sent_at, answered_at, open_since)
							select id, 1, '2026-02-01T09:00Z', '2026-02-02T09:00Z', '2026-02-02T09:00Z' from p)
					insert into assessments (person_id, token_hash, way, sent_at, expires_at, answered_at, corner, signs, signs_at,
						discomfort, seen_at)
					select id, $3, 'upright', '2026-02-01T09:00Z', '2026-04-01T09:00Z', '2026-02-02T09:00Z', $4, $5,
						'2026-02-02T09:00Z', $6, '2026-02-03T09:00Z' from p returning person_id as id`,
					[
						`Person ${n}`,
						`p${n}@example.org`,
						`hash ${n}`,
						JSON.stringify(corner),
						JSON.stringify(n % 2 ? ['wakes-at-night'] : []),
						JSON.stringify(sore)
					]
				);
				ids.push(rows[0]?.id ?? '');
			}
			await test.pool.query(
				`insert into step_ticks (assessment_id, place, done, at)
				select id, 'feet', true, '2026-02-04T09:00Z' from assessments`
			);
			await migrateDatabase(test.pool);
			const now = new Date('2026-03-02T09:00:00Z');
			// The first run is stopped half way.
			let solved = 0;
			const stops: typeof planHere = {
				...planHere,
				adviseBriefly: (corners) => {
					solved += 1;
					if (corners.length > 1 || solved > 6) throw new RangeError('the process is gone');
					return planHere.adviseBriefly(corners);
				}
			};
			const first = await judgeTheUnjudged(test.db, stops, () => now);
			const second = await judgeTheUnjudged(test.db, planHere, () => now);
			expect(first).toBe(5);
			expect(second).toBe(ids.length - 5);
			expect(await judgeTheUnjudged(test.db, planHere, () => now)).toBe(0);
			for (const [n, id] of ids.entries()) {
				const judgement = await newestJudgement(test.db, id);
				const signs = judgement?.reasons.flatMap(({ sign }) => sign ?? []);
				expect(signs).toEqual(n % 2 ? ['wakes-at-night'] : []);
				expect(judgement?.worsts).toEqual([{ on: '2026-02-02', worst: 5 }]);
				const { rows } = await test.pool.query<{ id: string }>(
					'select id from assessments where person_id = $1',
					[id]
				);
				const plan = await currentPlanOf(test.db, rows[0]?.id ?? '');
				expect(plan?.plan).toEqual(plans[0]);
				expect(ticksOf(plan ? await eventsOf(test.db, plan.id) : [])).toEqual({ feet: true });
				expect(judgement?.plan).toMatchObject({ on: '2026-02-02', done: 1 });
				// Enough for the judgement; the rest of the advice is worked out when everyone is judged.
				expect(plan?.advice.purchases).toBeNull();
			}
			expect(await completeAdvice(test.db, planHere)).toBe(ids.length);
			expect(await completeAdvice(test.db, planHere)).toBe(0);
			const { rows: kept } = await test.pool.query<{ id: string }>('select id from assessments');
			for (const { id } of kept)
				expect((await currentPlanOf(test.db, id))?.advice).toEqual({
					...keptAdvice(adviseCorner(corner)),
					ladder: null
				});
		} finally {
			await test.drop();
		}
	}, 60_000);
});

describe('an empty database', () => {
	it('is taken by three processes at once, the queue too', async () => {
		const test = await makeTestDatabase({ migrated: false });
		try {
			await Promise.all(
				Array.from({ length: 3 }, async () => {
					const { pool } = openDatabase(test.url);
					await migrateDatabase(pool);
					const boss = new PgBoss({ connectionString: test.url, max: 2 });
					boss.on('error', () => {});
					await aloneInDatabase(pool, () => boss.start());
					await aloneInDatabase(pool, () => boss.createQueue('one', { name: 'one', policy: 'short' }));
					await boss.stop({ graceful: false });
					await pool.end();
				})
			);
			const { rows } = await test.pool.query(
				"select count(*)::int as n from pgboss.queue where name = 'one'"
			);
			expect(rows).toEqual([{ n: 1 }]);
		} finally {
			await test.drop();
		}
	}, 60_000);
});
