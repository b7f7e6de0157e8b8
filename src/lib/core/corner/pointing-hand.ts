import type { Person } from './corner';
import type { Hand } from './vocabulary';

/** What is said of someone's hands. */
export type HandUse = Pick<Person, 'pointer' | 'arms' | 'hand'>;

/** The hand that uses the mouse: the one that is named, else the only one that works, else the one that writes. */
export function pointingHandOf({ pointer, arms = 'both', hand }: HandUse): Hand {
	if (pointer) return pointer;
	if (arms === 'both') return hand;
	return arms === 'right-only' ? 'right' : 'left';
}
