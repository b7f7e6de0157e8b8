import { startApp } from '../bin/lib/app.mjs';
import { freePort } from '../bin/lib/net.mjs';
import { startPostgres } from '../bin/lib/postgres.mjs';
import { makeHistory } from '../seed/profiles';
import { Dice } from '../seed/random';
import { cornerFromAnswers, discomfortFromAnswers, signsOf } from '../src/lib/core/answers';
import { openDatabase } from '../src/lib/server/db/client';
import { migrateDatabase } from '../src/lib/server/db/migrate';
import { countUnjudged } from '../src/lib/server/judgements/first-judging';
import { BEFORE_JUDGEMENTS, migrateTo } from '../tests/support/earlier-version';
import { print, quantile, rounded } from './measure';

/** Size of the workforce whose database is updated, each with a corner like no other's. */
const PEOPLE = Number(process.env.BENCH_PEOPLE ?? 100_000);

/** People put into the database by one statement. */
const CHUNK = 2000;

/** Between two looks at how far the judging is, ms. */
const LOOK_MS = 1000;

const later = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** What an earlier version kept of one person who has answered. */
function answered(n: number) {
	const { first } = makeHistory(new Dice(n));
	const { corner } = cornerFromAnswers(first, 'upright');
	if (!corner) throw new Error(`Person ${n} of the bench has no corner`);
	return {
		n,
		corner,
		signs: signsOf(first),
		discomfort: discomfortFromAnswers(first).reports,
		done: n % 3 === 0
	};
}

/** Puts people into a database of the version before judgements, by its own columns. */
export async function fill(pool: ReturnType<typeof openDatabase>['pool']): Promise<void> {
	for (let from = 0; from < PEOPLE; from += CHUNK) {
		const rows = Array.from({ length: Math.min(CHUNK, PEOPLE - from) }, (_, i) => answered(from + i));
		await pool.query(
			`with given as (select * from jsonb_to_recordset($1::jsonb)
					as t (n int, corner jsonb, signs jsonb, discomfort jsonb, done boolean)),
				p as (insert into people (name, email) select 'Person ' || n, 'p' || n || '@lanterns.example' from given
					returning id, email),
				c as (insert into cases (person_id, level_rank, sent_at, answered_at, open_since)
					select id, 1, '2026-02-01T09:00Z', '2026-02-02T09:00Z', '2026-02-02T09:00Z' from p),
				a as (insert into assessments (person_id, token_hash, way, sent_at, expires_at, answered_at, corner, signs, signs_at,
						discomfort, seen_at)
					select p.id, 'hash ' || n, 'upright', '2026-02-01T09:00Z', '2026-04-01T09:00Z', '2026-02-02T09:00Z', corner, signs,
						'2026-02-02T09:00Z', discomfort, '2026-02-03T09:00Z'
					from given join p on p.email = 'p' || n || '@lanterns.example' returning id, token_hash)
			insert into step_ticks (assessment_id, place, done, at)
				select a.id, 'feet', true, '2026-02-04T09:00Z' from a join given on a.token_hash = 'hash ' || n where done`,
			[JSON.stringify(rows)]
		);
	}
	await pool.query('analyze');
}

/**
 * Brings a large database of the version before judgements to this one, and waits until the running program has judged everyone once:
 * how long each takes, and how long others wait for a page meanwhile.
 */
export async function benchUpdate(): Promise<void> {
	const postgres = await startPostgres({ temporary: true });
	const { db, pool } = openDatabase(postgres.url);
	try {
		await migrateTo(pool, BEFORE_JUDGEMENTS);
		await fill(pool);
		const began = performance.now();
		await migrateDatabase(pool);
		const migrated = performance.now();
		const app = await startApp({
			url: postgres.url,
			port: (await freePort(0)) ?? 0,
			env: { EASY_CORNER_MODE: 'demo' },
			log: 'pipe'
		});
		const waits: number[] = [];
		try {
			while ((await countUnjudged(db)) > 0) {
				const asked = performance.now();
				await (await fetch(`${app.address}/health`)).arrayBuffer();
				waits.push(performance.now() - asked);
				await later(LOOK_MS);
			}
		} finally {
			const judged = performance.now();
			print({
				figure: `update: a database from before judgements, ${PEOPLE} people who answered, no two corners alike`,
				unit: 's',
				migration: rounded((migrated - began) / 1000),
				firstJudging: rounded((judged - migrated) / 1000),
				msEach: rounded((judged - migrated) / PEOPLE),
				left: await countUnjudged(db),
				healthP95Ms: rounded(
					quantile(
						waits.sort((a, b) => a - b),
						0.95
					)
				)
			});
			await app.stop();
		}
	} finally {
		await pool.end();
		await postgres.stop();
	}
}
