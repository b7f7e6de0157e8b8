import { randomUUID } from 'node:crypto';
import { eq } from 'drizzle-orm';
import { startApp } from '../bin/lib/app.mjs';
import { freePort } from '../bin/lib/net.mjs';
import { startPostgres } from '../bin/lib/postgres.mjs';
import { seedWorkforce } from '../seed/workforce';
import { addUser } from '../src/lib/server/platform/access/add-user';
import { SESSION_COOKIE } from '../src/lib/server/platform/access/session-cookie';
import { hashToken, newToken } from '../src/lib/server/platform/access/tokens';
import type { Actor } from '../src/lib/server/platform/actor';
import { openAssessment } from '../src/lib/server/questionnaire/assessments/open-assessment';
import { recordConsent } from '../src/lib/server/questionnaire/assessments/record-consent';
import { sendAssessment } from '../src/lib/server/questionnaire/assessments/send-assessment';
import { openDatabase, schema } from '../src/lib/server/platform/db/client';
import { migrateDatabase } from '../src/lib/server/platform/db/migrate';
import { print, quantile, rounded, stolenShare } from './measure';

const EMPLOYEES = 500;
const COORDINATORS = 50;
const SECONDS = Number(process.env.BENCH_SECONDS ?? 60);

/**
 * Interval between two saves of one person, ms. A self-assessment of twelve minutes has about sixty answers, one in twelve seconds: this is
 * more than twice as many.
 */
const PAUSE_MS = Number(process.env.BENCH_PAUSE_MS ?? 5000);

/** Before this nothing is counted, s: a process that has just started compiles what it runs, and everybody comes at once. */
const WARM_UP_SECONDS = 12;

/** People on whom the coordinators work at the same time: each of them is several coordinators' at once. */
const SHARED = 25;

const later = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

interface Tally {
	readonly times: number[];
	readonly faults: string[];
	/** Counted from then on, ms since the epoch. */
	from: number;
}

async function timed(tally: Tally, what: string, work: () => Promise<Response>): Promise<Response> {
	const began = performance.now();
	const response = await work();
	if (Date.now() >= tally.from) tally.times.push(performance.now() - began);
	// A conflict is a valid answer: someone else was quicker, and nothing was overwritten.
	if (response.status >= 400 && response.status !== 409) tally.faults.push(`${what}: ${response.status}`);
	return response;
}

/**
 * Fifty coordinators and five hundred employees save at once, on an application and a database of their own. Counts confirmed saves and
 * looks for them afterwards.
 */
