import { singularIn } from '../../plural';

const SMALL_NUMBERS = ['No', 'One', 'Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Eight', 'Nine'];

/** Whether a number takes the singular. */
export const isOne = singularIn('en');

/** A small number as the first word of a sentence. */
export function inWords(n: number): string {
	return SMALL_NUMBERS[n] ?? String(n);
}
