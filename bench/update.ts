import { eq, isNotNull, sql } from 'drizzle-orm';
import { startApp } from '../bin/lib/app.mjs';
import { freePort } from '../bin/lib/net.mjs';
import { needBuild } from '../bin/lib/packages.mjs';
import { startPostgres } from '../bin/lib/postgres.mjs';
import { seedWorkforce } from '../seed/workforce';
import { addUser } from '../src/lib/server/platform/access/add-user';
import { openDatabase, schema } from '../src/lib/server/platform/db/client';
import { migrateDatabase } from '../src/lib/server/platform/db/migrate';
import { countCasesToReassess } from '../src/lib/server/cases/case-assessments/reassess-outdated-cases';
import { countHeld } from '../src/lib/server/platform/email-hold/held-emails';
import { print, quantile, rounded } from './measure';

const { assessments, cases, emails } = schema;

/** Size of the workforce that an update judges again. */
const PEOPLE = Number(process.env.BENCH_PEOPLE ?? 100_000);

/** Between two looks at how far the judging is, ms. */
const LOOK_MS = 1000;

const later = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/**
 * A large workforce last assessed under other rules, as after an update: how long the running application takes to assess everyone again,
 * how long others wait for a page in the meantime, and that it sends no email and ends no link.
 */
export async function benchUpdate(): Promise<void> {
	await needBuild();
	const postgres = await startPostgres({ temporary: true });
	const { db, pool } = openDatabase(postgres.url);
	try {
		await migrateDatabase(pool);
		const account = { email: 'bench@lanterns.example', name: 'Bench', role: 'coordinator' as const };
		const id = await addUser(db, { ...account, password: 'long enough pass' });
		const now = new Date();
		await seedWorkforce(db, PEOPLE, now, { kind: 'user', id, name: account.name, role: account.role });
		// Nothing of the workforce's own is to go out in the meantime: what does is the update's.
		await db.update(emails).set({ state: 'delivered' }).where(eq(emails.state, 'waiting'));
		await db.delete(schema.followUps).where(sql`done_at is null`);
		await db
			.update(cases)
			.set({
				rulesVersion: 'core 0, checklist 0, policy 0',
				softwareVersion: 'core 0',
				mailOn: null,
				reassessOn: null
			})
			.where(isNotNull(cases.rulesVersion));
		await db.update(schema.roundPeople).set({ remindOn: null });
		await db.update(schema.checkIns).set({ remindOn: null });
		await pool.query('analyze');
		const [people, written, ended] = await Promise.all([
			countCasesToReassess(db),
			db.$count(emails),
			db.$count(assessments, isNotNull(assessments.revokedAt))
		]);
		const began = performance.now();
		const app = await startApp({
			url: postgres.url,
			port: (await freePort(0)) ?? 0,
			env: { EASY_CORNER_MODE: 'demo' },
			log: 'pipe'
		});
		const waits: number[] = [];
		try {
			while ((await countCasesToReassess(db)) > 0) {
				const asked = performance.now();
				await (await fetch(`${app.address}/health`)).arrayBuffer();
				waits.push(performance.now() - asked);
				await later(LOOK_MS);
			}
			const judged = performance.now();
			// A minute more, in which every job has looked.
			await later(65_000);
			print({
				figure: `update: ${people} people judged again by other rules`,
				unit: 's',
				judging: rounded((judged - began) / 1000),
				msEach: rounded((judged - began) / people),
				left: await countCasesToReassess(db),
				heldEmails: await countHeld(db),
				emailsWritten: (await db.$count(emails)) - written,
				linksEnded: (await db.$count(assessments, isNotNull(assessments.revokedAt))) - ended,
				healthP95Ms: rounded(
					quantile(
						waits.sort((a, b) => a - b),
						0.95
					)
				)
			});
		} finally {
			await app.stop();
		}
	} finally {
		await pool.end();
		await postgres.stop();
	}
}
