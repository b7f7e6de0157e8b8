import { existsSync, readFileSync } from 'node:fs';
import { exec } from '../bin/lib/exec.mjs';
import { packageProgram } from '../bin/lib/paths.mjs';
import { startPostgres } from '../bin/lib/postgres.mjs';
import { vitestArgs, vitestCounts } from '../bin/lib/stages.mjs';
import { print, rounded } from './measure';

/** Integration tests that go another way each day, and longer here. */
const BY_CHANCE = ['judgements', 'two-coordinators', 'restore'].map((name) => `tests/integration/${name}`);

async function runAll(figure: string, project: string, files: string[], databaseUrl: string): Promise<void> {
	const began = performance.now();
	const { code, output } = await exec(packageProgram('vitest'), [...vitestArgs(project), ...files], {
		env: { ...process.env, PROOFS: 'all', TEST_DATABASE_URL: databaseUrl }
	});
	const report = `test-results/${project}.json`;
	const counts = existsSync(report) ? vitestCounts(JSON.parse(readFileSync(report, 'utf8'))) : null;
	if (code !== 0) {
		process.stderr.write(output);
		process.exitCode = 1;
	}
	print({
		figure: `proofs: ${figure}`,
		unit: 's',
		value: rounded((performance.now() - began) / 1000),
		passed: counts?.passed ?? 0,
		failed: counts?.failed ?? null
	});
}

/**
 * Runs every case of every proof, of which a test run tries its day's share: random workstations, people and workforces by the thousand;
 * and ten times as many random acts on the database.
 */
export async function benchProofs(): Promise<void> {
	await runAll('every case of every proof', 'proof', [], '');
	const postgres = await startPostgres({ temporary: true });
	try {
		await runAll('acts by chance on the database', 'integration', BY_CHANCE, postgres.url);
	} finally {
		await postgres.stop();
	}
}
