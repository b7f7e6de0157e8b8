import type { Catalogue } from '../../shapes';

export const measuringTexts: Catalogue['measure'] = {
	link: 'Kein Maßband? Andere Möglichkeiten',
	counted: { 'a4-sheets': 'Blätter (lange Seite)', 'hand-span': 'Spannen', card: 'Karten' },
	comesTo: (length) => `Das sind ${length}. Halbe und Viertel zählen auch: 2 1/2.`,
	by: (method) => `Mit: ${method}.`,
	photo: 'Mit einem Seitenfoto messen',
	fromPhoto: (spread) => `Aus Ihrem Seitenfoto, ± ${spread}.`,
	is: (length) => `ist ${length}`
};
