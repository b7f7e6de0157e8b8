import { readdirSync, readFileSync } from 'node:fs';
import { parse, type AST } from 'svelte/compiler';
import { describe, expect, it } from 'vitest';

/** Pages that only a developer or the demo shows. */
const WITHOUT_CATALOGUE = ['src/lib/ui/platform/kit/shown/', 'src/routes/kit/', 'src/routes/post/'];

/** What is read aloud or shown though it stands in an attribute. */
const SPOKEN = /^(label|aria-label|placeholder|title|alt|words|hint|note|axis|caption)$/;

/** The name of the product and of keys on a keyboard are the same in every language. */
const SAME_EVERYWHERE = /^(Easy Corner|kbd)$/;

const letters = /\p{L}{2}/u;

/** Two words beside each other are said to someone; a word alone may be a code. */
const PHRASE = /\p{L}{2} (?:\p{L} )?\p{L}{2}/u;

/** A word that joins two values in a sentence: said to someone even if it stands alone between them. */
const JOINS =
	/(?:^|\s)(?:to|of|on|and|or|in|by|at|from|more|days?|weeks?|hours?|minutes?|people|person)(?:\s|$)/;

/** What a programmer reads, or a style sheet: no text of a page. */
const NOT_SAID = /^(ImportDeclaration|NewExpression|TSTypeReference|TSTypeAnnotation)$/;
const STYLE = /color-mix|<\w+ |^\.[\w-]|\[[\w-]+=|^easy-corner |^[\w-]+:[\w-]+ |^ ?[\w-]+(?: [\w-]*-[\w-]*)+/;

/** The texts of a page that stand in the page itself, in its script too. */
function ownWords(source: string): string[] {
	const found: string[] = [];
	const look = (node: unknown): void => {
		if (Array.isArray(node)) return node.forEach(look);
		if (!node || typeof node !== 'object' || !('type' in node)) return;
		const one = node as AST.SvelteNode;
		if (NOT_SAID.test(one.type)) return;
		if (one.type === 'Text' && letters.test(one.data)) found.push(one.data.trim());
		const said =
			one.type === 'Literal' ? one.value : one.type === 'TemplateElement' ? one.value.cooked : null;
		const isJoint = typeof said === 'string' && /\s/.test(said) && JOINS.test(said);
		if (typeof said === 'string' && (PHRASE.test(said) || isJoint) && !STYLE.test(said)) found.push(said);
		for (const [key, value] of Object.entries(one)) {
			if (key === 'attributes') {
				const spoken = (value as AST.Attribute[]).filter(
					({ type, name }) => type === 'Attribute' && SPOKEN.test(name)
				);
				look(spoken.map((attribute) => attribute.value));
			} else if (key !== 'parent') look(value);
		}
	};
	const { fragment, instance, module } = parse(source, { modern: true });
	look([fragment, instance?.content, module?.content]);
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
		const script = "<script>const a = [{ words: 'With a check' }, 'md:grid gap-2', 'answered'];</script>";
		expect(ownWords(`${script}{#if a}{b ? `.concat("'or so it is'", ' : c}{/if}'))).toEqual([
			'or so it is',
			'With a check'
		]);
	});

	it('finds a word that joins two values', () => {
		const script =
			'<script>const a = `${low} to ${high}`, b = `${n} days`, c = `${left} · ${right}`;</script>';
		expect(ownWords(script)).toEqual([' to ', ' days']);
	});

	it.each(pages)('%s has none of its own', (file) => {
		expect(ownWords(readFileSync(file, 'utf8'))).toEqual([]);
	});

	it('nor has a module of the interface', () => {
		const found = readdirSync('src/lib/ui', { recursive: true, encoding: 'utf8' })
			.filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
			.flatMap((file) =>
				ownWords(`<script lang="ts">${readFileSync(`src/lib/ui/${file}`, 'utf8')}</script>`).map(
					(words) => `${file}: ${words}`
				)
			);
		expect(found).toEqual([]);
	});
});
