/** Choices on the page that shows the controls. */
export const FRUIT = [
	{ value: 'apple', words: 'Apple' },
	{ value: 'pear', words: 'Pear' },
	{ value: 'plum', words: 'Plum' }
] as const;
