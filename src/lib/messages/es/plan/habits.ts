import type { Catalogue } from '../../shapes';

/** Six habits for everybody. Facts: common practice. */
export const habitTexts: Catalogue['habits'] = {
	title: 'Seis costumbres para cualquier mesa',
	lead: '¿Es así en su caso?',
	yes: 'Sí',
	notYet: 'Todavía no',
	added: 'Lo hemos añadido a su lista.',
	distance: {
		plan: (mm) => `Siéntese hasta el fondo, con los ojos a ${mm} de la pantalla.`,
		arm: (mm) => `Siéntese hasta el fondo, a un brazo de distancia de la pantalla (para usted, ${mm}).`,
		band: (low, high) => `Siéntese hasta el fondo, entre ${low} y ${high} de la pantalla.`
	},
	names: {
		'mouse-close': 'El ratón está justo al lado del teclado.',
		'straight-wrists': 'Las muñecas se mantienen rectas.',
		'light-from-the-side': 'La luz viene de un lado y nada se refleja en la pantalla.',
		'phone-in-hand': 'Sujeta el teléfono con la mano, no con el hombro.',
		'up-and-about': 'Se levanta cada media hora.'
	},
	shifting: 'Cada media hora, cambie el apoyo, inclínese y estírese.'
};
