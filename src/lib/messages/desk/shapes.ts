import type { deskTexts } from './en/index';

/** The type of a catalogue, with any string in place of the English texts. */
type Worded<T> = T extends string
	? string
	: T extends (...facts: infer Facts) => string
		? (...facts: Facts) => string
		: { readonly [Key in keyof T]: Worded<T[Key]> };

/** The texts of the desk: the shape that every language has. */
export type DeskTexts = Worded<typeof deskTexts>;
