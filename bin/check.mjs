#!/usr/bin/env node
/** The fast check for every save: types, lint, unit tests; what has not changed since the last one is remembered. */
import { exec } from './lib/exec.mjs';
import { needNpmPackages } from './lib/packages.mjs';
import { root } from './lib/paths.mjs';
import { run } from './lib/say.mjs';
import { lintArgs, Stages, TYPES, vitestArgs, vitestCounts } from './lib/stages.mjs';

await run(async () => {
	await needNpmPackages();
	await exec('npx', ['svelte-kit', 'sync'], { cwd: root });
	const stages = new Stages();
	await Promise.all([
		(async () => {
			await stages.check('types', ...TYPES);
			await stages.check('lint', ...lintArgs());
		})(),
		stages.tests('unit', 'npx', vitestArgs('unit'), {
			report: 'test-results/unit.json',
			read: vitestCounts
		})
	]);
	return stages.close();
});
