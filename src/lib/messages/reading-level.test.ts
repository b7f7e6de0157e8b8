import { readdirSync, readFileSync } from 'node:fs';
import { beforeAll, describe, expect, it } from 'vitest';
import { asideTextsFor } from './aside';
import { breakTextsFor } from './breaks';
import { checklistTextsFor } from './checklist';
import { DESK_LANGUAGES, type DeskLanguage } from './desk-language';
import { deskTexts as germanDesk } from './desk/de/index';
import { deskTexts as englishDesk } from './desk/en/index';
import type { DeskTexts } from './desk/shapes';
import { EMAIL_KINDS } from '$lib/core/platform/sending/email-kinds';
import { UNSET_ORGANISATION } from '$lib/core/platform/organisation';
import { emailWords } from './emails';
import { errorTextsFor } from './error-text';
import { messagesFor } from './index';
import { LANGUAGES, type Language } from './languages';
import { loadLanguage } from './language-packs';
import { sittingStyleTextsFor } from './sitting-styles';
import { startTextsFor } from './start';
import { stopTextsFor } from './stop';
import { BARE, CLUMSY } from '../../../tests/support/voice';

/** Sentences that most people read at once. Our limits: half of them of fifteen words at most, and none beyond twenty-five. */
const MOST_WORDS = 25;
const MEDIAN_WORDS = 15;

const DESKS: Readonly<Record<DeskLanguage, DeskTexts>> = { en: englishDesk, de: germanDesk };

/** Stands for whatever a text is made of: a length, a name, a number, things of the house. */
const PARTS = {
	folds: 1,
	length: '12 cm',
	diameter: '6 cm',
	things: ['“Atlas”', '“Cookbook”'],
	unknown: ['{day}'],
	known: ['{name}', '{until}'],
	...Object.fromEntries(
		['from', 'to', 'standingFrom', 'standingTo', 'rise', 'edge', 'feet', 'lower', 'nearer', 'degrees'].map(
			(name) => [name, '12 cm']
		)
	)
};

