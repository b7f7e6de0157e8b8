#!/usr/bin/env node
/**
 * Runs every check, and with `--long` all that takes long in full: every proof, pages in every colour scheme, attacks, crashes, the package
 * for a server. In three lanes: the browser tests, in as many workers as there are databases; the tests that need only a database; and
 * everything that needs neither. On two cores more workers take longer overall, since each slows the others. The browser tests take
 * longest, so the other lanes give way to them.
 */
import { existsSync, mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { migrateAndSeed } from './lib/app.mjs';
import { writeBackup } from './lib/backup.mjs';
import { runBrowserTests } from './lib/browser-tests.mjs';
import { exec } from './lib/exec.mjs';
import {
	needBuild,
	needDebianPackage,
	needNpmPackages,
	needRoom,
	needTestChromium,
	postgresBin
} from './lib/packages.mjs';
import { packageProgram, root } from './lib/paths.mjs';
import { copyDatabase, startPostgres } from './lib/postgres.mjs';
import { run, say } from './lib/say.mjs';
import { LINT, LINT_COMPONENTS, Stages, TYPES, vitestArgs, vitestCounts } from './lib/stages.mjs';
import { recordTested, treeState } from './lib/tested.mjs';

/** The demo's data in a file, for a test that needs a server of its own: generating it takes half a minute, restoring it a second. */
const FILLED = 'test-results/filled.backup';

const WORKERS = { unit: 1, proof: 1, integration: 1 };

/**
 * Tests of one project. Parallelism comes from the lanes, not from within a project.
 * @param {Stages} stages
 * @param {'unit' | 'proof' | 'integration'} project
 * @param {NodeJS.ProcessEnv} [env]
 */
function testsOf(stages, project, env = {}) {
	const args = [...vitestArgs(project), `--maxWorkers=${WORKERS[project]}`];
	return stages.tests(project, packageProgram('vitest'), args, {
		report: `test-results/${project}.json`,
		read: vitestCounts,
		env
	});
}

/**
 * Everything that needs neither a browser nor a database.
 * @param {Stages} stages
 */
async function checksAndTests(stages) {
	await stages.check('types', ...TYPES);
	await stages.check('format', packageProgram('oxfmt'), ['--check']);
	await stages.check('lint', ...LINT);
	await stages.check('lint of components', ...LINT_COMPONENTS);
	await stages.check('unused files and packages', packageProgram('knip'), []);
	await testsOf(stages, 'unit');
	await testsOf(stages, 'proof');
}

await run(async () => {
	const isLong = process.argv.includes('--long');
	if (isLong) process.env.EASY_CORNER_TESTS = 'long';
	// Its lanes keep each other busy.
	process.env.EASY_CORNER_PATIENCE ??= isLong ? '15' : '3';
	needRoom();
	await needDebianPackage('postgresql', () => postgresBin() !== null);
	await needTestChromium();
	await needDebianPackage('nginx-light', () => existsSync('/usr/sbin/nginx'));
	await needDebianPackage('pgbouncer', () => existsSync('/usr/sbin/pgbouncer'));
	await needNpmPackages();
	rmSync(join(root, 'test-results'), { recursive: true, force: true });
	mkdirSync(join(root, 'test-results'));
	process.env.FILLED_BACKUP = join(root, FILLED);
	const before = await treeState(root);
	const stages = new Stages();
	const postgres = await startPostgres({ temporary: true });
	try {
		await exec(packageProgram('svelte-kit'), ['sync'], { cwd: root });
		/** The demo's data for each worker of the browser tests, as soon as it is there. */
		const filled = (async () => {
			const [, prepared] = await Promise.all([needBuild(), migrateAndSeed(postgres.url, ['--demo'])]);
			say(prepared);
			await writeBackup(postgresBin() ?? '', postgres.url, join(root, FILLED));
			// Only a database nobody is connected to can be copied.
			return [postgres.url, await copyDatabase(postgres.url, 'second')];
		})();
		filled.catch(() => {});
		const lanes = await Promise.allSettled([
			(async () => runBrowserTests(stages, await filled))(),
			(async () => {
				await filled;
				await testsOf(stages.yielding(5), 'integration', { TEST_DATABASE_URL: postgres.url });
			})(),
			checksAndTests(stages.yielding(10))
		]);
		for (const lane of lanes) if (lane.status === 'rejected') throw lane.reason;
	} finally {
		await postgres.stop();
	}
	const code = stages.close();
	const { passed, failed } = stages.counts;
	const { EASY_CORNER_TESTED: elsewhere } = process.env;
	if (code === 0)
		recordTested([join(root, '.data/tested.json'), ...(elsewhere ? [elsewhere] : [])], {
			before,
			after: await treeState(root),
			passed,
			failed,
			at: new Date()
		});
	return code;
});
