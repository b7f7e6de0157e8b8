import { MOST_COUNTED } from '$lib/core/cases/day-sheet';

/** A number that is counted up to a point: where there are more, it says so. */
export const counted = (n: number) =>
	n > MOST_COUNTED ? `more than ${MOST_COUNTED.toLocaleString('en')}` : n.toLocaleString('en');

/** Such a number where a sentence begins. */
export const sentence = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
