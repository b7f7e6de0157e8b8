import type { Catalogue } from '../../shapes';

export const discomfortTexts: Catalogue['discomfort'] = {
	question: '¿Dónde ha tenido molestias en los últimos siete días?',
	nothing: 'No me duele nada',
	list: 'Elegir de una lista',
	figure: 'Figura de frente y de espaldas. La lista de al lado tiene las mismas zonas del cuerpo.',
	front: 'de frente',
	back: 'de espaldas',
	places: {
		head: 'Cabeza',
		eyes: 'Ojos',
		neck: 'Cuello',
		shoulder: 'Hombro',
		'upper-back': 'Parte alta de la espalda',
		elbow: 'Codo',
		'wrist-hand': 'Muñeca o mano',
		'low-back': 'Parte baja de la espalda',
		'hip-thigh': 'Cadera o muslo',
		knee: 'Rodilla',
		'ankle-foot': 'Tobillo o pie'
	},
	placesWithin: {
		head: 'cabeza',
		eyes: 'ojos',
		neck: 'cuello',
		shoulder: 'hombro',
		'upper-back': 'parte alta de la espalda',
		elbow: 'codo',
		'wrist-hand': 'muñeca o mano',
		'low-back': 'parte baja de la espalda',
		'hip-thigh': 'cadera o muslo',
		knee: 'rodilla',
		'ankle-foot': 'tobillo o pie'
	},
	bothSides: (name) => `${name}, los dos lados`,
	sided: (name, side) => `${name}, lado ${side === 'left' ? 'izquierdo' : 'derecho'}`,
	worst: 'En el peor momento',
	worstEnds: '0: nada, 10: lo peor que pueda imaginar',
	days: '¿Cuántos días de los siete?',
	hinders: '¿Le molesta en el trabajo?',
	hindersOptions: { no: 'No', 'a-little': 'Un poco', much: 'Mucho' },
	kinds: '¿Qué nota?',
	kindOptions: {
		ache: 'Dolor sordo',
		pain: 'Dolor agudo',
		stiffness: 'Rigidez',
		'tingling-or-numbness': 'Hormigueo o entumecimiento',
		weakness: 'Debilidad',
		'tired-or-dry-eyes': 'Ojos cansados o secos'
	},
	parts: '¿Dónde exactamente?',
	partOptions: { thumb: 'El pulgar', 'outer-side': 'El lado exterior' },
	none: 'nada',
	level: (worst) => `${worst} de 10`,
	daysMissing: '¿Cuántos días?',
	care: 'A partir de 7 de 10, o si el entumecimiento, el hormigueo o la debilidad persisten, consulte a un médico. Esto es una orientación, no un diagnóstico.'
};
