#!/usr/bin/env node
/** The fast check for every save: types, lint, unit tests; what has not changed since the last one is remembered. */
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { exec } from './lib/exec.mjs';
import { needNpmPackages } from './lib/packages.mjs';
import { packageProgram, root } from './lib/paths.mjs';
import { run } from './lib/say.mjs';
import { LINT, LINT_COMPONENTS, Stages, TYPES, vitestArgs, vitestCounts } from './lib/stages.mjs';

await run(async () => {
	await needNpmPackages();
	const sync = () => exec(packageProgram('svelte-kit'), ['sync'], { cwd: root });
	// The unit tests read it too.
	const isNew = !existsSync(join(root, '.svelte-kit', 'tsconfig.json'));
	if (isNew) await sync();
	const stages = new Stages();
	await Promise.all([
		(async () => {
			if (!isNew) await sync();
			await stages.check('types', ...TYPES);
			await stages.check('lint', ...LINT);
			await stages.check('lint of components', ...LINT_COMPONENTS);
		})(),
		stages.tests('unit', packageProgram('vitest'), vitestArgs('unit'), {
			report: 'test-results/unit.json',
			read: vitestCounts
		})
	]);
	return stages.close();
});
