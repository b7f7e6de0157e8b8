import type { deskTexts } from './en/index';

/** The shape of texts, whatever they say in English. */
type Worded<T> = T extends string
	? string
	: T extends (...facts: infer Facts) => string
		? (...facts: Facts) => string
		: { readonly [Key in keyof T]: Worded<T[Key]> };

/** The texts of the desk: the shape that every language has. */
export type DeskTexts = Worded<typeof deskTexts>;
