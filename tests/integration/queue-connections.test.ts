import { afterAll, beforeAll, expect, it } from 'vitest';
import { QueueConnections } from '$lib/server/jobs/queue-connections';
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
