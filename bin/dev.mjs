#!/usr/bin/env node
/** The development server on the project's database, with the demo data. */
import { migrateAndSeed } from './lib/app.mjs';
import { exec } from './lib/exec.mjs';
import { needDebianPackage, needNpmPackages, postgresBin } from './lib/packages.mjs';
import { packageProgram, root } from './lib/paths.mjs';
import { startPostgres } from './lib/postgres.mjs';
import { run, say } from './lib/say.mjs';

await run(async () => {
	await needDebianPackage('postgresql', () => postgresBin() !== null);
	await needNpmPackages();
	process.on('SIGINT', () => {});
	await exec(packageProgram('svelte-kit'), ['sync'], { cwd: root });
	const postgres = await startPostgres();
	try {
		say(await migrateAndSeed(postgres.url, ['--demo']));
		const env = { ...process.env, DATABASE_URL: postgres.url, EASY_CORNER_MODE: 'development' };
		await exec(packageProgram('vite'), ['dev', ...process.argv.slice(2)], { cwd: root, env, inherit: true });
	} finally {
		await postgres.stop();
	}
});
