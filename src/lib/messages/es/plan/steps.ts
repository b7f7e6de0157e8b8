import type { Catalogue } from '../../shapes';

/** The steps of a plan: what to do, and how to see that it has worked. */
export const stepTexts: Catalogue['steps'] = {
	places: {
		surface: 'Mesa',
		seat: 'Asiento',
		feet: 'Pies',
		back: 'Espalda',
		keys: 'Teclado',
		mouse: 'Ratón',
		screen: 'Pantalla',
		distance: 'Distancia',
		tilt: 'Inclinación'
	},
	folded: (label, layers) => `${label}, en ${layers} capas`,
	face: (label, height) => `${label}, puesto de modo que mida ${height} de alto`,
	rolled: (label, roll) => {
		const folded = ['', 'doblado en dos, luego ', 'doblado en cuatro, luego '][roll.folds] ?? '';
		return `${label}, ${folded}enrollado a lo largo de ${roll.length} en un rollo de ${roll.diameter} de grosor, atado`;
	},
	bottomUp: (list) => `De abajo arriba: ${list}.`,
	set: {
		surface: (h) => `Ponga el tablero a ${h} del suelo.`,
		seat: (h) => `Ponga el asiento vacío a ${h} del suelo.`,
		screen: (h) => `Ponga el borde superior de la imagen a ${h} del suelo.`,
		distance: (h) => `Mueva la pantalla hasta que el centro de la imagen esté a ${h} de sus ojos.`
	},
	seatPads: 'Póngalos planos para que cubran todo el asiento.',
	feet: 'Empújelo hasta donde apoya los pies, con los dos pies planos encima.',
	back: {
		hollow: 'En el hueco de la parte baja de la espalda, justo por encima del cinturón.',
		behind: 'Plano detrás de toda la espalda.'
	},
	keysFlat: 'Cerca de usted y plano, con las patas traseras plegadas.',
	keysStack: 'Ponga el teclado encima, con las patas traseras plegadas.',
	keysBack: 'Aleje el teclado hasta que la mesa sostenga sus antebrazos, del codo a la muñeca.',
	mouse: 'Ponga el ratón encima, al lado del teclado y al mismo nivel.',
	screenOn: 'Ponga la pantalla encima.',
	tilt: 'Incline la imagen de 10 a 20° hacia atrás, hasta que mire hacia sus ojos.',
	target: {
		surface: (h) => `El tablero queda entonces a ${h}.`,
		seat: (h) => `Cuando está sentado, queda a ${h}.`,
		feet: (h) => `Sus pies quedan entonces a ${h} del suelo.`,
		keys: (h) => `El teclado queda entonces a ${h}.`,
		screen: (h) => `El borde superior de la imagen queda entonces a ${h}.`
	},
	check: {
		forearmsLevel:
			'Hombros bajos, brazos colgando: sus antebrazos están horizontales, con las manos en el teclado.',
		forearmsSloping: 'Hombros bajos, brazos colgando: sus antebrazos bajan un poco hacia el teclado.',
		forearmsCarried: 'Hombros bajos: la mesa sostiene sus antebrazos del codo a la muñeca.',
		kneesLower: 'Todo el pie está apoyado. El agua derramada sobre sus muslos correría hacia las rodillas.',
		kneesHigher: 'Todo el pie está apoyado, las rodillas algo más altas que las caderas.',
		hollow: 'Lo nota sin que le empuje hacia delante.',
		behind: 'El borde del asiento no toca sus rodillas y la espalda puede redondearse.',
		wrists: 'Las manos siguen la línea de los antebrazos, ni hacia arriba ni hacia abajo.',
		mouse: 'Está al nivel del teclado y su codo queda junto al cuerpo.',
		topEdge: 'Al mirar al frente, su mirada toca el borde superior de la imagen o pasa justo por encima.',
		lookOver: (mm) =>
			`Al mirar al frente, ve por encima de la pantalla: su borde está unos ${mm} por debajo de sus ojos. Lee sin levantar la barbilla.`,
		distance: 'Sentado hasta el fondo, lee su texto más pequeño sin inclinarse.',
		tilt: 'Ponga un espejo plano contra la pantalla: ve sus propios ojos.'
	},
	cautions: {
		'push-before-use':
			'Empuje la pila con la mano antes de poner algo encima. Si se mueve, hágala más ancha, no más alta. Nada frágil en ella.',
		'nobody-stands-on-it': 'Solo para apoyar los pies. No se suba nunca encima.',
		'pads-rock':
			'Un acolchado grueso puede balancearse. Si no está estable, quite lo de arriba y mida de nuevo.',
		'castors-roll': 'Esta silla tiene ruedas: siéntese despacio una vez acolchada.',
		'laptop-vents': 'Deje libre la ventilación del portátil: nada blando debajo ni encima.',
		'half-hour-spells':
			'Un portátil no puede ir bien a la vez a las manos y a los ojos. Trabaje aquí 30 minutos como mucho y muévase.',
		'hand-over-thigh':
			'Las alturas son estimadas, así que fíese de lo que nota: pare mientras una mano plana pase sobre el muslo.',
		'chin-down': 'Si todavía levanta la barbilla para leer, baje la pantalla o hable con su óptico.'
	}
};

/** Sitting styles; where experts differ, each is one view. */
export const sittingStyleNames: Catalogue['ways'] = {
	upright: {
		name: 'Erguido: codos más o menos en ángulo recto',
		why: 'Las normas y la mayoría de los especialistas coinciden, y va bien con mesas fijas.'
	},
	open: {
		name: 'Abierto: codos y rodillas más abiertos que un ángulo recto',
		why: 'Facilita la circulación y alivia los nervios, y pide una mesa baja o el regazo.'
	},
	'forearms-down': {
		name: 'Antebrazos sobre la mesa',
		why: 'El teclado está más lejos y la mesa sostiene los brazos.'
	},
	active: {
		name: 'Activo: en la parte delantera del asiento, caderas bastante más altas que las rodillas',
		why: 'La espalda está libre. Es para ratos cortos, no para todo el día.'
	}
};

/** The sitting style that a plan was made for. */
export const sittingStyleSentence: Catalogue['wayOf'] = (name, why) =>
	`Este plan está hecho para una forma de sentarse. ${name}. ${why} Los especialistas no coinciden.`;
