import type { Catalogue } from '../../shapes';

export const measuringTexts: Catalogue['measure'] = {
	link: '¿Sin cinta métrica? Otras formas',
	counted: { 'a4-sheets': 'hojas (lado largo)', 'hand-span': 'palmos', card: 'tarjetas' },
	comesTo: (length) => `Son ${length}. Las mitades y los cuartos también cuentan: 2 1/2.`,
	by: (method) => `Con: ${method}.`,
	photo: 'Medir con una foto de perfil',
	fromPhoto: (spread) => `De su foto de perfil, ± ${spread}.`,
	is: (length) => `mide ${length}`
};
