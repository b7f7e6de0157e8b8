import type { Person } from './corner';
import type { Hand } from './vocabulary';

/** What is said of somebody's hands. */
export type Hands = Pick<Person, 'pointer' | 'arms' | 'hand'>;

/** The hand that uses the mouse: the one that is named, else the only one that works, else the one that writes. */
export function pointingHandOf({ pointer, arms = 'both', hand }: Hands): Hand {
	if (pointer) return pointer;
	if (arms === 'both') return hand;
	return arms === 'right-only' ? 'right' : 'left';
}
