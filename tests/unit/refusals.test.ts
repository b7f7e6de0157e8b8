import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { errorTextsFor, errorText } from '$lib/messages/error-text';

const sources = ['src/lib/server', 'src/routes'].flatMap((folder) =>
	readdirSync(folder, { recursive: true, encoding: 'utf8' })
		.filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts'))
		.map((name) => readFileSync(join(folder, name), 'utf8'))
);

describe('refusals', () => {
	const refusals = errorTextsFor();

	it('are each given by something: none is only written down', () => {
		const code = sources.join('\n');
		expect(Object.keys(refusals).filter((one) => !code.includes(`'${one}'`))).toEqual([]);
	});

	it('are codes on the server: a sentence stands in the catalogue alone', () => {
		const made = sources.flatMap((source) => [
			...source.matchAll(/new DomainError\(\s*'[a-z-]+',\s*(['`])([^'`]*)\1/g)
		]);
		expect(made.length).toBeGreaterThan(80);
		expect(made.map(([, , why]) => why).filter((why) => /\s/.test(why ?? ''))).toEqual([]);
	});

	it('say their facts', () => {
		const facts = { unknown: ['{team}'], known: ['{name}', '{until}'] };
		expect(errorText({ code: 'unknownFields', facts })).toBe(
			'We don’t know {team}, so it would go out as typed. You can use {name}, {until}.'
		);
		expect(errorText({ code: 'otherCount', facts: { n: 4, expected: 5 } })).toContain(
			'would now go to 4 people, not 5'
		);
		expect(errorText('noPerson')).toBe(refusals.noPerson);
		expect(errorText('noPerson', 'xx')).toBe(refusals.noPerson);
	});
});
