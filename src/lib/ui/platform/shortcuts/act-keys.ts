import { deskWords } from '$lib/messages/desk';

export type ActName = keyof typeof deskWords.frame.acts;

/**
 * The shortcut of each act, the same in every language and whatever its button says. Pages have numbers, so that no act has to make room
 * for one.
 */
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

/** An act as labelled on its button. */
export interface KeyedAct {
	readonly words: string;
	/** In lower case. */
	readonly key: string;
}

/** The acts of the desk with their shortcuts. Their words are looked up when they are read: each reader has a language. */
export const ACT_KEYS = Object.fromEntries(
	(Object.keys(KEYS) as ActName[]).map((act): [ActName, KeyedAct] => [
		act,
		{
			get words() {
				return deskWords.frame.acts[act];
			},
			key: KEYS[act]
		}
	])
) as Readonly<Record<ActName, KeyedAct>>;

/**
 * The position of a shortcut in its label: before, the letter, after. The letter is empty where the label lacks it: it is then shown
 * behind.
 */
export function aroundKey({ words, key }: KeyedAct): readonly [string, string, string] {
	const at = words.toLowerCase().indexOf(key);
	return at < 0 ? [words, '', ''] : [words.slice(0, at), words.slice(at, at + 1), words.slice(at + 1)];
}
