import { readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import { generateDrizzleJson, generateMigration } from 'drizzle-kit/api';
import { asc, eq } from 'drizzle-orm';
import { describe, expect, it } from 'vitest';
import { SHIPPED_RULES_VERSION } from '$lib/core/platform/rules/shipped-rules';
import type { Actor } from '$lib/server/platform/actor';
import { verifyAuditLog, sealAuditLines } from '$lib/server/platform/audit/seal-audit-log';
import { readCasePage } from '$lib/server/cases/case-page';
import { readDaySheet } from '$lib/server/cases/day-sheet';
import { schema } from '$lib/server/platform/db/client';
import { migrateDatabase } from '$lib/server/platform/db/migrate';
import {
	countCasesToReassess,
	reassessOutdatedCases
} from '$lib/server/cases/case-assessments/reassess-outdated-cases';
import { currentPlanOf } from '$lib/server/plan/plans/current-plan';
import { makeTestDatabase, type TestDatabase } from '../support/database';
import { MIGRATIONS, migrateTo } from '../support/migrations';

/** The first migration: what every database that there is came from. */
const BASELINE = 0;

/** The day after the newest of what the filled database holds. */
const now = new Date('2026-11-28T09:00:00Z');

const filled = gunzipSync(readFileSync('tests/data/baseline/filled.sql.gz')).toString();

/** Works on a database of the baseline, filled as people had filled it. */
async function withFilled(work: (test: TestDatabase) => Promise<void>): Promise<void> {
	const test = await makeTestDatabase({ migrated: false });
	try {
		await migrateTo(test.pool, BASELINE);
		await test.pool.query(filled);
		await work(test);
	} finally {
		await test.drop();
	}
}

/** How many rows each table has. */
async function countsOf({ pool }: TestDatabase): Promise<Record<string, number>> {
	const { rows: tables } = await pool.query<{ name: string }>(
		"select tablename as name from pg_tables where schemaname = 'public' order by 1"
	);
	const counts: Record<string, number> = {};
	for (const { name } of tables) {
		const { rows } = await pool.query<{ n: number }>(`select count(*)::int as n from "${name}"`);
		counts[name] = rows[0]?.n ?? 0;
	}
	return counts;
}

describe('a filled database of the baseline', () => {
	it.each(MIGRATIONS)('comes to the state after migration %i with every row that it had', (last) =>
		withFilled(async (test) => {
			const before = await countsOf(test);
			expect(before).toMatchObject({ people: 36, judgements: 309, letters: 146 });
			await migrateTo(test.pool, last);
			const after = await countsOf(test);
			for (const [table, n] of Object.entries(before))
				if (table in after) expect(after[table], table).toBeGreaterThanOrEqual(n);
		})
	);

	it('is worked on by this version: every case opens, the chain of the audit log is whole, and all are judged by its rules', () =>
		withFilled(async (test) => {
			const { db } = test;
			await migrateDatabase(test.pool);
			const [user] = await db
				.select({ id: schema.users.id, name: schema.users.name })
				.from(schema.users)
				.where(eq(schema.users.role, 'coordinator'))
				.orderBy(asc(schema.users.createdAt))
				.limit(1);
			const coordinator: Actor = {
				kind: 'user',
				id: user?.id ?? '',
				name: user?.name ?? '',
				role: 'coordinator'
			};
			await reassessOutdatedCases(db, () => now);
			expect(await countCasesToReassess(db)).toBe(0);
			expect(
				await db.$count(schema.cases, eq(schema.cases.rulesVersion, SHIPPED_RULES_VERSION))
			).toBeGreaterThan(30);
			const { lines } = await readDaySheet(db, coordinator, '2026-11-28');
			expect(lines.length).toBeGreaterThan(5);
			const people = await db.select({ id: schema.people.id }).from(schema.people);
			for (const { id } of people)
				expect(await readCasePage(db, coordinator, id, now, 'UTC'), id).toBeTruthy();
			const answered = await db
				.select({ id: schema.assessments.id, answeredAt: schema.assessments.answeredAt })
				.from(schema.assessments);
			let plans = 0;
			for (const { id, answeredAt } of answered)
				if (answeredAt && (await currentPlanOf(db, id))?.advice.ladder) plans += 1;
			expect(plans).toBeGreaterThan(30);
			while ((await sealAuditLines(db, now)).n > 0);
			expect(await verifyAuditLog(db, now, true)).toMatchObject({
				n: await db.$count(schema.auditLines),
				brokenAt: null
			});
		}));

	it('goes forward one migration at a time, and stays as it was where one fails', () =>
		withFilled(async (test) => {
			const newest = MIGRATIONS.at(-1) ?? BASELINE;
			await migrateTo(test.pool, newest);
			const before = await countsOf(test);
			const added = {
				tag: 'try_added',
				sql: `alter table people add column nickname text not null default ''`
			};
			const broken = {
				tag: 'try_broken',
				sql: `alter table people drop column nickname;\n--> statement-breakpoint\ninsert into no_such_table values (1)`
			};
			await migrateTo(test.pool, newest, [added]);
			expect(await countsOf(test)).toEqual(before);
			await expect(migrateTo(test.pool, newest, [added, broken])).rejects.toThrow();
			const { rows } = await test.pool.query('select nickname from people limit 1');
			expect(rows).toEqual([{ nickname: '' }]);
			// The same again, mended, goes on from there.
			await migrateTo(test.pool, newest, [
				added,
				{ tag: 'try_mended', sql: 'alter table people drop column nickname' }
			]);
			expect(await countsOf(test)).toEqual(before);
		}));
});

describe('the migrations', () => {
	it('make the tables that the program has: nothing would be left to generate', async () => {
		const newest = String(MIGRATIONS.at(-1)).padStart(4, '0');
		const last = JSON.parse(readFileSync(`drizzle/meta/${newest}_snapshot.json`, 'utf8')) as Parameters<
			typeof generateMigration
		>[0];
		const wanted = generateDrizzleJson({ ...schema }, last.id);
		expect(await generateMigration(last, wanted)).toEqual([]);
	});
});
