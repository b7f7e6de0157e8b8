import { singularIn } from '../../plural';

/** Whether a number takes the singular. */
export const isOne = singularIn('fr');

/** Small numbers that stand before a feminine noun, as the first word of a sentence. */
const FEMININE = ['Aucune', 'Une', 'Deux', 'Trois', 'Quatre', 'Cinq', 'Six', 'Sept', 'Huit', 'Neuf'];

/** A small number before a feminine noun, as the first word of a sentence. */
export const inWordsFeminine = (n: number): string => FEMININE[n] ?? String(n);

/** A small number within a sentence. */
export const inWordsWithin = (n: number): string => inWordsFeminine(n).toLocaleLowerCase('fr');
