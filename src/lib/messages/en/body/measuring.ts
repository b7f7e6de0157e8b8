export const measuringTexts = {
	link: 'No tape? Ways to measure',
	counted: { 'a4-sheets': 'sheets (long side)', 'hand-span': 'spans', card: 'cards' },
	comesTo: (length: string) => `That’s ${length}. Halves and quarters count too: 2 1/2.`,
	by: (method: string) => `By: ${method}.`,
	photo: 'Measure from a side photo',
	fromPhoto: (spread: string) => `From your side photo, ± ${spread}.`,
	is: (length: string) => `is ${length}`
};
