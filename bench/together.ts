import { randomUUID } from 'node:crypto';
import { startApp } from '../bin/lib/app.mjs';
import { freePort } from '../bin/lib/net.mjs';
import { needBuild } from '../bin/lib/packages.mjs';
import { startPostgres } from '../bin/lib/postgres.mjs';
import { addUser } from '../src/lib/server/platform/access/add-user';
import { SESSION_COOKIE } from '../src/lib/server/platform/access/session-cookie';
import { hashToken, newToken } from '../src/lib/server/platform/access/tokens';
import type { Actor } from '../src/lib/server/platform/actor';
import { openAssessment } from '../src/lib/server/questionnaire/assessments/open-assessment';
import { recordConsent } from '../src/lib/server/questionnaire/assessments/record-consent';
import { sendAssessment } from '../src/lib/server/questionnaire/assessments/send-assessment';
import { openDatabase, schema } from '../src/lib/server/platform/db/client';
import { migrateDatabase } from '../src/lib/server/platform/db/migrate';
import { addPerson } from '../src/lib/server/people/add-person';
import { joinSharedSession } from '../src/lib/server/questionnaire/shared-sessions/join-shared-session';
import {
	openSharedSessionOf,
	startSharedSession
} from '../src/lib/server/questionnaire/shared-sessions/open-shared-session';
import { print, quantile, rounded } from './measure';

/** Pairs who look at the same time, and coordinators among whom they are shared. */
const PAIRS = 100;
const COORDINATORS = 10;

/** Entries of each pair, and the time between two of them, ms: hardly anyone reads lengths out faster. */
const TAPS = 20;
const BETWEEN_MS = 3000;

const later = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** One side's board: its address and what opens it. */
interface Side {
	readonly address: string;
	readonly headers: Readonly<Record<string, string>>;
	/** Called with the stature that its stream has brought. */
	seen: (stature: string) => void;
}

/** Follows a board, and tells it of each stature that arrives. */
async function follow(side: Side, signal: AbortSignal): Promise<void> {
	const response = await fetch(`${side.address}/live`, { headers: side.headers, signal });
	if (!response.body || response.status !== 200) throw new Error(`${side.address}: ${response.status}`);
	let rest = '';
	const decoder = new TextDecoder();
	try {
		for await (const chunk of response.body) {
			const events = (rest + decoder.decode(chunk as Uint8Array, { stream: true })).split('\n\n');
			rest = events.pop() ?? '';
			for (const event of events) {
				const { answers } = JSON.parse(event.replace(/^data: /, '')) as { answers: Record<string, string> };
				side.seen(answers.stature ?? '');
			}
		}
	} catch (error) {
		if (!signal.aborted) throw error;
	}
}

/** Enters a stature on one side; how long until the other side's stream has it, ms. */
async function tap(from: Side, to: Side, stature: string): Promise<number> {
	const began = performance.now();
	const arrived = new Promise<number>((resolve) => {
		to.seen = (seen) => seen === stature && resolve(performance.now() - began);
	});
	const response = await fetch(from.address, {
		method: 'PUT',
		headers: { ...from.headers, 'content-type': 'application/json' },
		body: JSON.stringify({ fields: { stature } })
	});
	await response.arrayBuffer();
	if (response.status !== 200) throw new Error(`${from.address}: ${response.status}`);
	return arrived;
}

/** A hundred shared sessions at once: from an entry on one side, as HTTP, to the other side's stream. */
export async function benchTogether(): Promise<void> {
	await needBuild();
	const postgres = await startPostgres({ temporary: true });
	const { db, pool } = openDatabase(postgres.url);
	const over = new AbortController();
	try {
		await migrateDatabase(pool);
		const now = new Date();
		const users: (Actor & { kind: 'user' })[] = [];
		const cookies: string[] = [];
		for (let i = 0; i < COORDINATORS; i += 1) {
			const account = { email: `c${i}@lanterns.example`, name: `C ${i}`, role: 'coordinator' as const };
			const id = await addUser(db, { ...account, password: 'long enough pass' });
			users.push({ kind: 'user', id, name: account.name, role: account.role });
			const token = newToken();
			const expiresAt = new Date(now.getTime() + 86_400_000);
			await db.insert(schema.sessions).values({ tokenHash: hashToken(token), userId: id, expiresAt });
			cookies.push(`${SESSION_COOKIE}=${token}`);
		}
		const app = await startApp({
			url: postgres.url,
			port: (await freePort(0)) ?? 0,
			env: { EASY_CORNER_MODE: 'demo', EASY_CORNER_WRITES_FACTOR: '100' },
			log: 'pipe'
		});
		try {
			const pairs: [Side, Side][] = [];
			for (let i = 0; i < PAIRS; i += 1) {
				const coordinator = users[i % COORDINATORS]!;
				const person = { name: `P ${i}`, email: `p${i}@lanterns.example`, team: 'T' };
				const personId = await addPerson(db, coordinator, person, now);
				const act = { key: randomUUID(), personId, version: null };
				const sent = await sendAssessment(db, coordinator, act, now);
				if (!sent) throw new Error('A new key is a new act');
				await recordConsent(db, await openAssessment(db, sent.token), now);
				await startSharedSession(db, await openAssessment(db, sent.token), now);
				const code = (await openSharedSessionOf(db, personId, now))?.code ?? '';
				await joinSharedSession(db, coordinator, { personId, code }, now);
				const seen = () => {};
				pairs.push([
					{ address: `${app.address}/c/${sent.token}/together/board`, headers: {}, seen },
					{
						address: `${app.address}/desk/cases/${personId}/together/board`,
						headers: { cookie: cookies[i % COORDINATORS]!, origin: app.address },
						seen
					}
				]);
			}
			const streams = Promise.all(pairs.flat().map((side) => follow(side, over.signal)));
			await later(BETWEEN_MS);
			// The first entry of a self-assessment assesses its case: no hundred pairs begin in one second.
			for (const [person, coordinator] of pairs) await tap(person, coordinator, '149');
			const times: number[] = [];
			await Promise.all(
				pairs.map(async ([person, coordinator], i) => {
					// Nobody's taps are in step with another pair's.
					await later((i / PAIRS) * BETWEEN_MS);
					for (let k = 0; k < TAPS; k += 1) {
						const [from, to] = k % 2 === 0 ? [person, coordinator] : [coordinator, person];
						times.push(await tap(from, to, String(150 + k)));
						await later(BETWEEN_MS);
					}
				})
			);
			over.abort();
			await streams;
			times.sort((a, b) => a - b);
			print({
				figure: `together: from an entry to the other side's stream, ${PAIRS} pairs at once`,
				unit: 'ms',
				entries: times.length,
				p50: rounded(quantile(times, 0.5)),
				p95: rounded(quantile(times, 0.95)),
				max: rounded(times.at(-1) ?? NaN)
			});
		} finally {
			over.abort();
			await app.stop();
		}
	} finally {
		await pool.end();
		await postgres.stop();
	}
}
