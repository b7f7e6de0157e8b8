import type { Catalogue } from '../../shapes';

export const sideViewTexts: Catalogue['section'] = {
	first: 'Inicio',
	now: 'Ahora',
	after: 'Tras el plan',
	again: 'Como se ha medido ahora',
	choose: 'Ver de lado',
	levels: { eye: 'ojo', elbow: 'codo', seat: 'asiento' },
	scale: (unit) => `A escala. Alturas en ${unit} sobre el suelo.`,
	gap: {
		keys: { low: 'teclado muy alto', high: 'teclado muy bajo' },
		table: { low: 'mesa muy alta', high: 'mesa muy baja' },
		eye: { low: 'pantalla muy baja', high: 'pantalla muy alta' },
		knee: { low: 'asiento muy bajo', high: 'asiento muy alto para los pies' }
	},
	zone: {
		elbow: 'Buena altura para las manos',
		eye: 'Buena altura para el borde superior de la pantalla',
		knee: 'Buena altura para el asiento'
	},
	zoneLegend: 'Rayado: buena altura.',
	text: {
		oneKnee: (height) =>
			`De lado, a escala: una rodilla sobre un taburete de ${height} de alto, el otro pie en el suelo.`,
		intro: (posture) => `Su puesto visto de lado, ${posture === 'sitting' ? 'sentado' : 'de pie'}, a escala.`,
		heights: (list) => `Alturas sobre el suelo: ${list}.`,
		stack: (place, list, rise) => `${place}: ${list}, juntos ${rise}.`,
		nothingBuilt: 'No se añade nada.'
	},
	surface: 'mesa',
	screenTop: 'borde superior de la pantalla'
};
