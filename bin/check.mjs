#!/usr/bin/env node
/** The fast check for every save: types, lint, and the unit tests that reach a file which differs from the last commit. */
import { exec } from './lib/exec.mjs';
import { needNpmPackages } from './lib/packages.mjs';
import { packageProgram, root } from './lib/paths.mjs';
import { run } from './lib/say.mjs';
import { LINT, LINT_COMPONENTS, Stages, TYPES, vitestArgs, vitestCounts } from './lib/stages.mjs';

await run(async () => {
	await needNpmPackages();
	const stages = new Stages();
	await Promise.all([
		(async () => {
			await exec(packageProgram('svelte-kit'), ['sync'], { cwd: root });
			await stages.check('types', ...TYPES);
			await stages.check('lint', ...LINT);
			await stages.check('lint of components', ...LINT_COMPONENTS);
		})(),
		stages.tests('unit', packageProgram('vitest'), [...vitestArgs('unit'), '--changed'], {
			report: 'test-results/unit.json',
			read: vitestCounts,
			mayBeNone: true
		})
	]);
	return stages.close();
});
