import { existsSync, readFileSync } from 'node:fs';
import { exec } from '../bin/lib/exec.mjs';
import { packageProgram } from '../bin/lib/paths.mjs';
import { vitestArgs, vitestCounts } from '../bin/lib/stages.mjs';
import { print, rounded } from './measure';

const REPORT = 'test-results/proof.json';

/** Tries every case of every proof, of which a test run tries the share of its day: random corners, people and workforces by the thousand. */
export async function benchProofs(): Promise<void> {
	const began = performance.now();
	const { code, output } = await exec(packageProgram('vitest'), vitestArgs('proof'), {
		env: { ...process.env, PROOFS: 'all' }
	});
	const counts = existsSync(REPORT) ? vitestCounts(JSON.parse(readFileSync(REPORT, 'utf8'))) : null;
	if (code !== 0) {
		process.stderr.write(output);
		process.exitCode = 1;
	}
	print({
		figure: 'proofs: every case of every proof',
		unit: 's',
		value: rounded((performance.now() - began) / 1000),
		passed: counts?.passed ?? 0,
		failed: counts?.failed ?? null
	});
}
