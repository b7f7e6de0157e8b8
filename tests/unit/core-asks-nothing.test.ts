import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';

describe('what no linter asks of the core', () => {
	/** What a text asks of its surroundings: the time, or names without saying which. */
	const asked = (text: string) => text.match(/new Date\(\)|^export \*/gm) ?? [];

	it('neither the time nor a name that is exported unnamed stands in it', () => {
		const files = readdirSync('src/lib/core', { recursive: true, withFileTypes: true }).filter(
			({ name }) => name.endsWith('.ts') && !name.endsWith('.test.ts')
		);
		expect(files.length).toBeGreaterThan(100);
		for (const { parentPath, name } of files)
			expect(asked(readFileSync(join(parentPath, name), 'utf8')), name).toEqual([]);
		expect(asked("export * from './a';\nconst now = new Date();")).toHaveLength(2);
	});
});
