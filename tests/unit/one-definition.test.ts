import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';

/** Lists of literals, as they stand in an array, a union, or a check of the database. */
const LIST = /'[\w-]+'(?:\s*[,|]\s*'[\w-]+'){2,}/g;

interface Found {
	readonly file: string;
	readonly values: readonly string[];
	/** Whether the order counts: in an array it does, in a union or a check of the database it does not. */
	readonly isOrdered: boolean;
}

function sources(folder: string): string[] {
	return readdirSync(folder, { withFileTypes: true, recursive: true })
		.filter((entry) => entry.isFile() && /\.(ts|svelte)$/.test(entry.name) && !/\.test\.ts$/.test(entry.name))
		.map((entry) => join(entry.parentPath, entry.name));
}

/** Every list of three or more literals that a text holds. */
function listsIn(file: string, text: string): Found[] {
	return [...text.matchAll(LIST)].map(({ 0: list, index }) => ({
		file,
		values: [...list.matchAll(/'([\w-]+)'/g)].map(([, value]) => value ?? ''),
		isOrdered: !list.includes('|') && !/\bin \($/.test(text.slice(0, index))
	}));
}

const isCopy = (a: Found, b: Found) =>
	a.values.length === b.values.length &&
	(a.isOrdered && b.isOrdered
		? a.values.join() === b.values.join()
		: a.values.every((value) => b.values.includes(value)));

/** Lists that stand in two places with the same values. */
function copies(lists: readonly Found[]): string[] {
	return lists.flatMap((one, i) =>
		lists
			.slice(i + 1)
			.filter((other) => other.file !== one.file && isCopy(one, other))
			.map((other) => `${one.file} and ${other.file}: ${one.values.join(', ')}`)
	);
}

describe('each enum', () => {
	const lists = sources('src').flatMap((file) => listsIn(file, readFileSync(file, 'utf8')));

	it('stands once: neither in an array, a union, nor a check of a table a second time', () => {
		expect(lists.length).toBeGreaterThan(30);
		expect(copies(lists)).toEqual([]);
	});

	it('is found where it is written twice', () => {
		const twice = [
			...listsIn('a.ts', "const LEVELS = ['now', 'soon', 'home'] as const;"),
			...listsIn('b.ts', "sql`level in ('soon', 'now', 'home')`"),
			...listsIn('c.ts', "type Level = 'home' | 'now' | 'soon';"),
			...listsIn('d.ts', "['now', 'soon']")
		];
		expect(copies(twice)).toHaveLength(3);
	});
});
