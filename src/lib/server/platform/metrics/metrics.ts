import { createServer } from 'node:http';
import { collectDefaultMetrics, Gauge, Histogram, Registry } from 'prom-client';
import type pg from 'pg';
import type { Db } from '../db/client';
import type { DatabaseWatch } from '../db/database-watch';
import { oldestJobSeconds, oldestWaitSeconds } from '../health/read-health';
import type { OpenStreams } from '../live/open-streams';
import { describeError, log } from '../log';
import { closeServer, listenOn } from '../http/own-server';
import { countRefused } from '../email/undelivered';
import type { PlanPool } from '../../plan/planning/plan-pool';

interface Measured {
	readonly db: Db;
	readonly pool: pg.Pool;
	readonly watch: DatabaseWatch;
	readonly streams: OpenStreams;
	readonly planning: Pick<PlanPool, 'waitingCount'>;
}

/** Bucket limits for response times, s. */
const SECONDS = [0.01, 0.03, 0.1, 0.3, 1, 3, 10];

const registry = new Registry();

const answered = new Histogram({
	name: 'easy_corner_http_request_seconds',
	help: 'How long requests took, by route and status.',
	labelNames: ['method', 'route', 'status'],
	buckets: SECONDS,
	registers: [registry]
});

/**
 * Records a response.
 * @param route its pattern, never its URL
 */
export function recordResponse(method: string, route: string, status: number, seconds: number): void {
	answered.observe({ method, route, status: String(status) }, seconds);
}

function gauge(name: string, help: string, read: () => number | Promise<number>): void {
	new Gauge({
		name: `easy_corner_${name}`,
		help,
		registers: [registry],
		async collect() {
			this.set(await read());
		}
	});
}

/** Registers the metrics, once per process. */
function setUp({ db, pool, watch, streams, planning }: Measured): void {
	collectDefaultMetrics({ register: registry });
	const unlessSilent = (read: () => Promise<number>) => () =>
		watch.isSilent ? Number.NaN : read().catch(() => Number.NaN);
	gauge('database_up', 'Whether the database answers.', () => Number(!watch.isSilent));
	gauge('database_writable', 'Whether the database could write at the last try.', () =>
		Number(watch.canWrite)
	);
	gauge('database_connections', 'Connections that are open.', () => pool.totalCount);
	gauge('database_connections_idle', 'Connections that nobody uses.', () => pool.idleCount);
	gauge('database_connections_awaited', 'Requests that wait for a connection.', () => pool.waitingCount);
	gauge('streams', 'Pages that follow changes.', () => streams.size);
	gauge('plans_waiting', 'Plans that wait to be worked out.', () => planning.waitingCount);
	gauge(
		'emails_refused',
		'Emails that the mail server refused and nobody has got.',
		unlessSilent(() => countRefused(db))
	);
	gauge(
		'email_oldest_wait_seconds',
		'How long the oldest email has waited that could go out.',
		unlessSilent(() => oldestWaitSeconds(db, new Date()))
	);
	gauge(
		'job_oldest_wait_seconds',
		'How long the oldest job has waited that could be done.',
		unlessSilent(() => oldestJobSeconds(db))
	);
}

/**
 * Serves metrics in the Prometheus text format at `/metrics`, on a port of their own and on this machine only: they are not for the
 * application's users.
 * @returns ends it, whoever is connected
 * @throws ConfigError where the port can't be used
 */
export async function serveMetrics(port: number, measured: Measured): Promise<() => Promise<void>> {
	const server = createServer((request, response) => {
		if (request.method !== 'GET' || request.url !== '/metrics') {
			response.writeHead(404).end();
			return;
		}
		registry.metrics().then(
			(text) => response.writeHead(200, { 'content-type': registry.contentType }).end(text),
			(error: unknown) => {
				log({ level: 'error', event: 'metrics', ...describeError(error) });
				response.writeHead(500).end();
			}
		);
	});
	await listenOn(server, port, 'EASY_CORNER_METRICS_PORT');
	setUp(measured);
	server.on('error', (error) => log({ level: 'error', event: 'metrics', ...describeError(error) }));
	return () => closeServer(server);
}
