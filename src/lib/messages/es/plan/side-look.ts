import type { Catalogue } from '../../shapes';

/** What to look for from the side once the plan is carried out. Facts: common practice. */
export const sideViewPointTexts: Catalogue['side'] = {
	title: 'Mirar de lado',
	link: 'Mirar de lado',
	lead: 'Pida ayuda a alguien, use un espejo o apoye el teléfono y haga una foto. Colóquese como al trabajar y compare.',
	right: 'Está bien',
	off: 'No está bien',
	toStep: (step) => `Volver al paso «${step}»`,
	noStep: 'No hay un paso para esto. Escriba a coordinación.',
	done: 'Todo está bien. Su puesto está listo.',
	offCount: (n) => (n === 1 ? 'Un punto por revisar.' : `${n} puntos por revisar.`),
	points: {
		'ear-over-shoulder': {
			name: 'Oreja sobre el hombro',
			look: 'Su oreja está sobre el hombro, no delante.'
		},
		'shoulder-over-hip': {
			name: 'Hombro sobre la cadera',
			look: 'Su hombro está sobre la cadera: no se inclina ni se hunde.'
		},
		'hip-against-knee': {
			name: 'Cadera y rodilla',
			look: 'Sus caderas están a la altura de las rodillas o algo más altas.'
		},
		'whole-foot': { name: 'Pie entero', look: 'Los dos pies se apoyan enteros, también los talones.' },
		'back-filled': {
			name: 'Espalda apoyada',
			look: 'No se ve hueco entre la parte baja de la espalda y el respaldo.'
		},
		'forearm-level': {
			name: 'Antebrazo horizontal',
			look: 'El brazo cuelga y el antebrazo está casi horizontal.'
		},
		'wrist-straight': {
			name: 'Muñeca recta',
			look: 'El dorso de la mano y el antebrazo forman una línea.'
		},
		'elbow-at-body': { name: 'Codo junto al cuerpo', look: 'Su codo está a su lado, no delante.' },
		'screen-top': {
			name: 'Borde superior de la pantalla',
			look: 'El borde superior de la imagen está a la altura de los ojos o algo más bajo.'
		},
		'arms-length': {
			name: 'Distancia a la pantalla',
			look: 'Está sentado hasta el fondo y su cabeza no se inclina hacia la pantalla.'
		}
	}
};

/** Questions not asked before the plan. */
export const skippedQuestionTexts: Catalogue['closer'] = {
	title: 'Más preguntas (opcional)',
	lead: 'Solo hemos preguntado lo que podía cambiar su plan. Si tiene tiempo, responda también a estas:',
	line: (page, minutes) => `${page}, unos ${minutes} min`
};

/** Usual sizes of what the plan uses. */
export const sizeCheckTexts: Catalogue['sizes'] = {
	title: 'Compruébelo antes de empezar',
	ask: (used, label, height) =>
		used > 1
			? `${used} × ${label} en una pila: ¿unos ${height} de alto?`
			: `${label}: ¿unos ${height} de alto?`,
	right: 'Sí, más o menos',
	other: (unit) => `No, mide (${unit})`,
	keep: 'Hacer el plan de nuevo con esto'
};
