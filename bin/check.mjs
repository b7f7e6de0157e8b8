#!/usr/bin/env node
/** The fast check for every save: types, lint, unit tests. */
import { exec } from './lib/exec.mjs';
import { needNpmPackages } from './lib/packages.mjs';
import { root } from './lib/paths.mjs';
import { run } from './lib/say.mjs';
import { Stages, vitestArgs, vitestCounts } from './lib/stages.mjs';

await run(async () => {
	await needNpmPackages();
	await exec('npx', ['svelte-kit', 'sync'], { cwd: root });
	const stages = new Stages();
	await Promise.all([
		stages.check('types', 'npx', ['svelte-check', '--fail-on-warnings']),
		stages.check('lint', 'npx', ['eslint', '.'])
	]);
	await stages.tests('unit', 'npx', vitestArgs('unit'), {
		report: 'test-results/unit.json',
		read: vitestCounts
	});
	return stages.close();
});
