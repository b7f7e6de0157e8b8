import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, it } from 'vitest';

function filesOf(folder: string): string[] {
	return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
		const path = join(folder, entry.name);
		if (entry.isDirectory()) return filesOf(path);
		return /\.(?:svelte|ts)$/.test(entry.name) && !entry.name.endsWith('.test.ts') ? [path] : [];
	});
}

it('keys of the desk that are letters are given in one place: chosen elsewhere, one would take another’s', () => {
	const chosen = ['src/lib/ui', 'src/routes']
		.flatMap(filesOf)
		.flatMap((path) =>
			[...readFileSync(path, 'utf8').matchAll(/\bkey: '([a-z0-9])'/g)].map(([, key]) => `${path}: ${key}`)
		);
	expect(chosen).toEqual([]);
	expect(readFileSync('src/lib/ui/cases/case-keys.ts', 'utf8')).toContain('ACT_KEYS');
});
