import type { Catalogue } from '../../shapes';

/** What the plan says about other sitting styles. */
export const styleTrialTexts: Catalogue['style'] = {
	link: 'Probar otra forma de sentarse'
};

/** The self-test of the back. Facts: common practice. */
export const backTestTexts: Catalogue['backTest'] = {
	title: '¿No está seguro? Una prueba de medio minuto',
	steps: [
		'Siéntese en la parte delantera de una silla firme, con los dos pies apoyados.',
		'Redondee la espalda despacio y luego arquéela despacio. Hágalo cinco veces.',
		'Quédese una respiración en cada posición. ¿Cuál alivia su espalda?'
	],
	round: 'Redondear: la espalda se curva hacia delante, la cabeza cuelga.',
	arch: 'Arquear: el pecho sube, la parte baja de la espalda se hunde.',
	care: 'No vaya más allá de lo que sea agradable. Pare si el dolor baja por una pierna y elija «Nada en especial».'
};
