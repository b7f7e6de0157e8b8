import { singularIn } from '../../plural';

/** Whether a number takes the singular. */
export const isOne = singularIn('es');

/** Small numbers that stand before a feminine noun, as the first word of a sentence. */
const FEMININE = ['Ninguna', 'Una', 'Dos', 'Tres', 'Cuatro', 'Cinco', 'Seis', 'Siete', 'Ocho', 'Nueve'];

/** A small number before a feminine noun, as the first word of a sentence. */
export const inWordsFeminine = (n: number): string => FEMININE[n] ?? String(n);

/** A small number within a sentence. */
export const inWordsWithin = (n: number): string => inWordsFeminine(n).toLocaleLowerCase('es');
