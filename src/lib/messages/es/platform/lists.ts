import type { Catalogue } from '../../shapes';

/** The word before the last item of a list; another one where the item begins with the same sound. */
const andBefore = (word: string): string => (/^(?:i|hi)(?!e)/i.test(word) ? 'e' : 'y');
const orBefore = (word: string): string => (/^h?o/i.test(word) ? 'u' : 'o');

/** A list with a word, and no comma, before the last item. */
const joined = (words: readonly string[], last: (word: string) => string): string => {
	const before = words.slice(0, -1);
	const end = words.at(-1) ?? '';
	return before.length === 0 ? words.join('') : `${before.join(', ')} ${last(end)} ${end}`;
};

/** Equal words once, with how many there are where there are more. */
const counted = (words: readonly string[]): string[] =>
	[...new Set(words)].map((word) => {
		const n = words.filter((other) => other === word).length;
		return n > 1 ? `${n} × ${word}` : word;
	});

/** Lists in a sentence. */
export const listTexts: Catalogue['lists'] = {
	label: (words) => `${words}:`,
	of: (label, words) => `${label}: ${words}`,
	and: (words) => joined(words, andBefore),
	or: (words) => joined(words, orBefore),
	plain: (words) => words.join(', '),
	things: (words) => joined(counted(words), andBefore)
};
