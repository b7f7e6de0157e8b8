#!/usr/bin/env node
/** Every check there is: set-up, lint, types, unit, integration on a throw-away PostgreSQL, build, browser. */
import { existsSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { migrateAndSeed, startApp } from './lib/app.mjs';
import { exec } from './lib/exec.mjs';
import { freePort } from './lib/net.mjs';
import {
	CHROMIUM,
	needBuild,
	needDebianPackage,
	needNpmPackages,
	needRoom,
	postgresBin
} from './lib/packages.mjs';
import { root } from './lib/paths.mjs';
import { startPostgres } from './lib/postgres.mjs';
import { run, say } from './lib/say.mjs';
import { playwrightCounts, Stages, vitestArgs, vitestCounts } from './lib/stages.mjs';

await run(async () => {
	needRoom();
	await needDebianPackage('postgresql', () => postgresBin() !== null);
	await needDebianPackage('chromium', () => existsSync(CHROMIUM));
	await needNpmPackages();
	rmSync(join(root, 'test-results'), { recursive: true, force: true });
	const stages = new Stages();
	const postgres = await startPostgres({ temporary: true });
	try {
		await exec('npx', ['svelte-kit', 'sync'], { cwd: root });
		// Two at a time where each has work for one processor.
		await Promise.all([
			stages.check('types', 'npx', ['svelte-check', '--fail-on-warnings']),
			(async () => {
				await stages.check('format', 'npx', ['prettier', '--check', '.']);
				await stages.check('lint', 'npx', ['eslint', '.']);
				await stages.check('unused files and packages', 'npx', ['knip']);
			})()
		]);
		await stages.tests('unit', 'npx', vitestArgs('unit'), {
			report: 'test-results/unit.json',
			read: vitestCounts
		});
		await Promise.all([
			stages.tests('proof', 'npx', vitestArgs('proof'), {
				report: 'test-results/proof.json',
				read: vitestCounts
			}),
			stages.tests('integration', 'npx', vitestArgs('integration'), {
				report: 'test-results/integration.json',
				read: vitestCounts,
				env: { TEST_DATABASE_URL: postgres.url }
			})
		]);
		await needBuild();
		say(await migrateAndSeed(postgres.url, ['--demo']));
		const port = (await freePort(0)) ?? 0;
		const { startIdentity } = await import('./lib/identity.mjs');
		const identity = await startIdentity({ appPort: port });
		const app = await startApp({
			url: postgres.url,
			port,
			// Tests write more in a minute than anybody types.
			env: { EASY_CORNER_MODE: 'demo', EASY_CORNER_WRITES_FACTOR: '100', ...identity.env },
			log: 'pipe'
		});
		try {
			await stages.tests('browser', 'npx', ['playwright', 'test'], {
				report: 'test-results/e2e.json',
				read: playwrightCounts,
				env: { BASE_URL: app.address }
			});
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
	} finally {
		await postgres.stop();
	}
	return stages.close();
});
