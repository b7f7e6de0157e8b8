import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { deskRefusalTexts } from './en/desk-refusals';
import { refusalTexts } from './en/refusals';
import { errorText, errorTextsFor } from './error-text';
import { LANGUAGES } from './languages';

/** What answers employees: their routes, what every request goes through, and the use cases of their door. */
const EMPLOYEES_DOOR = [
	'src/routes/c',
	'src/hooks.server.ts',
	'src/lib/server/http',
	'src/lib/server/planning',
	'src/lib/server/live',
	'src/lib/server/access/write-limits.ts',
	'src/lib/server/assessments',
	'src/lib/server/check-ins',
	'src/lib/server/breaks',
	'src/lib/server/plans',
	'src/lib/server/cases/messages.ts'
];

/** Refusals in those files that only somebody signed in can come upon. */
const OF_THE_DESK = new Set(['forCoordinators', 'hasLeft', 'answeredMeanwhile', 'passkeyNeedsName']);

function filesIn(path: string): string[] {
	if (!statSync(path).isDirectory()) return [path];
	return readdirSync(path)
		.flatMap((name) => filesIn(join(path, name)))
		.filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'));
}

describe('a refusal', () => {
	it('that an employee can come upon is among those that every language has', () => {
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

	it.each(LANGUAGES.filter((language) => language !== 'en'))('has its own words in %s', (language) => {
		const [own, english] = [errorTextsFor(language), errorTextsFor('en')];
		const same = (Object.keys(refusalTexts) as (keyof typeof refusalTexts)[]).filter(
			(code) => String(own[code]) === String(english[code])
		);
		expect(same).toEqual([]);
	});

	it('says how long to wait, in the language of who is refused', () => {
		const after = (seconds: number) => ({ code: 'tooManyWrites', facts: { seconds } }) as const;
		expect(errorText(after(1), 'de')).toContain('in einer Sekunde');
		expect(errorText(after(5), 'fr')).toContain('dans 5 secondes');
		expect(errorText(after(5))).toContain('in 5 seconds');
	});
});
