import { readdirSync, readFileSync } from 'node:fs';
import { expect, it } from 'vitest';

it('the folder of migrations keeps the newest snapshot alone, and stays small', () => {
	const { entries } = JSON.parse(readFileSync('drizzle/meta/_journal.json', 'utf8')) as {
		entries: { tag: string }[];
	};
	const newest = entries.at(-1)?.tag.slice(0, 4) ?? '';
	expect(readdirSync('drizzle/meta').sort()).toEqual([`${newest}_snapshot.json`, '_journal.json']);
	expect(readdirSync('drizzle').filter((name) => name.endsWith('.sql'))).toEqual(
		entries.map(({ tag }) => `${tag}.sql`)
	);
	const lines = readdirSync('drizzle', { recursive: true, encoding: 'utf8' })
		.filter((name) => /\.(?:sql|json)$/.test(name))
		.reduce((sum, name) => sum + readFileSync(`drizzle/${name}`, 'utf8').split('\n').length, 0);
	expect(lines).toBeLessThan(12_000);
});
