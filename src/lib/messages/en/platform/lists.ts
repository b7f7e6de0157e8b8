/** A list in a sentence, with a word before the last item. */
const joined = (words: readonly string[], last: string): string => {
	const before = words.slice(0, -1);
	if (before.length < 2) return words.join(` ${last} `);
	return `${before.join(', ')}, ${last} ${words.at(-1) ?? ''}`;
};

/** Equal words once, with how many there are where there are more. */
const counted = (words: readonly string[]): string[] =>
	[...new Set(words)].map((word) => {
		const n = words.filter((other) => other === word).length;
		return n > 1 ? `${n} × ${word}` : word;
	});

/** Lists in a sentence. We write them ourselves: the first use of `Intl.ListFormat` takes a phone longer than the rest of a page. */
export const listTexts = {
	/** A label followed by its text. */
	label: (words: string) => `${words}:`,
	/** What something is, or what it is about: a label and its words. */
	of: (label: string, words: string) => `${label}: ${words}`,
	and: (words: readonly string[]) => joined(words, 'and'),
	or: (words: readonly string[]) => joined(words, 'or'),
	plain: (words: readonly string[]) => words.join(', '),
	/** Things of which some are alike. */
	things: (words: readonly string[]) => joined(counted(words), 'and')
};
