import type { StartTexts } from '../../shapes';

/** Texts of the start page. */
export const startTexts: StartTexts = {
	title: (name) => `Hola, ${name}. Veamos si su puesto le va bien.`,
	lead: (minutes) => `Lleva unos ${minutes} minutos, mejor con una cinta métrica.`,
	again: {
		title: '¿Qué ha cambiado desde la última vez?',
		lead: 'Hemos conservado sus medidas. Marque lo que ha cambiado. Solo preguntamos por eso, por cómo se encuentra y por la seguridad.',
		renewed: {
			place: 'Otra mesa, otra habitación u otra casa',
			chair: 'Otra silla',
			devices: 'Otra pantalla, otro teclado u otro ratón',
			glasses: 'Gafas o lentillas nuevas'
		},
		stillTitle: '¿Sigue esto en su sitio?',
		stillLead: 'Lo puso después de la última vez. Desmarque lo que ya no esté.',
		step: (place, pieces) => (pieces ? `${place}: ${pieces}` : place),
		finding: (problem) => `Corregido: ${problem}`
	},
	everything: (minutes) => `Hacer todas las preguntas (unos ${minutes} minutos)`,
	linesTitle: 'Antes de empezar',
	moreOnPrivacy: 'Más sobre sus datos',
	begin: 'Lo he leído. Empezar',
	goOn: 'Seguir donde lo dejé',
	toPlan: 'Ir a mi plan'
};
