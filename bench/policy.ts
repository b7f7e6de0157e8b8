import { eq, sql } from 'drizzle-orm';
import { startApp } from '../bin/lib/app.mjs';
import { freePort } from '../bin/lib/net.mjs';
import { needBuild } from '../bin/lib/packages.mjs';
import { startPostgres } from '../bin/lib/postgres.mjs';
import { seedWorkforce } from '../seed/workforce';
import { UNSET_ORGANISATION } from '../src/lib/core/platform/organisation';
import { SHIPPED_SETTINGS } from '../src/lib/core/cases/triage/policy-settings';
import { addUser } from '../src/lib/server/platform/access/add-user';
import { SESSION_COOKIE } from '../src/lib/server/platform/access/session-cookie';
import { hashToken, newToken } from '../src/lib/server/platform/access/tokens';
import {
	casesToReassess,
	countCasesToReassess
} from '../src/lib/server/cases/case-assessments/reassess-outdated-cases';
import { openDatabase, schema, type Db } from '../src/lib/server/platform/db/client';
import { migrateDatabase } from '../src/lib/server/platform/db/migrate';
import { readRules } from '../src/lib/server/platform/rules/read-rules';
import { publishDueClosings } from '../src/lib/server/workforce/publish-closing';
import { print, quantile, rounded, stolenShare } from './measure';

/** Size of the workforce to which settings are published. */
const PEOPLE = Number(process.env.BENCH_PEOPLE ?? 100_000);

/** Reads of the day sheet before anything is published. */
const READS = 400;

/** Reads before those: of a server that has been up for a while, a page takes half as long as of a new one. After a hundred it still falls. */
const WARM_UP = 400;

/** What a process does after its start, such as counting today's figures, has begun by then, ms. */
const SETTLED_MS = 60_000;

/** It is over once no statement has run for this long, s. */
const QUIET_S = 10;

/** Between two reads while cases are assessed again, ms. */
const READ_MS = 250;

const later = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** Waits until the application has done what it does after its start. */
async function settle(db: Db): Promise<void> {
	await later(SETTLED_MS);
	for (let quietS = 0; quietS < QUIET_S; quietS += 1) {
		const { rows } = await db.execute(
			sql`select from pg_stat_activity where state <> 'idle' and backend_type = 'client backend' and pid <> pg_backend_pid()`
		);
		if (rows.length > 0) quietS = -1;
		await later(1000);
	}
}

/**
 * Settings published to a large workforce, as HTTP: how long the preview takes, how long until every case is assessed by them, and how long
 * the day sheet takes before and in the meantime.
 */
export async function benchPolicy(): Promise<void> {
	await needBuild();
	const postgres = await startPostgres({ temporary: true });
	const { db, pool } = openDatabase(postgres.url);
	try {
		await migrateDatabase(pool);
		const account = { email: 'bench@lanterns.example', name: 'Bench', role: 'coordinator' as const };
		const userId = await addUser(db, { ...account, password: 'long enough pass' });
		const now = new Date();
		await seedWorkforce(db, PEOPLE, now, {
			kind: 'user',
			id: userId,
			name: account.name,
			role: account.role
		});
		// Nothing of the workforce's own is to go out in the meantime.
		await db.update(schema.emails).set({ state: 'delivered' }).where(eq(schema.emails.state, 'waiting'));
		await db.update(schema.cases).set({ mailOn: null, reassessOn: null });
		await db.update(schema.roundPeople).set({ remindOn: null });
		await db.update(schema.checkIns).set({ remindOn: null });
		await db
			.insert(schema.organisation)
			.values({ ...UNSET_ORGANISATION, name: 'Bench', contactName: 'Bench', changedAt: now })
			.onConflictDoNothing();
		// As in a database that has been in use for a while: a year's month ends are not published while pages are measured.
		await publishDueClosings(db, () => now);
		await pool.query('vacuum analyze');
		const token = newToken();
		const expiresAt = new Date(now.getTime() + 86_400_000);
		await db.insert(schema.sessions).values({ tokenHash: hashToken(token), userId, expiresAt });
		const app = await startApp({
			url: postgres.url,
			port: (await freePort(0)) ?? 0,
			env: { EASY_CORNER_MODE: 'demo' },
			log: 'pipe'
		});
		const headers = { cookie: `${SESSION_COOKIE}=${token}` };
		const read = async () => {
			const asked = performance.now();
			const response = await fetch(`${app.address}/desk`, { headers, redirect: 'manual' });
			await response.arrayBuffer();
			if (response.status !== 200) throw new Error(`/desk: ${response.status}`);
			return performance.now() - asked;
		};
		const act = async (name: string) => {
			const settings = { ...SHIPPED_SETTINGS, clinicianFrom: 6, answerDays: 2 };
			const asked = performance.now();
			const response = await fetch(`${app.address}/desk/organisation/policy?/${name}`, {
				method: 'POST',
				headers: {
					...headers,
					origin: app.address,
					accept: 'application/json',
					'x-sveltekit-action': 'true'
				},
				body: new URLSearchParams({
					...Object.fromEntries(Object.entries(settings).map(([field, value]) => [field, String(value)])),
					seen: '0',
					note: 'Bench'
				})
			});
			const text = await response.text();
			if (!text.startsWith('{"type":"success"')) throw new Error(`${name}: ${text.slice(0, 300)}`);
			return performance.now() - asked;
		};
		try {
			await settle(db);
			for (let i = 0; i < WARM_UP; i += 1) await read();
			const stolenBefore = stolenShare();
			const before: number[] = [];
			for (let i = 0; i < READS; i += 1) before.push(await read());
			const stolenBeforePercent = stolenBefore();
			const previewMs = await act('preview');
			const publishMs = await act('publish');
			const cases = await countCasesToReassess(db);
			const began = performance.now();
			const stolen = stolenShare();
			const meanwhile: number[] = [];
			const { name } = await readRules(db);
			// By index: a read of every case between two pages would be what the pages then wait for.
			const left = () => db.execute<{ n: number }>(sql`select ${casesToReassess(name)} as n`);
			while ((await left()).rows[0]?.n !== 0) {
				meanwhile.push(await read());
				await later(READ_MS);
			}
			const at = (times: readonly number[], share: number) =>
				rounded(
					quantile(
						times.toSorted((a, b) => a - b),
						share
					)
				);
			print({
				figure: `policy: settings published to ${cases} of ${PEOPLE} people`,
				unit: 's',
				preview: rounded(previewMs / 1000),
				publishing: rounded(publishMs / 1000),
				judging: rounded((performance.now() - began) / 1000),
				daySheetP50Ms: at(before, 0.5),
				daySheetP95Ms: at(before, 0.95),
				daySheetP50MeanwhileMs: at(meanwhile, 0.5),
				daySheetP95MeanwhileMs: at(meanwhile, 0.95),
				stolenBeforePercent,
				stolenMeanwhilePercent: stolen()
			});
		} finally {
			await app.stop();
		}
	} finally {
		await pool.end();
		await postgres.stop();
	}
}
