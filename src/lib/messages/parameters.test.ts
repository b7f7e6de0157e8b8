import { beforeAll, describe, expect, it } from 'vitest';
import { asideTextsFor } from './aside';
import { breakTextsFor } from './breaks';
import { deskTexts as germanDesk } from './desk/de/index';
import { deskTexts as englishDesk } from './desk/en/index';
import { emailTextsFor } from './emails';
import { errorTextsFor } from './error-text';
import { messagesFor } from './index';
import { loadLanguage } from './language-packs';
import { TRANSLATED_LANGUAGES, type Language } from './languages';
import { sittingStyleTextsFor } from './sitting-styles';
import { startTextsFor } from './start';
import { stopTextsFor } from './stop';

// A translation that drops a name, a length or a number is still a string: no type sees it. Every text that is made of parts is made here
// with parts that can be found again, in English and in each other language.

type Makes = (...parts: unknown[]) => unknown;

interface Pair {
	readonly path: string;
	readonly english: Makes;
	readonly translated: Makes;
}

/** How lists and dates are written: made of parts by rules of their own, which have tests of their own. */
const HELPERS = /^\.(?:lists|dates)\./;

/** Texts with a part that is a code, such as a side or posture, which translations put in their own words. */
const SAID_IN_OWN_WORDS: ReadonlySet<string> = new Set([
	'.discomfort.sided',
	'.triage.sided',
	// The change is a code.
	'.cases.discomfortReports',
	'.spots.name',
	'.section.text.intro',
	// What a schema says of a request is for programmers, and in English.
	'.refusals.checked'
]);

/** Texts made of parts, in English and in another language. */
function pairsIn(english: unknown, translated: unknown, path = ''): Pair[] {
	if (typeof english === 'function')
		return typeof translated === 'function'
			? [{ path, english: english as Makes, translated: translated as Makes }]
			: [];
	if (english === null || typeof english !== 'object') return [];
	return Object.entries(english).flatMap(([key, one]) =>
		pairsIn(one, (translated as Readonly<Record<string, unknown>> | undefined)?.[key], `${path}.${key}`)
	);
}

/** Parts passed one by one, or as one object; each can be found again in the text. */
const PARTS: readonly ((n: number) => unknown[])[] = [
	(n) => Array.from({ length: n }, (_, i) => `⟦${'abcdefgh'[i]}⟧`),
	// Above three: smaller numbers are written as words in some languages, and ask for other forms.
	(n) => Array.from({ length: n }, (_, i) => 4111 + 1010 * i),
	(n) => [
		...Array.from({ length: n - 1 }, (_, i) => `⟦${'abcdefgh'[i]}⟧`),
		new Proxy({}, { get: (_, name) => (typeof name === 'string' ? `⟦${name}⟧` : undefined) })
	],
	(n) => Array.from({ length: n }, (_, i) => [`⟦${'abcdefgh'[i]}⟧`, `⟦${'abcdefgh'[i]}2⟧`])
];

const FOUND = /⟦[^⟧]+⟧|\d{4}/g;

/** Digits as written in the language, with its separator for thousands. */
const plain = (text: string) => text.replaceAll(/(\d)[.,\u00a0\u202f](\d{3})/g, '$1$2');

/** The parts that a text contains; null where it can't be made from these. */
function partsOf(makes: Makes, parts: unknown[]): string[] | null {
	try {
		const text = makes(...parts);
		if (typeof text !== 'string' || /undefined|\[object/.test(text)) return null;
		return [...new Set(plain(text).match(FOUND) ?? [])].sort();
	} catch (error) {
		if (error instanceof TypeError || error instanceof RangeError) return null;
		throw error;
	}
}

/** What a translation has lost, or has more than the English text; and how many texts could be compared. */
function compared(pairs: readonly Pair[]) {
	const differs: string[] = [];
	let n = 0;
	for (const { path, english, translated } of pairs.filter(
		(pair) => !HELPERS.test(pair.path) && !SAID_IN_OWN_WORDS.has(pair.path)
	))
		for (const parts of PARTS) {
			const wanted = partsOf(english, parts(english.length));
			if (!wanted || wanted.length === 0) continue;
			n += 1;
			const given = partsOf(translated, parts(english.length));
			if (given?.join() !== wanted.join())
				differs.push(`${path}: ${wanted.join(' ')} became ${given?.join(' ') ?? 'nothing'}`);
		}
	return { differs, n };
}

const doorIn = (language: Language) => ({
	...messagesFor(language),
	start: startTextsFor(language),
	stop: stopTextsFor(language),
	styles: sittingStyleTextsFor(language),
	breaks: breakTextsFor(language),
	aside: asideTextsFor(language),
	refusals: errorTextsFor(language)
});

beforeAll(() => Promise.all(TRANSLATED_LANGUAGES.map(loadLanguage)).then(() => undefined));

describe.each(TRANSLATED_LANGUAGES)('the employee’s texts in %s', (language) => {
	it('hold every part that the English ones hold, and no other', () => {
		const { differs, n } = compared(pairsIn(doorIn('en'), doorIn(language)));
		expect(differs).toEqual([]);
		expect(n).toBeGreaterThan(150);
	});

	it('of emails too', () => {
		const { differs, n } = compared(pairsIn(emailTextsFor('en'), emailTextsFor(language)));
		expect(differs).toEqual([]);
		expect(n).toBeGreaterThan(5);
	});
});

describe('the desk’s texts in German', () => {
	it('hold every part that the English ones hold, and no other', () => {
		const { differs, n } = compared(pairsIn(englishDesk, germanDesk));
		expect(differs).toEqual([]);
		expect(n).toBeGreaterThan(250);
	});
});

describe('the comparison', () => {
	const english = { greets: (name: string, n: number) => `Hello ${name}, ${n} emails` };

	it('finds a part that was lost, one that was put twice for another, and a text that breaks', () => {
		expect(compared(pairsIn(english, { greets: (name: string) => `Hallo ${name}` })).differs[0]).toContain(
			'⟦b⟧'
		);
		expect(
			compared(pairsIn(english, { greets: (name: string) => `Hallo ${name}, ${name} E-Mails` })).differs
		).not.toEqual([]);
		const breaks = {
			greets: () => {
				throw new TypeError('no such part');
			}
		};
		expect(compared(pairsIn(english, breaks)).differs[0]).toContain('nothing');
		expect(compared(pairsIn(english, english)).differs).toEqual([]);
	});

	it('reads a number however its thousands are grouped', () => {
		const german = {
			greets: (name: string, n: number | string) => `${name}: ${n.toLocaleString('de')} E-Mails`
		};
		expect(compared(pairsIn(english, german)).differs).toEqual([]);
	});
});
