import { execFileSync } from 'node:child_process';
import { cpSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';

const CRUISER = resolve('node_modules/dependency-cruiser/bin/dependency-cruise.mjs');
const SETTINGS = ['.dependency-cruiser.cjs', 'tsconfig.boundaries.json'];
const planted = mkdtempSync(join(tmpdir(), 'easy-corner-boundaries-'));

afterAll(() => rmSync(planted, { recursive: true, force: true }));

function cruise(folder: string): { code: number; output: string } {
	try {
		const output = execFileSync(process.execPath, [CRUISER, '--config', '.dependency-cruiser.cjs', 'src'], {
			cwd: folder
		});
		return { code: 0, output: output.toString() };
	} catch (error) {
		const { status, stdout } = error as { status: number; stdout: Buffer };
		return { code: status, output: stdout.toString() };
	}
}

function plant(files: Record<string, string>): void {
	rmSync(join(planted, 'src'), { recursive: true, force: true });
	for (const file of SETTINGS) cpSync(file, join(planted, file));
	for (const [path, text] of Object.entries(files)) {
		mkdirSync(join(planted, path, '..'), { recursive: true });
		writeFileSync(join(planted, path), text);
	}
}

describe('the direction of dependencies', () => {
	it('holds in this tree', () => {
		expect(cruise('.')).toMatchObject({ code: 0 });
	});

	it.each([
		[
			'core-is-pure',
			'src/lib/core/bad.ts',
			"import { secret } from '$lib/server/secret';\nexport const x = secret;\n"
		],
		[
			'core-is-pure',
			'src/lib/core/bad.ts',
			"import { readFileSync } from 'node:fs';\nexport const x = readFileSync;\n"
		],
		[
			'ui-never-imports-server',
			'src/lib/ui/bad.ts',
			"import { secret } from '$lib/server/secret';\nexport const x = secret;\n"
		],
		[
			'messages-know-only-the-core',
			'src/lib/messages/bad.ts',
			"import { secret } from '../server/secret';\nexport const x = secret;\n"
		]
	])('is seen to be broken: %s in %s', (rule, path, text) => {
		plant({ [path]: text, 'src/lib/server/secret.ts': 'export const secret = 1;\n' });
		const { code, output } = cruise(planted);
		expect(code).toBeGreaterThan(0);
		expect(output).toContain(rule);
	});
});
