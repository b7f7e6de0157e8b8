import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { deskRefusalTexts } from '$lib/messages/en/platform/desk-refusals';
import { refusalTexts } from '$lib/messages/en/platform/refusals';
import { errorTextsFor, errorText } from '$lib/messages/error-text';
import { LANGUAGES } from '$lib/messages/languages';

/** Sources below a folder, or the one that is named. */
function filesIn(path: string): string[] {
	if (!statSync(path).isDirectory()) return [path];
	return readdirSync(path, { recursive: true, encoding: 'utf8' })
		.filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts'))
		.map((name) => join(path, name));
}

const sources = ['src/lib/server', 'src/lib/core/platform/organisation-settings', 'src/routes']
	.flatMap(filesIn)
	.map((file) => readFileSync(file, 'utf8'));

/** What answers employees: their routes, what every request goes through, and the use cases of their door. */
const EMPLOYEES_DOOR = [
	'src/routes/c',
	'src/lib/server/platform/hooks',
	'src/lib/server/platform/http',
	'src/lib/server/plan/planning',
	'src/lib/server/platform/live',
	'src/lib/server/platform/access/write-limits.ts',
	'src/lib/server/questionnaire/assessments',
	'src/lib/server/cases/check-ins',
	'src/lib/server/breaks',
	'src/lib/server/plan/plans',
	'src/lib/server/cases/messages.ts'
];

/** Refusals in those files that only someone signed in can come upon. */
const OF_THE_DESK = new Set(['forCoordinators', 'hasLeft', 'answeredMeanwhile', 'passkeyNeedsName']);

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
		// Nor where a page or an answer is refused without one.
		const SAID = /(?:error\(\d+, |message: )['`]\p{Lu}\p{Ll}+ .*/gu;
		expect("error(404, 'Not found');".match(SAID)).toHaveLength(1);
		expect(sources.flatMap((source) => source.match(SAID) ?? [])).toEqual([]);
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

	it('that an employee can come upon are among those that every language has', () => {
		const files = EMPLOYEES_DOOR.flatMap(filesIn);
		expect(files.length).toBeGreaterThan(60);
		const found = files.flatMap((file) => {
			const text = readFileSync(file, 'utf8');
			return Object.keys(deskRefusalTexts)
				.filter((code) => !OF_THE_DESK.has(code) && text.includes(`'${code}'`))
				.map((code) => `${file}: ${code}`);
		});
		expect(found).toEqual([]);
	});

	it.each(LANGUAGES.filter((language) => language !== 'en'))('have their own words in %s', (language) => {
		const [own, english] = [errorTextsFor(language), errorTextsFor('en')];
		const same = (Object.keys(refusalTexts) as (keyof typeof refusalTexts)[]).filter(
			(code) => String(own[code]) === String(english[code])
		);
		expect(same).toEqual([]);
	});

	it('say how long to wait, in the language of who is refused', () => {
		const after = (seconds: number) => ({ code: 'tooManyWrites', facts: { seconds } }) as const;
		expect(errorText(after(1), 'de')).toContain('in einer Sekunde');
		expect(errorText(after(5), 'fr')).toContain('dans 5 secondes');
		expect(errorText(after(5))).toContain('in 5 seconds');
	});
});
