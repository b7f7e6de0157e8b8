import { singularIn } from '../../plural';

const SMALL_NUMBERS = ['Kein', 'Ein', 'Zwei', 'Drei', 'Vier', 'Fünf', 'Sechs', 'Sieben', 'Acht', 'Neun'];

/** Whether a number takes the singular. */
export const isOne = singularIn('de');

/** A small number as the first word of a sentence. */
export const inWords = (n: number): string => SMALL_NUMBERS[n] ?? String(n);

/** A small number within a sentence. */
export const inWordsWithin = (n: number): string => inWords(n).toLocaleLowerCase('de');
