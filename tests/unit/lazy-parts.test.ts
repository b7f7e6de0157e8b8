import { readdirSync, readFileSync } from 'node:fs';
import { parse, type AST } from 'svelte/compiler';
import { describe, expect, it } from 'vitest';

/** Children of a node of any kind. */
function childrenOf(node: object): AST.BaseNode[] {
	return Object.entries(node)
		.filter(([name]) => name !== 'metadata' && name !== 'parent')
		.flatMap(([, value]: [string, unknown]) => (Array.isArray(value) ? (value as unknown[]) : [value]))
		.filter((value): value is AST.BaseNode => typeof value === 'object' && value !== null && 'type' in value);
}

/** Whether a part's only content is a condition. */
const holdsItsCondition = ({ fragment }: AST.Component): boolean => {
	const content = fragment.nodes.filter((node) => !(node.type === 'Text' && node.data.trim() === ''));
	return content.length === 1 && content[0]?.type === 'IfBlock';
};

/** Lines with a lazily hydrated part that stands under a condition and doesn't hold one of its own. */
function unguardedIn(source: string): number[] {
	const lines: number[] = [];
	const look = (node: AST.BaseNode, isUnderIf: boolean): void => {
		if (node.type === 'Component') {
			const part = node as AST.Component;
			if (part.name === 'LazyHydrate' && isUnderIf && !holdsItsCondition(part))
				lines.push(source.slice(0, part.start).split('\n').length);
		}
		for (const child of childrenOf(node)) look(child, isUnderIf || node.type === 'IfBlock');
	};
	look(parse(source, { modern: true }).fragment as unknown as AST.BaseNode, false);
	return lines;
}

/**
 * A part that is hydrated by itself may hear of new data before the condition around it does: what the condition promised is gone by then,
 * and the page breaks half-way. So the condition stands within the part.
 */
describe('parts that are hydrated lazily', () => {
	it('hold the conditions they stand under', () => {
		const files = readdirSync('src', { recursive: true, encoding: 'utf8' }).filter((file) =>
			file.endsWith('.svelte')
		);
		const found = files.flatMap((file) =>
			unguardedIn(readFileSync(`src/${file}`, 'utf8')).map((line) => `${file}:${line}`)
		);
		expect(files.length).toBeGreaterThan(200);
		expect(found).toEqual([]);
	});

	it('are found where they don’t', () => {
		expect(unguardedIn('{#if a}<p><LazyHydrate><B {a} /></LazyHydrate></p>{/if}')).toEqual([1]);
		expect(unguardedIn('{#if a}\n<LazyHydrate>\n{#if a}<B {a} />{/if}</LazyHydrate>{/if}')).toEqual([]);
		expect(unguardedIn('{#if a}{:else}\n<LazyHydrate><B /></LazyHydrate>{/if}')).toEqual([2]);
	});
});
