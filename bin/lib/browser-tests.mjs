import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { startApp } from './app.mjs';
import { freePort } from './net.mjs';
import { packageProgram, root } from './paths.mjs';
import { say } from './say.mjs';
import { playwrightCounts } from './stages.mjs';

/** Those that take longest come first, so that no lane is left with one of them at the end. */
const LONGEST = ['access', 'desk', 'crash', 'walk', 'bad-requests', 'offline', 'main-job', 'resilience'];

const rankOf = (/** @type {string} */ file) => {
	const place = LONGEST.indexOf(file.replace('.spec.ts', ''));
	return place < 0 ? LONGEST.length : place;
};

/** The browser's test files that nobody has taken yet: each lane takes the next one when it is free. */
export class BrowserTests {
	#waiting = readdirSync(join(root, 'e2e'))
		.filter((name) => name.endsWith('.spec.ts'))
		.sort((a, b) => rankOf(a) - rankOf(b) || (a < b ? -1 : 1));
	#taken = 0;

	/**
	 * Runs files against a program and a database of their own, one after the other, until none is left.
	 * @param {import('./stages.mjs').Stages} stages
	 * @param {string} url of the database, filled with the demo data
	 */
	async runOn(stages, url) {
		if (this.#waiting.length === 0) return;
		const port = (await freePort(0)) ?? 0;
		// Of a package that a fresh clone has only by now.
		const { startIdentity } = await import('./identity.mjs');
		const identity = await startIdentity({ appPort: port });
		const app = await startApp({
			url,
			port,
			// Tests write more in a minute than anybody types.
			env: { EASY_CORNER_MODE: 'demo', EASY_CORNER_WRITES_FACTOR: '100', ...identity.env },
			log: 'pipe'
		});
		try {
			for (let file = this.#waiting.shift(); file; file = this.#waiting.shift()) {
				const name = file.replace('.spec.ts', '');
				this.#taken += 1;
				const report = `test-results/e2e-${name}.json`;
				await stages.tests(`browser, ${name}`, packageProgram('playwright'), ['test', `e2e/${file}`], {
					report,
					read: playwrightCounts,
					env: {
						BASE_URL: app.address,
						E2E_REPORT: report,
						E2E_OUTPUT: `test-results/browser-${name}`
					}
				});
			}
		} finally {
			// What no page showed as a failure may still have been one, in a queue or after the answer.
			await stages.outcome('the application logged no failure of its own', async () => {
				for (const line of app.failures()) say(line);
				return app.failures().length === 0;
			});
			// Whoever restarts the program waits for it: threads, timers and connections must let it go.
			await stages.outcome('the application ends when it is asked to', app.stop);
			await identity.stop();
		}
	}

	/** Whether there were files, and none is left. */
	get isDone() {
		return this.#taken > 0 && this.#waiting.length === 0;
	}
}
