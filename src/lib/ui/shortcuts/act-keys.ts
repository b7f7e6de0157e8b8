import { deskWords } from '$lib/messages/desk';
/**
 * The acts of the desk with the words of their buttons, in the order in which they choose their keys: each has the first letter of its words that
 * no other has. Pages have numbers, so that no act has to make room for one.
 */
const ACTS = deskWords.frame.acts;

/** One act of the desk. */
export type ActName = keyof typeof ACTS;

/** An act as its button has it. */
export interface KeyedAct {
	readonly words: string;
	/** In lower case. */
	readonly key: string;
}

/** Gives each its first letter that is free. @throws RangeError where all letters of one are taken */
function withKeys<K extends string>(words: Readonly<Record<K, string>>): Readonly<Record<K, KeyedAct>> {
	const taken = new Set<string>();
	const entries = Object.entries<string>(words).map(([name, of]) => {
		const key = [...of.toLowerCase()].find((letter) => /[a-z]/.test(letter) && !taken.has(letter));
		if (key === undefined) throw new RangeError(`No letter of “${of}” is free`);
		taken.add(key);
		return [name, { words: of, key }] as const;
	});
	return Object.fromEntries(entries) as Readonly<Record<K, KeyedAct>>;
}

/** The acts of the desk with their keys. */
export const ACT_KEYS: Readonly<Record<ActName, KeyedAct>> = withKeys(ACTS);

/** Where the key of some words stands in them: before, the letter, after. */
export function aroundKey({ words, key }: KeyedAct): readonly [string, string, string] {
	const at = words.toLowerCase().indexOf(key);
	return at < 0 ? [words, '', ''] : [words.slice(0, at), words.slice(at, at + 1), words.slice(at + 1)];
}
