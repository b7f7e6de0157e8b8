#!/usr/bin/env node
/** The project's database by hand: start, stop, psql, backup FILE, restore FILE. */
import { existsSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { migrateAndSeed } from './lib/app.mjs';
import { readBackup, writeBackup } from './lib/backup.mjs';
import { exec } from './lib/exec.mjs';
import { needDebianPackage, postgresBin } from './lib/packages.mjs';
import { hasCluster, isPostgresRunning, startPostgres, stopPostgres } from './lib/postgres.mjs';
import { PlainFault, run, say, withProgress } from './lib/say.mjs';

const USAGE = 'usage: npm run db -- start | stop | psql [ARGS] | backup FILE | restore FILE';

/** @param {(url: string, bin: string) => Promise<number>} work */
async function withDatabase(work) {
	const postgres = await startPostgres();
	try {
		return await work(postgres.url, postgresBin() ?? '');
	} finally {
		await postgres.stop();
	}
}

/** @param {string | undefined} name */
function needFile(name) {
	if (!name) throw new PlainFault(USAGE);
	// npm runs scripts in the project's folder; the file is meant from where the command was typed.
	return resolve(process.env.INIT_CWD ?? process.cwd(), name);
}

/** @type {Record<string, (args: string[]) => Promise<number>>} */
const commands = {
	start: async () => {
		const already = isPostgresRunning();
		const { url } = await startPostgres({ lasting: true });
		say(
			`${already ? 'PostgreSQL was running already' : 'PostgreSQL is running'}: ${url.replace(/:[^:@]+@/, ':…@')}`
		);
		say('Stop it with: npm run db -- stop');
		return 0;
	},
	stop: async () => {
		say((await stopPostgres()) ? 'PostgreSQL is stopped.' : 'PostgreSQL was not running.');
		return 0;
	},
	psql: (args) =>
		withDatabase(
			async (url, bin) => (await exec(join(bin, 'psql'), ['-d', url, ...args], { inherit: true })).code
		),
	backup: async ([name]) => {
		const file = needFile(name);
		if (!hasCluster()) throw new PlainFault('There is no database yet: run "npm run demo" first.');
		return withDatabase(async (url, bin) => {
			await withProgress('Writing the backup', () => writeBackup(bin, url, file));
			say(
				`Backup written to ${file}, readable for you alone: it holds health data. Encrypt it before it leaves this machine.`
			);
			return 0;
		});
	},
	restore: async ([name]) => {
		const file = needFile(name);
		if (!existsSync(file))
			throw new PlainFault(`There is no file ${file}: name a backup made with "npm run db -- backup".`);
		return withDatabase(async (url, bin) => {
			await withProgress('Restoring', () => readBackup(bin, url, file));
			// One of an older version is brought to this one.
			say(await migrateAndSeed(url));
			say('Restored.');
			return 0;
		});
	}
};

await run(async () => {
	const [command = '', ...args] = process.argv.slice(2);
	const chosen = Object.hasOwn(commands, command) ? commands[command] : undefined;
	if (!chosen) throw new PlainFault(USAGE);
	await needDebianPackage('postgresql', () => postgresBin() !== null);
	return chosen(args);
});
