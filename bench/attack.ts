import { migrateAndSeed, startApp } from '../bin/lib/app.mjs';
import { freePort } from '../bin/lib/net.mjs';
import { startPostgres } from '../bin/lib/postgres.mjs';
import { demoAttack } from '../tests/support/attack';
import { print } from './measure';

/** Random requests, more than ten thousand of them with a body; OWASP ASVS gives no number. */
const REQUESTS = 12_000;

/**
 * Attacks the application with its demo data, over HTTP on this machine only: reports failures, other people's rows, and scripts that could
 * run.
 */
export async function benchAttack(): Promise<void> {
	const postgres = await startPostgres({ temporary: true });
	await migrateAndSeed(postgres.url, ['--demo']);
	const app = await startApp({
		url: postgres.url,
		port: (await freePort(0)) ?? 0,
		// Without limits, which would keep most requests out.
		env: { EASY_CORNER_MODE: 'demo', EASY_CORNER_WRITES_FACTOR: '1000' },
		log: 'pipe'
	});
	try {
		const began = performance.now();
		const { requests, bodies, failures, foreign, scripts } = await demoAttack(app.address, {
			n: REQUESTS,
			seed: 11,
			isTame: false
		});
		print({
			figure: 'attack: requests by chance over every route, method and role',
			requests,
			bodies,
			failures: failures.length,
			foreignRows: foreign.length,
			scriptsThatCouldRun: scripts.length,
			firstFailures: failures.slice(0, 5),
			firstForeign: foreign.slice(0, 5),
			firstScripts: scripts.slice(0, 5),
			seconds: Math.round((performance.now() - began) / 1000),
			loggedFailures: app.failures().length
		});
	} finally {
		await app.stop();
		await postgres.stop();
	}
}