export async function benchLoad(): Promise<void> {
	const postgres = await startPostgres({ temporary: true });
	const { db, pool } = openDatabase(postgres.url);
	await migrateDatabase(pool);
	const now = new Date();
	const id = await addUser(db, {
		email: 'a@b.example',
		name: 'A',
		role: 'coordinator',
		password: 'long enough pass'
	});
	const actor: Actor = { kind: 'user', id, name: 'A', role: 'coordinator' };
	await seedWorkforce(db, EMPLOYEES + SHARED, now, actor);
	const people = await db.select({ id: schema.people.id }).from(schema.people).orderBy(schema.people.id);
	await db.update(schema.people).set({ leftAt: null });
	const tokens: string[] = [];
	for (const { id: personId } of people.slice(0, EMPLOYEES)) {
		const sent = await sendAssessment(db, actor, { personId, key: randomUUID(), version: null }, now);
		if (!sent) continue;
		await recordConsent(db, await openAssessment(db, sent.token), now);
		tokens.push(sent.token);
	}
	const cookies: string[] = [];
	for (let i = 0; i < COORDINATORS; i += 1) {
		const token = newToken();
		await db.insert(schema.sessions).values({
			tokenHash: hashToken(token),
			userId: id,
			expiresAt: new Date(now.getTime() + 86_400_000)
		});
		cookies.push(`${SESSION_COOKIE}=${token}`);
	}
	const shared = people.slice(EMPLOYEES).map((person) => person.id);
	await db.delete(schema.followUps);
	const app = await startApp({
		url: postgres.url,
		port: (await freePort(0)) ?? 0,
		env: { EASY_CORNER_MODE: 'demo' },
		log: 'pipe'
	});
	const from = Date.now() + WARM_UP_SECONDS * 1000;
	const saves: Tally = { times: [], faults: [], from };
	const acts: Tally = { times: [], faults: [], from };
	const last = new Map<string, string>();
	const kept = new Map<string, number>();
	const until = from + SECONDS * 1000;
	let conflicts = 0;

	async function employee(token: string, index: number): Promise<void> {
		await later((index / EMPLOYEES) * PAUSE_MS);
		for (let n = 0; Date.now() < until; n += 1) {
			const value = String(150 + (n % 50));
			const response = await timed(saves, 'save', () =>
				fetch(`${app.address}/c/${token}/draft`, {
					method: 'PUT',
					headers: { 'content-type': 'application/json' },
					body: JSON.stringify({ fields: { stature: value } })
				})
			);
			await response.arrayBuffer();
			if (response.ok) last.set(token, value);
			await later(PAUSE_MS * (0.75 + (index % 10) / 20));
		}
	}

	async function coordinator(cookie: string, index: number): Promise<void> {
		await later((index / COORDINATORS) * PAUSE_MS);
		for (let n = 0; Date.now() < until; n += 1) {
			const personId = shared[(index + n * 7) % SHARED] ?? '';
			const read = await timed(acts, 'case', () =>
				fetch(`${app.address}/desk/cases/${personId}/brief`, { headers: { cookie } })
			);
			const { followUp } = (await read.json()) as { followUp: { version: number } | null };
			const wrote = await timed(acts, 'follow-up', () =>
				fetch(`${app.address}/desk/cases/${personId}?/followUp`, {
					method: 'POST',
					headers: { cookie, origin: app.address, accept: 'application/json' },
					body: new URLSearchParams({
						key: randomUUID(),
						kind: 'look',
						due: '2099-01-04',
						reason: `${index} ${n}`,
						version: String(followUp?.version ?? 0)
					})
				})
			);
			const told = (await wrote.json()) as { type: string; status: number };
			if (told.type === 'success') kept.set(personId, (kept.get(personId) ?? 0) + 1);
			else if (told.status === 409) conflicts += 1;
			else acts.faults.push(`follow-up: ${told.type} ${told.status}`);
			await later(PAUSE_MS * (0.75 + (index % 10) / 20));
		}
	}

	const stolen = stolenShare();
	try {
		await Promise.all([...tokens.map(employee), ...cookies.map(coordinator)]);
		const stolenPercent = stolen();
		let lost = 0;
		for (const [token, value] of last) {
			const [row] = await db
				.select({ answers: schema.assessments.answers })
				.from(schema.assessments)
				.where(eq(schema.assessments.tokenHash, hashToken(token)));
			if (row?.answers.stature !== value) lost += 1;
		}
		for (const [personId, n] of kept) {
			const [row] = await db
				.select({ version: schema.followUps.version })
				.from(schema.followUps)
				.where(eq(schema.followUps.personId, personId));
			if (row?.version !== n) lost += 1;
		}
		for (const [figure, { times, faults }] of [
			['employees save', saves],
			['coordinators read and save', acts]
		] as const) {
			times.sort((a, b) => a - b);
			print({
				figure: `load: ${EMPLOYEES} employees and ${COORDINATORS} coordinators for ${SECONDS} s, ${figure}`,
				unit: 'ms',
				runs: times.length,
				p50: rounded(quantile(times, 0.5)),
				p95: rounded(quantile(times, 0.95)),
				max: rounded(times.at(-1) ?? NaN),
				faults: faults.length,
				firstFaults: faults.slice(0, 3),
				lost,
				conflicts,
				stolenPercent
			});
		}
	} finally {
		await app.stop();
		await pool.end();
		await postgres.stop();
	}
}
