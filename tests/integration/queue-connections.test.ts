import { afterAll, beforeAll, expect, it } from 'vitest';
import PgBoss from 'pg-boss';
import { QueueConnections } from '$lib/server/platform/jobs/queue-connections';
import { makeTestDatabase, type TestDatabase } from '../support/database';

let test: TestDatabase;
beforeAll(async () => {
	test = await makeTestDatabase({ migrated: false });
});
afterAll(() => test.drop());

it('connections that close answer what runs on them and what waits for one, and take nothing new', async () => {
	const connections = new QueueConnections(test.url, 1);
	const running = connections.executeSql('select 1 as n from pg_sleep(0.2)');
	const waiting = connections.executeSql('select $1::int as n', [2]);
	const refused = connections.executeSql('select nothing').then(
		() => 'answered',
		(error: unknown) => String(error)
	);
	await connections.close();
	expect((await running).rows).toEqual([{ n: 1 }]);
	expect((await waiting).rows).toEqual([{ n: 2 }]);
	expect(await refused).toContain('column "nothing" does not exist');
	// What outlasts the end gets nothing, and brings nothing down.
	expect(await connections.executeSql('select 3 as n')).toEqual({ rows: [], rowCount: 0 });
});

it('a job that ends after the queue is closed is left as it was, and the process goes on', async () => {
	const connections = new QueueConnections(test.url);
	const boss = new PgBoss({ db: connections, supervise: false, schedule: false });
	await boss.start();
	await boss.createQueue('late');
	const id = await boss.send('late', {});
	await boss.fetch('late');
	await connections.close();
	expect(await boss.complete('late', String(id))).toMatchObject({ requested: 1, affected: 0 });
	expect(await boss.fail('late', String(id))).toMatchObject({ requested: 1, affected: 0 });
	expect(await boss.fetch('late')).toEqual([]);
	await boss.stop({ graceful: false });
});
