import { deskWords } from '$lib/messages/desk';

const WORDS = deskWords.frame.acts;

/** One act of the desk. */
export type ActName = keyof typeof WORDS;

/** The key of each act, the same in every language and whatever its button says. Pages have numbers, so that no act has to make room for one. */
const KEYS = {
	settle: 's',
	outcome: 'o',
	refer: 'r',
	write: 'w',
	approve: 'a',
	call: 'c',
	done: 'd',
	followUp: 'f',
	later: 'l',
	move: 'm',
	mine: 'i',
	note: 'n',
	equal: 't',
	view: 'v',
	send: 'e',
	person: 'p',
	read: 'k'
} as const satisfies Record<ActName, string>;

/** An act as its button has it. */
export interface KeyedAct {
	readonly words: string;
	/** In lower case. */
	readonly key: string;
}

/** The acts of the desk with their keys. */
export const ACT_KEYS = Object.fromEntries(
	(Object.keys(KEYS) as ActName[]).map((act) => [act, { words: WORDS[act], key: KEYS[act] }])
) as Readonly<Record<ActName, KeyedAct>>;

/** Where the key of some words stands in them: before, the letter, after. The letter is empty where they don't have it: then it is shown behind them. */
export function aroundKey({ words, key }: KeyedAct): readonly [string, string, string] {
	const at = words.toLowerCase().indexOf(key);
	return at < 0 ? [words, '', ''] : [words.slice(0, at), words.slice(at, at + 1), words.slice(at + 1)];
}
