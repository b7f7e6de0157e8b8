import { once } from 'node:events';
import { connect } from 'node:net';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { openDatabase, type OpenDatabase } from '$lib/server/platform/db/client';
import { DatabaseWatch } from '$lib/server/platform/db/database-watch';
import { OpenStreams } from '$lib/server/platform/live/open-streams';
import { recordResponse, serveMetrics } from '$lib/server/platform/metrics/metrics';
import { freePort } from '../../bin/lib/net.mjs';
import { makeTestDatabase, type TestDatabase } from '../support/database';

let test: TestDatabase;
let open: OpenDatabase;
beforeAll(async () => {
	test = await makeTestDatabase();
	open = openDatabase(test.url);
});
afterAll(async () => {
	await open.pool.end();
	await test.drop();
});

it('figures are given as text for Prometheus, without an address or a name, on a port of their own', async () => {
	const port = (await freePort(0)) ?? 0;
	const watch = new DatabaseWatch(test.url, () => {});
	const streams = new OpenStreams();
	streams.open('link:a');
	const end = await serveMetrics(port, { ...open, watch, streams, planning: { waitingCount: 3 } });
	recordResponse('GET', '/c/[token=token]/plan', 200, 0.02);
	const answer = await fetch(`http://127.0.0.1:${port}/metrics`);
	expect(answer.headers.get('content-type')).toContain('text/plain');
	const text = await answer.text();
	const valueOf = (name: string) => Number(new RegExp(`^${name} (.+)$`, 'm').exec(text)?.[1]);
	expect(valueOf('easy_corner_database_up')).toBe(1);
	expect(valueOf('easy_corner_streams')).toBe(1);
	expect(valueOf('easy_corner_plans_waiting')).toBe(3);
	expect(valueOf('easy_corner_emails_refused')).toBe(0);
	expect(valueOf('easy_corner_email_oldest_wait_seconds')).toBe(0);
	expect(valueOf('process_resident_memory_bytes')).toBeGreaterThan(1e6);
	expect(text).toContain(
		'easy_corner_http_request_seconds_bucket{le="0.03",method="GET",route="/c/[token=token]/plan",status="200"} 1'
	);
	expect((await fetch(`http://127.0.0.1:${port}/`)).status).toBe(404);
	// A second process is told that the port is taken, and a client that stays connected doesn't hold up the end.
	await expect(
		serveMetrics(port, { ...open, watch, streams, planning: { waitingCount: 0 } })
	).rejects.toThrow(`EASY_CORNER_METRICS_PORT is ${port}, and that port can’t be opened (EADDRINUSE)`);
	const stays = connect(port, '127.0.0.1');
	await once(stays, 'connect');
	await end();
	await once(stays, 'close');
});