/** Every text of a catalogue; those that are made of parts, with parts put in. What can't be made so is left out. */
function textsOf(value: unknown): string[] {
	if (typeof value === 'string') return [value];
	if (typeof value === 'function') {
		const makes = value as (...parts: unknown[]) => unknown;
		// A text takes lengths and names, or one object with all of them.
		const takesOne = /^\(?(label, roll|w\b|\{)/.test(String(makes));
		const parts = Array.from({ length: makes.length }, (_, i) =>
			takesOne && i === makes.length - 1 ? PARTS : '12 cm'
		);
		try {
			return [makes(...parts)].filter((text) => typeof text === 'string');
		} catch (error) {
			if (error instanceof TypeError || error instanceof RangeError) return [];
			throw error;
		}
	}
	if (value === null || typeof value !== 'object') return [];
	return Object.values(value).flatMap(textsOf);
}

const WORD = /[\p{L}\p{N}][\p{L}\p{N}’'.,-]*/gu;

/** Sentences: each ends at a full stop, question mark or new paragraph, but not at a decimal point. */
const sentencesOf = (text: string) =>
	text.split(/(?<=[.!?…])\s+|\n+/).filter((sentence) => /\p{L}/u.test(sentence));

const wordsIn = (sentence: string) => sentence.match(WORD)?.length ?? 0;

/** Labels of one or two words aren't sentences: they would lower the median. */
const LEAST_WORDS = 4;

/** How lists and dates are written: no texts of their own. */
const HELPERS = new Set(['lists', 'dates']);

function employeeTexts(language: Language): string[] {
	const door = Object.entries(messagesFor(language)).filter(([subject]) => !HELPERS.has(subject));
	return [
		...textsOf(door.map(([, texts]) => texts)),
		...textsOf(checklistTextsFor(language)),
		...textsOf(startTextsFor(language)),
		...textsOf(stopTextsFor(language)),
		...textsOf(sittingStyleTextsFor(language)),
		...textsOf(breakTextsFor(language)),
		...textsOf(asideTextsFor(language)),
		...EMAIL_KINDS.map(
			(kind) => emailWords(kind, { name: 'Ada', language }, { ...UNSET_ORGANISATION, name: 'Works' }).body
		)
	];
}

function expectReadable(all: readonly string[]): void {
	const sentences = all.flatMap(sentencesOf).filter((sentence) => wordsIn(sentence) >= LEAST_WORDS);
	const lengths = sentences.map(wordsIn).sort((a, b) => a - b);
	expect(sentences.filter((sentence) => wordsIn(sentence) > MOST_WORDS)).toEqual([]);
	expect(lengths[Math.floor(lengths.length / 2)]).toBeLessThanOrEqual(MEDIAN_WORDS);
}

beforeAll(async () => {
	await Promise.all(LANGUAGES.map(loadLanguage));
});

describe.each(LANGUAGES)('the employee’s door in %s', (language) => {
	it('is read in short sentences', () => {
		const all = employeeTexts(language);
		expect(all.length).toBeGreaterThan(700);
		expectReadable(all);
	});

	it('has no blank, no doubled word and no space before a mark', () => {
		// « vous vous … » is a reflexive verb in French.
		const doubledWord =
			language === 'fr'
				? /(?<!\p{L})(?!vous|nous)(\p{L}{2,}) \1(?!\p{L})/u
				: /(?<!\p{L})(\p{L}+) \1(?![\p{L} ])/u;
		for (const text of employeeTexts(language)) {
			expect(text).not.toMatch(/ {2}/);
			expect(text).not.toMatch(doubledWord);
			expect(text).not.toMatch(/ [,;:?!.]/);
		}
	});
});

/** All desk texts in one language, including error messages. */
const deskTextsIn = (language: DeskLanguage) => [
	...textsOf(DESKS[language]),
	...textsOf(errorTextsFor(language))
];

describe.each(DESK_LANGUAGES)('the desk in %s', (language) => {
	it('is read in short sentences', () => {
		const all = deskTextsIn(language);
		expect(all.length).toBeGreaterThan(1000);
		expectReadable(all);
	});

	it('has no blank, no doubled word and no space before a mark', () => {
		// A text made of named parts that aren't in {@link PARTS} can't be read.
		for (const text of deskTextsIn(language).filter((one) => !one.includes('undefined'))) {
			expect(text).not.toMatch(/ {2}/);
			expect(text).not.toMatch(/(?<!\p{L})(\p{L}{2,}) \1(?!\p{L})/u);
			// A part that follows a name begins with its space.
			expect(text).not.toMatch(/(?<=.) (?:[,;:?!]|\.(?!\w))/);
		}
	});
});

const PAGES = [
	'README.md',
	...readdirSync('docs')
		.filter((name) => name.endsWith('.md'))
		.map((name) => `docs/${name}`)
];

/** What a private or clumsy word should be instead stands in the terms of the glossary. */
const NOT_OURS =
	/\b(?:popliteal|lumbar|sagittal|ergonomi|posturally|anthropo|settle|settled|day sheet|post office|no longer than anybody)\b/i;

it('English has no private words, and none of the trade’s that people do not use', () => {
	const desk = textsOf(englishDesk).filter((text) => !/lumbar curve/.test(text));
	for (const text of [...employeeTexts('en'), ...desk, ...textsOf(errorTextsFor('en'))]) {
		expect(text).not.toMatch(NOT_OURS);
		expect(text).not.toMatch(CLUMSY);
		expect(text).not.toMatch(BARE);
	}
});

it('the pages about the program are written in the same words', () => {
	for (const page of PAGES)
		for (const line of readFileSync(page, 'utf8')
			.replace(/`[^`]*`/g, '')
			.split('\n')) {
			expect(line, page).not.toMatch(CLUMSY);
			expect(line, page).not.toMatch(BARE);
		}
});

/** Words that are the same in both languages, and proper names. */
const SAME =
	/^(?:[\d\s.,:×–−+()/%°·]|cm|mm|min|in|h|s|Budget|Organisation|Plan|Tablet|Headset|Monitor|Name|Easy Corner|normal|Material|Sofa|[A-Z]?\p{L}* ?12 cm)*$/u;

describe.each(LANGUAGES.filter((language) => language !== 'en'))('the texts in %s', (language) => {
	it('are of that language: nothing of more than two words is still English', () => {
		const english = new Set(employeeTexts('en'));
		const same = employeeTexts(language).filter(
			(text) => english.has(text) && wordsIn(text) > 2 && !SAME.test(text.replaceAll('NaN', '0'))
		);
		expect(same).toEqual([]);
	});
});

describe.each(DESK_LANGUAGES.filter((language) => language !== 'en'))(
	'the desk’s texts in %s',
	(language) => {
		it('are of that language: nothing of more than two words is still English', () => {
			const english = new Set(deskTextsIn('en'));
			const same = deskTextsIn(language).filter(
				(text) => english.has(text) && wordsIn(text) > 2 && !SAME.test(text.replaceAll('NaN', '0'))
			);
			expect(same).toEqual([]);
		});

		it('have no English word that a translation forgot', () => {
			const english =
				/(?<![\p{L}’'-])(?:the|your|you|and|with|are|this|of|to|please|if|not|from)(?![\p{L}’'-])/iu;
			expect(deskTextsIn(language).filter((text) => english.test(text))).toEqual([]);
		});
	}
);
