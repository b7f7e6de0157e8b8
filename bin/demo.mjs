#!/usr/bin/env node
/** Shows Easy Corner with its demo data: installs what is missing, starts all of it, stops all of it on Ctrl-C. */
import { migrateAndSeed, startApp } from './lib/app.mjs';
import { freePort } from './lib/net.mjs';
import { needBuild, needDebianPackage, needNpmPackages, needRoom, postgresBin } from './lib/packages.mjs';
import { removeCluster, startPostgres } from './lib/postgres.mjs';
import { elapsed, PlainFault, run, say, withProgress } from './lib/say.mjs';

const USAGE =
	'usage: npm run demo [-- --fresh] [-- --people 100000]   (PORT=4281 npm run demo for another port)';
const DEFAULT_PORT = 4280;

/**
 * A number of people means a new database: the one that is there keeps its own.
 * @param {string[]} args
 */
function wanted(args) {
	const at = args.indexOf('--people');
	const people = at < 0 ? [] : args.slice(at, at + 2);
	const rest = at < 0 ? args : args.filter((_, i) => i !== at && i !== at + 1);
	if (rest.some((arg) => arg !== '--fresh')) throw new PlainFault(USAGE);
	if (at >= 0 && !/^\d{1,7}$/.test(people[1] ?? '')) throw new PlainFault(USAGE);
	return { fresh: rest.includes('--fresh') || at >= 0, people };
}

async function wantedPort() {
	const port = Number(process.env.PORT ?? DEFAULT_PORT);
	if (!Number.isInteger(port) || port < 1 || port > 65535)
		throw new PlainFault(`PORT must be a number from 1 to 65535, not "${process.env.PORT}".`);
	if ((await freePort(port)) === null)
		throw new PlainFault(`Port ${port} is taken: stop what uses it, or run "PORT=${port + 1} npm run demo".`);
	return port;
}

/** Promise that settles at Ctrl-C or when asked to end. */
function asked() {
	return new Promise((resolve) => {
		for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => resolve(signal));
	});
}

await run(async () => {
	const { fresh, people } = wanted(process.argv.slice(2));
	const port = await wantedPort();
	needRoom();
	const interrupted = asked();
	/** @type {(() => Promise<void>)[]} */
	const stops = [];
	try {
		const started = (async () => {
			await needDebianPackage('postgresql', () => postgresBin() !== null);
			await needNpmPackages();
			if (fresh) await removeCluster();
			const postgres = await withProgress('Starting PostgreSQL', () => startPostgres());
			stops.unshift(postgres.stop);
			await needBuild();
			say(await migrateAndSeed(postgres.url, ['--demo', ...people]));
			// Loaded now: its packages may have been installed a moment ago.
			const { startIdentity } = await import('./lib/identity.mjs');
			const identity = await startIdentity({ appPort: port });
			stops.unshift(identity.stop);
			const app = await startApp({
				url: postgres.url,
				port,
				env: { EASY_CORNER_MODE: 'demo', ...identity.env }
			});
			stops.unshift(async () => void (await app.stop()));
			return app;
		})();
		const app = await Promise.race([started, interrupted.then(() => null)]);
		if (app) {
			say('');
			say(`Easy Corner is at            ${app.address}`);
			say('Sign in as a coordinator:    coordinator@lanterns.example   tarn-valley-demo');
			say(`Letters to employees are at  ${app.address}/post`);
			say(`Stop with Ctrl-C.            (ready after ${elapsed()})`);
			await Promise.race([interrupted, app.ended]);
		} else await started.catch(() => {});
	} finally {
		for (const stop of stops) await stop();
	}
	say('Stopped.');
});
