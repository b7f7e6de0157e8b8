import { randomUUID } from 'node:crypto';
import { newThing, SHELF } from '../src/lib/core/answers';
import { addUser } from '../src/lib/server/access/add-user';
import { SESSION_COOKIE } from '../src/lib/server/access/session-cookie';
import { hashToken, newToken } from '../src/lib/server/access/tokens';
import type { Actor } from '../src/lib/server/actor';
import { openAssessment } from '../src/lib/server/assessments/open-assessment';
import { giveConsent } from '../src/lib/server/assessments/save-answers';
import { sendAssessment } from '../src/lib/server/assessments/send-assessment';
import { openDatabase, schema } from '../src/lib/server/db/client';
import { migrateDatabase } from '../src/lib/server/db/migrate';
import { addPerson } from '../src/lib/server/people/add-person';
import { startApp } from '../bin/lib/app.mjs';
import { freePort } from '../bin/lib/net.mjs';
import { startPostgres } from '../bin/lib/postgres.mjs';
import { DEMO_PEOPLE } from '../seed/people';
import { NO_SIGNS } from '../seed/profiles';
import { print, quantile, rounded } from './measure';

/** Submits of one link at once, and things in its household. */
const [SUBMITS, THINGS] = [14, 40] as const;

/** Rounds of asking before anything is counted. */
const WARM_UP = 20;

/** A household of forty things that all could go somewhere. */
function fullHouse(): Record<string, string> {
	const things = Array.from({ length: THINGS }, (_, i) => {
		const { kind } = SHELF[i % SHELF.length] ?? { kind: 'book' as const };
		return newThing(i, kind, `${kind} ${i}`, 'cm');
	});
	return Object.assign({}, ...things) as Record<string, string>;
}

/**
 * One link is submitted many times at once with a full house, each time with other answers, while others ask for the health of the
 * program and for the day sheet: how long these wait, as HTTP.
 */
export async function benchSubmits(): Promise<void> {
	const postgres = await startPostgres({ temporary: true });
	const { db, pool } = openDatabase(postgres.url);
	await migrateDatabase(pool);
	const now = new Date();
	const account = {
		email: 'a@b.example',
		name: 'A',
		role: 'coordinator',
		password: 'long enough pass'
	} as const;
	const id = await addUser(db, account);
	const actor: Actor = { kind: 'user', id, name: 'A', role: 'coordinator' };
	const personId = await addPerson(db, actor, { name: 'P', email: 'p@b.example', team: '' }, now);
	const sent = await sendAssessment(db, actor, { personId, key: randomUUID(), version: null }, now);
	if (sent) await giveConsent(db, await openAssessment(db, sent.token), now);
	const session = newToken();
	const expiresAt = new Date(now.getTime() + 86_400_000);
	await db.insert(schema.sessions).values({ tokenHash: hashToken(session), userId: id, expiresAt });
	const app = await startApp({
		url: postgres.url,
		port: (await freePort(0)) ?? 0,
		env: { EASY_CORNER_MODE: 'demo' },
		log: 'pipe'
	});
	const cookie = `${SESSION_COOKIE}=${session}`;
	const link = `${app.address}/c/${sent?.token ?? ''}`;
	const put = (fields: object) =>
		fetch(`${link}/draft`, {
			method: 'PUT',
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify({ fields })
		});
	const waits: Record<'health' | 'day sheet', number[]> = { health: [], 'day sheet': [] };
	let isOver = false;
	async function ask(what: keyof typeof waits, path: string): Promise<void> {
		while (!isOver) {
			const began = performance.now();
			const response = await fetch(`${app.address}${path}`, {
				headers: { cookie }
			});
			await response.arrayBuffer();
			waits[what].push(performance.now() - began);
		}
	}
	try {
		const answers = DEMO_PEOPLE.find(({ name }) => name.startsWith('Mirela'))?.answers ?? {};
		await put({ ...NO_SIGNS, ...answers, ...fullHouse() });
		// A process that has just started compiles what it runs: nothing is counted before.
		for (let i = 0; i < WARM_UP; i += 1)
			for (const path of ['/health', '/desk'])
				await (await fetch(`${app.address}${path}`, { headers: { cookie } })).arrayBuffer();
		const asking = [ask('health', '/health'), ask('day sheet', '/desk')];
		const began = performance.now();
		const statuses = await Promise.all(
			Array.from({ length: SUBMITS }, async (_, i) => {
				await put({ stature: String(158 + i) });
				return (await fetch(`${link}/submit`, { method: 'POST' })).status;
			})
		);
		const seconds = (performance.now() - began) / 1000;
		isOver = true;
		await Promise.all(asking);
		for (const [what, times] of Object.entries(waits)) {
			times.sort((a, b) => a - b);
			print({
				figure: `submits: ${what} while ${SUBMITS} submits of one link with ${THINGS} things are worked out`,
				unit: 'ms',
				runs: times.length,
				p50: rounded(quantile(times, 0.5)),
				p95: rounded(quantile(times, 0.95)),
				max: rounded(times.at(-1) ?? NaN),
				seconds: rounded(seconds),
				statuses: [...new Set(statuses)]
			});
		}
	} finally {
		await app.stop();
		await pool.end();
		await postgres.stop();
	}
}
