import type { Catalogue } from '../../shapes';

export const measuringTexts: Catalogue['measure'] = {
	link: 'Pas de mètre ? D’autres moyens',
	counted: { 'a4-sheets': 'feuilles (grand côté)', 'hand-span': 'empans', card: 'cartes' },
	comesTo: (length) => `Cela fait ${length}. Les moitiés et les quarts comptent aussi : 2 1/2.`,
	by: (method) => `Avec : ${method}.`,
	photo: 'Mesurer sur une photo de profil',
	fromPhoto: (spread) => `D’après votre photo de profil, ± ${spread}.`,
	is: (length) => `fait ${length}`
};
