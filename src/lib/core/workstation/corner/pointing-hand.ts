import type { Person } from './corner';
import type { Hand } from './vocabulary';

/** What is known about a person's hands. */
export type HandUse = Pick<Person, 'pointer' | 'arms' | 'hand'>;

/** The mouse hand: the one named, else the only one that works, else the writing hand. */
export function pointingHandOf({ pointer, arms = 'both', hand }: HandUse): Hand {
	if (pointer) return pointer;
	if (arms === 'both') return hand;
	return arms === 'right-only' ? 'right' : 'left';
}
