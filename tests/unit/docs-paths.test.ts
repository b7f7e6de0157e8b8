import { existsSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';

/** Names of files and folders in a page, as it writes them: below `src/lib` unless they begin elsewhere. */
function pathsIn(page: string): string[] {
	const named = [...readFileSync(page, 'utf8').matchAll(/`([\w()[\]=+./-]+)`/g)].map(([, path = '']) => path);
	return named.filter((path) => path.includes('/') && !path.startsWith('easy-corner.'));
}

const exists = (path: string) =>
	['', 'src/lib/', 'src/routes/'].some((above) => existsSync(`${above}${path}`));

describe('pages about the code', () => {
	it.each(['docs/architecture.md', 'docs/glossary.md', 'docs/recipes.md'])(
		'%s names files that are there',
		(page) => {
			const paths = pathsIn(page);
			expect(paths.length).toBeGreaterThan(10);
			expect(paths.filter((path) => !exists(path))).toEqual([]);
		}
	);
});
