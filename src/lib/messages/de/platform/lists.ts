import type { Catalogue } from '../../shapes';

/** A list with a word, and no comma, before the last item. */
const joined = (words: readonly string[], last: string): string => {
	const before = words.slice(0, -1);
	return before.length === 0 ? words.join('') : `${before.join(', ')} ${last} ${words.at(-1) ?? ''}`;
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
	and: (words) => joined(words, 'und'),
	or: (words) => joined(words, 'oder'),
	plain: (words) => words.join(', '),
	things: (words) => joined(counted(words), 'und')
};
