import { randomUUID } from 'node:crypto';
import { startApp } from '../bin/lib/app.mjs';
import { freePort } from '../bin/lib/net.mjs';
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

/**
 * The program on a database with one person and one coordinator.
 *
 * @param through the address by which the program reaches the database, of its own
 */
export async function startWithOneLink(through = (url: string) => Promise.resolve(url)) {
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
	if (sent) await recordConsent(db, await openAssessment(db, sent.token), now);
	const session = newToken();
	const expiresAt = new Date(now.getTime() + 86_400_000);
	await db.insert(schema.sessions).values({ tokenHash: hashToken(session), userId: id, expiresAt });
	const app = await startApp({
		url: await through(postgres.url),
		port: (await freePort(0)) ?? 0,
		env: { EASY_CORNER_MODE: 'demo' },
		log: 'pipe'
	});
	return {
		app,
		cookie: `${SESSION_COOKIE}=${session}`,
		link: `${app.address}/c/${sent?.token ?? ''}`,
		stop: async () => {
			await app.stop();
			await pool.end();
			await postgres.stop();
		}
	};
}
