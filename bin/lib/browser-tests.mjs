import { startApp } from './app.mjs';
import { freePort } from './net.mjs';
import { packageProgram } from './paths.mjs';
import { say } from './say.mjs';
import { playwrightCounts } from './stages.mjs';

const REPORT = 'test-results/e2e.json';

/**
 * A program with a database and an identity provider of its own: what one worker's tests run against.
 * @param {string} url of the database, filled with the demo data
 */
async function startLane(url) {
	const port = (await freePort(0)) ?? 0;
	// Of a package that a fresh clone has only by now.
	const { startIdentity } = await import('./identity.mjs');
	const identity = await startIdentity({ appPort: port });
	const { startPersonnel } = await import('./personnel.mjs');
	const personnel = await startPersonnel({ databaseUrl: url });
	const app = await startApp({
		url,
		port,
		// Tests write more in a minute than anybody types.
		env: { EASY_CORNER_MODE: 'demo', EASY_CORNER_WRITES_FACTOR: '100', ...identity.env, ...personnel.env },
		log: 'pipe'
	});
	return { app, identity, personnel };
}

/**
 * Runs the browser's tests with one worker for each database; a worker takes the next file when it is free, in the browser that it has open.
 * @param {import('./stages.mjs').Stages} stages
 * @param {string[]} urls of databases, each filled with the demo data
 */
export async function runBrowserTests(stages, urls) {
	const lanes = [];
	try {
		for (const url of urls) lanes.push(await startLane(url));
		await stages.tests('browser', packageProgram('playwright'), ['test', `--workers=${lanes.length}`], {
			report: REPORT,
			read: playwrightCounts,
			env: { BASE_URLS: lanes.map(({ app }) => app.address).join(' '), E2E_REPORT: REPORT }
		});
	} finally {
		for (const { app, identity, personnel } of lanes) {
			// What no page showed as a failure may still have been one, in a queue or after the answer.
			await stages.outcome('the application logged no failure of its own', async () => {
				for (const line of app.failures()) say(line);
				return app.failures().length === 0;
			});
			// Whoever restarts the program waits for it: threads, timers and connections must let it go.
			await stages.outcome('the application ends when it is asked to', app.stop);
			await identity.stop();
			await personnel.stop();
		}
	}
}
