import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { expect, it } from 'vitest';

const FLOORS = ['core', 'server', 'ui'] as const;

/** Folders with a file for each subject of a language. */
const LANGUAGES = ['en', 'de', 'fr', 'es', 'desk/en', 'desk/de'];

const foldersIn = (path: string) =>
	existsSync(path)
		? readdirSync(path, { withFileTypes: true })
				.filter((entry) => entry.isDirectory())
				.map(({ name }) => name)
				.sort()
		: [];

const filesIn = (path: string) =>
	readdirSync(path, { withFileTypes: true })
		.filter((entry) => entry.isFile())
		.map(({ name }) => name);

/** The table of docs/architecture.md: each district with its folders on each floor. */
const table = readFileSync('docs/architecture.md', 'utf8')
	.split('\n## Nine districts\n')[1]
	?.split('\n')
	.flatMap((line) => {
		const [, district, , ...floors] = line.split('|').map((cell) => cell.trim());
		const name = /^`(\w+)`$/.exec(district ?? '')?.[1];
		return name ? [{ name, rooms: floors.slice(0, 3).map((cell) => cell.split(', ').filter(Boolean)) }] : [];
	});

const names = table?.map(({ name }) => name) ?? [];

it('are nine, the same on every floor and in every language', () => {
	expect(names).toHaveLength(9);
	for (const floor of FLOORS) {
		expect(foldersIn(`src/lib/${floor}`).filter((name) => !names.includes(name))).toEqual([]);
		expect(filesIn(`src/lib/${floor}`)).toEqual([]);
	}
	for (const language of LANGUAGES) {
		expect(foldersIn(`src/lib/messages/${language}`).filter((name) => !names.includes(name))).toEqual([]);
		expect(filesIn(`src/lib/messages/${language}`)).toEqual(['index.ts']);
	}
});

it('have the folders that the architecture lists', () => {
	const there = names.map((name) => ({
		name,
		rooms: FLOORS.map((floor) => foldersIn(`src/lib/${floor}/${name}`))
	}));
	expect(there).toEqual(table);
});
