import { readdirSync, readFileSync } from 'node:fs';
import { parse, type AST } from 'svelte/compiler';
import { describe, expect, it } from 'vitest';

/** Pages that only a developer or the demo shows. */
const WITHOUT_CATALOGUE = ['src/lib/ui/kit/shown/', 'src/routes/kit/', 'src/routes/post/'];

/** What is read aloud or shown though it stands in an attribute. */
const SPOKEN = /^(label|aria-label|placeholder|title|alt|words|hint|note|axis|caption)$/;

/** The name of the product and of keys on a keyboard are the same in every language. */
const SAME_EVERYWHERE = /^(Easy Corner|kbd)$/;

const letters = /\p{L}{2}/u;

/** The texts of a page that stand in the page itself. */
function ownWords(source: string): string[] {
	const found: string[] = [];
	const look = (node: unknown): void => {
		if (Array.isArray(node)) return node.forEach(look);
		if (!node || typeof node !== 'object' || !('type' in node)) return;
		const one = node as AST.SvelteNode;
		if (one.type === 'Text' && letters.test(one.data)) found.push(one.data.trim());
		for (const [key, value] of Object.entries(one)) {
			if (key === 'attributes') {
				const spoken = (value as AST.Attribute[]).filter(
					({ type, name }) => type === 'Attribute' && SPOKEN.test(name)
				);
				look(spoken.map((attribute) => attribute.value));
			} else if (key !== 'parent') look(value);
		}
	};
	look(parse(source, { modern: true }).fragment);
	return found.filter((text) => !SAME_EVERYWHERE.test(text));
}

describe('words stand in the catalogue', () => {
	const pages = readdirSync('src', { recursive: true, encoding: 'utf8' })
		.map((file) => `src/${file}`)
		.filter((file) => file.endsWith('.svelte'))
		.filter((file) => !WITHOUT_CATALOGUE.some((folder) => file.startsWith(folder)));

	it('finds words where they stand', () => {
		expect(ownWords('<p title="Hello">{#if a}Some words{/if}</p><b class="words">{t.x}</b>')).toEqual([
			'Hello',
			'Some words'
		]);
	});

	it.each(pages)('%s has none of its own', (file) => {
		expect(ownWords(readFileSync(file, 'utf8'))).toEqual([]);
	});

	it('nor has a module of the interface a sentence', () => {
		const SENTENCE = /(['`])\p{Lu}\p{Ll}+ \p{Ll}[^'`\n]* [^'`\n]*\1/u;
		expect(SENTENCE.test("x = 'This did not work.'")).toBe(true);
		const found = readdirSync('src/lib/ui', { recursive: true, encoding: 'utf8' })
			.filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
			.flatMap((file) =>
				readFileSync(`src/lib/ui/${file}`, 'utf8')
					.split('\n')
					// What a programmer reads is no text of a page.
					.filter((line) => SENTENCE.test(line) && !/Error\(|^\s*(\/\/|\*|\/\*\*)/.test(line))
					.map((line) => `${file}: ${line.trim()}`)
			);
		expect(found).toEqual([]);
	});
});
