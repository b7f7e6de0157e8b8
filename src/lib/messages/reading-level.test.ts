import { describe, expect, it } from 'vitest';
import { checklistTextsFor } from './checklist';
import { messagesFor } from './index';

const MOST_WORDS = 28;
const MEDIAN_WORDS = 14;

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

/** Every text of a catalogue; those that are made of parts, with parts put in. */
function textsOf(value: unknown): string[] {
	if (typeof value === 'string') return [value];
	if (typeof value === 'function') {
		const makes = value as (...parts: unknown[]) => unknown;
		// A text takes lengths and names, or one object with all of them.
		const takesOne = /^\(?(label, roll|w\b|\{)/.test(String(makes));
		const parts = Array.from({ length: makes.length }, (_, i) =>
			takesOne && i === makes.length - 1 ? PARTS : '12 cm'
		);
		return [makes(...parts)].filter((text) => typeof text === 'string');
	}
	if (value === null || typeof value !== 'object') return [];
	return Object.values(value).flatMap(textsOf);
}

const WORD = /[\p{L}\p{N}][\p{L}\p{N}’'.,-]*/gu;

/** Sentences as they are read: up to a full stop, a question mark or a new paragraph. A decimal point ends none. */
const sentencesOf = (text: string) =>
	text.split(/(?<=[.!?…])\s+|\n+/).filter((sentence) => /\p{L}/u.test(sentence));

const wordsIn = (sentence: string) => sentence.match(WORD)?.length ?? 0;

/** Labels of one or two words are no sentences: they would make any median small. */
const LEAST_WORDS = 4;

/** How lists and dates are written: no texts of their own. */
const HELPERS = new Set(['lists', 'dates']);

describe('the employee’s door', () => {
	const door = Object.entries(messagesFor()).filter(([subject]) => !HELPERS.has(subject));
	const all = [...textsOf(door.map(([, texts]) => texts)), ...textsOf(checklistTextsFor('en'))];
	const sentences = all.flatMap(sentencesOf).filter((sentence) => wordsIn(sentence) >= LEAST_WORDS);

	it('is read in short sentences: half of them of fourteen words at most, none of more than twenty-eight', () => {
		expect(sentences.length).toBeGreaterThan(700);
		const lengths = sentences.map(wordsIn).sort((a, b) => a - b);
		expect(lengths[Math.floor(lengths.length / 2)]).toBeLessThanOrEqual(MEDIAN_WORDS);
		expect(sentences.filter((sentence) => wordsIn(sentence) > MOST_WORDS)).toEqual([]);
	});

	it('has no blank, no doubled word and no space before a mark', () => {
		for (const text of all) {
			expect(text).not.toMatch(/ {2}|\b(\p{L}+) \1\b(?! )/u);
			expect(text).not.toMatch(/ [,;:?!.]/);
		}
	});

	it('has no word of the trade’s that people do not use', () => {
		for (const text of all)
			expect(text).not.toMatch(/\b(popliteal|lumbar|sagittal|ergonomi|posturally|anthropo)/i);
	});
});
