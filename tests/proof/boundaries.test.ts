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

/** One wrong import of each kind, each in a file of its own, and the rule that has to name it. */
const WRONG = [
	['core-is-pure', 'src/lib/core/reads-server.ts', '$lib/server/secret'],
	['core-is-pure', 'src/lib/core/reads-node.ts', 'node:fs'],
	['ui-never-imports-server', 'src/lib/ui/bad.ts', '$lib/server/secret'],
	['messages-know-only-the-core', 'src/lib/messages/bad.ts', '../server/secret'],
	['desk-words-stay-out-of-the-employees-pages', 'src/routes/+error.svelte', '$lib/ui/between']
] as const;

describe('the direction of dependencies', () => {
	it('holds in this tree', () => {
		expect(cruise('.')).toMatchObject({ code: 0 });
	});

	it('is seen to be broken, by file and rule', () => {
		const files = {
			...Object.fromEntries(
				WRONG.map(([, path, from]) => [
					path,
					path.endsWith('.svelte') ? `<script>import '${from}';</script>\n` : `import '${from}';\n`
				])
			),
			'src/lib/server/secret.ts': 'export const secret = 1;\n',
			// Not by itself, but by what it uses.
			'src/lib/ui/between.ts': "import '$lib/messages/desk/words';\n",
			'src/lib/messages/desk/words.ts': 'export const words = 1;\n'
		};
		for (const file of SETTINGS) cpSync(file, join(planted, file));
		for (const [path, text] of Object.entries(files)) {
			mkdirSync(join(planted, path, '..'), { recursive: true });
			writeFileSync(join(planted, path), text);
		}
		const { code, output } = cruise(planted);
		expect(code).toBeGreaterThan(0);
		for (const [rule, path] of WRONG) expect(output).toContain(`${rule}: ${path}`);
	});
});
