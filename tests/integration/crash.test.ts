import { spawn, type ChildProcess } from 'node:child_process';
import { join } from 'node:path';
import { eq, sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { openDatabase, schema, type OpenDatabase } from '$lib/server/platform/db/client';
import { migrateDatabase } from '$lib/server/platform/db/migrate';
import { startPostgres } from '../../bin/lib/postgres.mjs';
import { PATIENCE } from '../support/patience';
import { IS_LONG_RUN } from '../support/rotation';

const LETTERS = 1000;

let postgres: Awaited<ReturnType<typeof startPostgres>>;
let open: OpenDatabase;
const running: ChildProcess[] = [];

/** A process that delivers letters. */
function postman(): { child: ChildProcess; ended: Promise<number | null> } {
	const child = spawn('npx', ['tsx', join('tests', 'support', 'postman-process.ts')], {
		env: { ...process.env, DATABASE_URL: postgres.url },
		stdio: 'ignore',
		detached: true
	});
	running.push(child);
	return { child, ended: new Promise((resolve) => child.on('exit', (code) => resolve(code))) };
}

/** Ends a process and all that it started, at once and without a word to it. */
function kill({ pid }: ChildProcess): void {
	if (pid) process.kill(-pid, 'SIGKILL');
}

async function handedOver(): Promise<number> {
	return open.db.$count(schema.testInbox);
}

/** Waits until so many letters were handed over: not so long, but so far. */
async function reach(n: number): Promise<void> {
	await expect.poll(handedOver, { ...PATIENCE, interval: 20 }).toBeGreaterThanOrEqual(n);
}

// A database of its own, as safe as a real one: it is killed.
beforeAll(async () => {
	postgres = await startPostgres({ temporary: true, durable: true });
	open = openDatabase(postgres.url);
	await migrateDatabase(open.pool);
	const at = new Date();
	await open.db.insert(schema.emails).values(
		Array.from({ length: LETTERS }, (_, i) => ({
			personId: null,
			toName: `N ${i}`,
			toEmail: `n${i}@example.org`,
			kind: 'message' as const,
			subject: 'Hello',
			body: 'One.',
			linkPath: '/c/x',
			writtenAt: at,
			nextTryAt: at
		}))
	);
});

afterAll(async () => {
	for (const child of running) if (child.exitCode === null && child.signalCode === null) kill(child);
	await open.pool.end();
	await postgres.stop();
});

// In a short run, `killed-under-load.test.ts` kills both.
describe.runIf(IS_LONG_RUN)('kill -9 while a thousand letters go out', () => {
	it('of a process, and of PostgreSQL: none is lost, and none lies twice', async () => {
		const first = postman();
		await reach(150);
		kill(first.child);
		await first.ended;
		expect(await open.db.$count(schema.emails, eq(schema.emails.state, 'waiting'))).toBeGreaterThan(500);

		const [second, third] = [postman(), postman()];
		await reach(450);
		await postgres.crash();
		await postgres.revive();
		expect(await Promise.all([second.ended, third.ended])).toEqual([0, 0]);

		const { emails, testInbox } = schema;
		expect(await open.db.$count(emails, eq(emails.state, 'delivered'))).toBe(LETTERS);
		const [lies] = await open.db
			.select({ n: sql<number>`count(*)::int`, ids: sql<number>`count(distinct ${testInbox.emailId})::int` })
			.from(testInbox);
		// One message id a letter for ever: what was handed over again is known as the same.
		expect(lies).toEqual({ n: LETTERS, ids: LETTERS });
		const again = await open.db.$count(testInbox, sql`${testInbox.times} > 1`);
		expect(again).toBeLessThan(100);
	});
});
