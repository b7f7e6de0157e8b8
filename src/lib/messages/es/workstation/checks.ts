import type { Catalogue } from '../../shapes';

export const heightCheckTexts: Catalogue['checks'] = {
	names: {
		knee: 'Rodillas',
		elbow: 'Codo',
		eye: 'Borde superior de la pantalla',
		thigh: 'Espacio para los muslos'
	},
	fits: 'va bien',
	unsure: 'aún no se sabe',
	atEdge: 'en el límite: está bien si se siente a gusto',
	about: (length) => `unos ${length}`,
	toBeSure: (name) => `aún no se sabe, falta medir: ${name}`,
	surer: (name) => `Para saberlo mejor, mida: ${name}.`,
	off: {
		knee: {
			low: (mm) => `asiento ${mm} demasiado bajo`,
			high: (mm) => `asiento ${mm} demasiado alto para los pies`
		},
		elbow: { low: (mm) => `teclado ${mm} demasiado alto`, high: (mm) => `teclado ${mm} demasiado bajo` },
		eye: { low: (mm) => `pantalla ${mm} demasiado baja`, high: (mm) => `pantalla ${mm} demasiado alta` },
		thigh: { low: (mm) => `faltan ${mm} de espacio`, high: (mm) => `${mm} más de lo necesario` }
	},
	was: 'antes',
	worse: 'peor',
	verdicts: { fits: 'va bien', unsure: 'aún no se sabe', off: 'problema' },
	likely: (words) => `quizá ${words}`,
	markText: (name, words, value, band) => `${name}: ${words}. Valor ${value}, bien ${band}.`,
	band: (low, high) => (high === null ? `a partir de ${low}` : `de ${low} a ${high}`)
};

export const measurableLengthTexts: Catalogue['measurable'] = {
	popliteal: 'del suelo a la corva',
	sittingElbow: 'del asiento al codo',
	sittingEye: 'del asiento al ojo',
	thigh: 'grosor del muslo',
	buttockPopliteal: 'del respaldo a la corva',
	standingElbow: 'del suelo al codo, de pie',
	standingEye: 'del suelo al ojo, de pie',
	seat: 'altura del asiento',
	surface: 'altura de la mesa',
	thickness: 'grosor de la mesa'
};
