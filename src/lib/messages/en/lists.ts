/** Words beside each other, with a word before the last. */
const joined = (words: readonly string[], last: string): string => {
	const before = words.slice(0, -1);
	if (before.length < 2) return words.join(` ${last} `);
	return `${before.join(', ')}, ${last} ${words.at(-1) ?? ''}`;
};

/** Lists in a sentence. Written here, as the platform's own writer costs a phone more at its first use than the rest of a page. */
export const lists = {
	and: (words: readonly string[]) => joined(words, 'and'),
	or: (words: readonly string[]) => joined(words, 'or'),
	plain: (words: readonly string[]) => words.join(', ')
};
