import { PROMISED_MINUTES } from '$lib/core/questionnaire/promise';
import type { Catalogue } from '../../shapes';
import { cityNames } from '../platform/cities';

export const pageTexts: Catalogue['pages'] = {
	first: {
		short: 'Primero',
		title: 'Antes de nada',
		lead: 'Algunas señales piden un médico, no un cuestionario. ¿Ha tenido alguna en los últimos días?'
	},
	you: { short: 'Usted', title: 'Usted', lead: 'Para comparar las alturas de sus muebles con las suyas.' },
	spot: {
		short: 'Sitio',
		title: 'El sitio y su mesa',
		lead: 'Donde más trabaja y la superficie que hay allí. Una encimera o una cómoda también cuentan.'
	},
	feet: {
		short: 'Pies',
		title: 'Pies y asiento',
		lead: 'Cada altura descansa sobre la de debajo, por eso empezamos por el suelo.'
	},
	back: {
		short: 'Espalda',
		title: 'Espalda y hombros',
		lead: 'Cómo se sienta o está de pie, y qué apoya su espalda.'
	},
	hands: {
		short: 'Manos',
		title: 'Codos y teclado',
		lead: 'Si solo mide una cosa, mida el codo. Es lo que más nos dice.'
	},
	mouse: {
		short: 'Ratón',
		title: 'El ratón',
		lead: 'Al lado del teclado y al mismo nivel, con el codo junto al cuerpo.'
	},
	screen: {
		short: 'Pantalla',
		title: 'La pantalla',
		lead: 'Su altura respecto a sus ojos; después, su distancia y su orientación.'
	},
	light: {
		short: 'Luz',
		title: 'Luz, papeles y teléfono',
		lead: 'La luz, los papeles y las llamadas afectan a sus ojos y a su cuello.'
	},
	safety: { short: 'Seguridad', title: 'Seguridad', lead: 'Un vistazo debajo de la mesa.' },
	second: {
		short: 'Moverse',
		title: 'Una segunda postura, y moverse',
		lead: 'Ninguna postura es buena mucho tiempo, ni con un buen puesto.'
	},
	discomfort: {
		short: 'Cuerpo',
		title: 'Sus molestias',
		lead: 'En los últimos siete días. Toque la figura o use la lista. Si no le duele nada, siga.'
	},
	house: {
		short: 'Casa',
		title: 'Lo que tiene en casa',
		lead: 'Objetos firmes para poner bajo la pantalla, el teclado y los pies; objetos blandos para el asiento. Deje lo que hace falta en otro sitio.'
	}
};

export const redFlagTexts: Catalogue['first'] = {
	emergencyTitle: 'Señales de emergencia',
	emergencyLead: 'En los últimos días. Si es ahora, llame a emergencias.',
	urgentTitle: 'En los últimos días: señales para un médico hoy',
	urgentLead: '',
	distressTitle: 'Sobre usted',
	distressLead: 'Si es así, le decimos dónde encontrar ayuda.',
	professionalTitle: 'En los últimos días: señales para un médico',
	professionalLead: '',
	none: 'Ninguna de estas señales',
	noneDone: 'Ninguna de estas señales: anotado',
	noneOfOthers: 'Ninguna de las demás',
	noneOfOthersDone: 'Ninguna de las demás: anotado',
	missing: 'Responda a cada línea o toque «Ninguna de estas señales».',
	yes: 'Sí',
	no: 'No',
	signs: {
		'chest-pain': 'Dolor o presión en el pecho, o dolor hacia el brazo o la mandíbula',
		'sudden-breathlessness': 'Dificultad repentina para respirar',
		'sudden-one-sided-weakness':
			'Debilidad o entumecimiento repentino de un lado, cara caída, dificultad para hablar',
		'sudden-worst-headache': 'Dolor de cabeza repentino, el peor de su vida, o con fiebre y rigidez de nuca',
		'sudden-loss-of-sight': 'Pérdida repentina de la vista o visión doble',
		'saddle-numbness':
			'Dolor de espalda con entumecimiento entre las piernas, dificultad para orinar o para aguantarse, o las dos piernas débiles o entumecidas',
		'thoughts-of-ending-life': '¿Ha pensado en quitarse la vida?',
		'new-weakness': 'Debilidad nueva: se le caen cosas o arrastra un pie',
		'one-calf-swollen': 'Una pantorrilla hinchada, caliente y dolorida',
		'back-pain-with-fever': 'Dolor de espalda con fiebre, pérdida de peso sin motivo o después de un cáncer',
		'clumsy-hands': 'Manos que se han vuelto torpes o pasos inestables',
		'wakes-at-night': 'Entumecimiento u hormigueo que le despierta',
		'numbness-stays': 'Entumecimiento u hormigueo que persiste',
		'runs-down-a-limb': 'Dolor que baja por un brazo o una pierna',
		'does-not-ease': 'Dolor que no disminuye a pesar de los cambios',
		'after-injury': 'Dolor después de una caída, un golpe o una lesión',
		'worst-at-night': 'Dolor de espalda peor de noche en la cama'
	},
	today: {
		title: 'Consulte a un médico hoy',
		lead: 'Usted ha indicado:',
		weakness: 'debilidad donde tiene molestias',
		does: (number) =>
			`Llame hoy a su médico o a un servicio de guardia. Si empeora rápido, llame al ${number} o a su número de emergencias local. Hasta que opine un médico, no levante nada pesado y no haga ejercicios.`
	},
	coordinatorKnows:
		'Coordinación conoce la señal de alarma que ha indicado. Consulte a un médico. Los pasos fáciles son posibles, pero nada que duela o pida fuerza.',
	stopTitle: 'Pare y llame a emergencias.',
	call: (number) => `Llamar al ${number}`,
	callElsewhere:
		'O llame a su número de emergencias local. En el extranjero, es el número del país donde está. El 112 funciona desde la mayoría de los móviles.'
};

/** What exercises and advice take into account. */
export const precautionTexts: Catalogue['care'] = {
	question: '¿Embarazo, operación, mareos, articulaciones muy flexibles, un brazo?',
	why: 'Opcional: los ejercicios y los consejos lo tienen en cuenta.',
	options: {
		pregnant: 'Embarazo',
		'recent-surgery': 'Operación reciente',
		dizzy: 'Mareos',
		hypermobile: 'Articulaciones muy flexibles'
	},
	arms: { 'right-only': 'Solo mi brazo derecho', 'left-only': 'Solo mi brazo izquierdo' }
};

export const fieldTexts: Catalogue['fields'] = {
	unit: 'Longitudes en',
	stature: 'Su estatura sin zapatos',
	handSpan: 'Su palmo',
	heel: 'Suela de los zapatos al trabajar',
	sex: 'Proporciones para las estimaciones',
	hand: 'Mano que escribe',
	pointer: 'Mano del ratón',
	lenses: 'Gafas para la pantalla',
	back: '¿Qué movimiento alivia su espalda?',
	wrists: '¿Cómo están sus muñecas?',
	arms: 'Brazos',
	drawnAs: 'Cómo le muestra el dibujo',
	posture: 'En este sitio, usted está',
	by: 'Cómo mide los muebles',
	surfaceHeight: 'Del suelo al tablero de la mesa',
	surfaceThickness: 'Grosor del borde de la mesa',
	surfaceDepth: 'Fondo, de delante a atrás',
	surfaceKind: '¿Sobre qué trabaja?',
	surfaceMoves: '¿Se puede regular en altura?',
	surfaceLow: 'Tablero en lo más bajo',
	surfaceHigh: 'Tablero en lo más alto',
	seatHeight: 'Del suelo a la parte superior del asiento vacío',
	seatKind: '¿En qué se sienta?',
	seatGive: 'Cuánto se hunde cuando se sienta',
	seatDepth: 'Fondo, del borde delantero al respaldo',
	seatMoves: '¿Se puede regular en altura?',
	seatLow: 'Asiento en lo más bajo',
	seatHigh: 'Asiento en lo más alto',
	backrest: '¿Tiene respaldo?',
	lumbar: '¿Llena el respaldo el hueco de la parte baja de la espalda?',
	armrest: '¿Reposabrazos?',
	armrestHeight: 'Reposabrazos por encima del asiento',
	castors: '¿Con ruedas?',
	footBar: '¿Hay una barra o un aro para los pies?',
	footBarHeight: 'Del suelo a la parte superior de la barra',
	tray: '¿Está el teclado en una bandeja bajo la mesa?',
	trayHeight: 'Del suelo a la parte superior de la bandeja',
	trayThickness: 'Grosor de la bandeja',
	bodyBy: 'Cómo se mide usted',
	popliteal: 'Del suelo a la corva',
	thigh: 'Del asiento a la parte superior del muslo',
	sittingElbow: 'Del asiento a la parte inferior del codo',
	sittingEye: 'Del asiento al rabillo del ojo',
	buttockPopliteal: 'Del respaldo a la corva',
	standingElbow: 'Del suelo a la parte inferior del codo',
	standingEye: 'Del suelo al rabillo del ojo',
	screenKind: 'Usted mira',
	topAboveBase: 'Borde superior de la imagen sobre su base',
	visibleHeight: 'Altura de la imagen',
	baseLong: 'Su pie, de izquierda a derecha',
	baseShort: 'Su pie, de delante a atrás',
	screenSize: 'Su tamaño, de esquina a esquina',
	screenMoves: '¿Se puede regular la pantalla en altura?',
	hurts: '¿Le duele algo?',
	hasThings: '¿Puede prestar objetos de casa?',
	route: 'Extensión del cuestionario',
	screenLow: 'Borde superior de la imagen en lo más bajo',
	screenHigh: 'Borde superior de la imagen en lo más alto',
	distance: 'De los ojos a la pantalla',
	keysKind: 'Usted escribe en',
	homeRow: 'Altura del teclado sobre la mesa',
	keysLong: 'Teclado, de izquierda a derecha',
	keysShort: 'Teclado, de delante a atrás',
	mouse: 'Usted señala con',
	letterSize: '¿Cuál de estas letras es tan alta como en su texto habitual?',
	city: '¿Cuál de estas ciudades está más cerca?',
	windowFaces: '¿Hacia dónde da la ventana?'
};

export const hintTexts: Catalogue['hints'] = {
	stature: '',
	drawnAs: 'Solo cambia el dibujo.',
	seatHeight: 'Mida cuando no haya nadie sentado.',
	letterSize:
		'Ponga el teléfono junto a la pantalla. Ajuste su escala una vez en «¿Sin cinta métrica?» para ver las letras a su tamaño.',
	city: 'Solo para calcular dónde está el sol. Puede omitirlo.',
	windowFaces: 'La brújula de un teléfono lo indica.',
	sex: 'Solo lo usamos para estimar lo que usted no mida.',
	surfaceHeight: 'En vertical desde la parte superior, por delante.',
	surfaceThickness: 'Con el travesaño o el cajón donde están sus piernas.',
	seatDepth: '',
	popliteal: 'Siéntese descalzo y con los pies planos. Mida del suelo al pliegue detrás de la rodilla.',
	thigh: 'Siéntese erguido en algo duro. Mida del asiento al punto más alto del muslo.',
	sittingElbow:
		'Hombros bajos, brazo colgando, antebrazo horizontal. Mida del asiento hundido a la parte inferior del codo.',
	sittingEye:
		'Siéntese erguido y mire al frente. Mida del asiento a un libro puesto plano a la altura del ojo.',
	buttockPopliteal: 'Siéntese hasta el fondo. Mida del respaldo al pliegue detrás de la rodilla.',
	standingElbow: 'De pie y descalzo, brazo colgando, antebrazo horizontal.',
	standingEye: 'De pie, erguido y descalzo, mirando al frente.',
	topAboveBase: 'Abra el portátil como siempre. Mida de la mesa al borde superior de la imagen.',
	baseLong: 'En un portátil, el propio portátil.',
	distance: 'Como se sienta normalmente.',
	homeRow: 'Hasta la fila de teclas del medio.',
	bodyBy: 'Es más fácil entre dos.'
};

/** How much a self-assessment asks. */
export const questionnaireModeTexts: Catalogue['routes'] = {
	short: `Corto: lo que puede cambiar el resultado, unos ${PROMISED_MINUTES.short} minutos`,
	complete: `Completo: todo, unos ${PROMISED_MINUTES.complete} minutos`
};

/** Labels of the usual lengths to tap. */
export const pickTexts: Catalogue['picks'] = {
	heel: ['Descalzo o calcetines', 'Zapatillas de casa', 'Zapatos', 'Suelas gruesas'],
	seatGive: ['Duro: nada', 'Firme: un dedo', 'Blando: dos dedos', 'Muy blando: un puño'],
	surfaceThickness: null
};

const MEASURING = {
	tape: 'Cinta métrica',
	'paper-ruler': 'Regla de papel',
	'a4-sheets': 'Hojas A4',
	'hand-span': 'Palmo',
	guess: 'A ojo'
} as const;

export const optionTexts: Catalogue['options'] = {
	unit: { cm: 'centímetros', in: 'pulgadas', mm: 'milímetros' },
	sex: { unstated: 'Media de los dos', female: 'Mujeres', male: 'Hombres' },
	hand: { right: 'Derecha', left: 'Izquierda' },
	pointer: { same: 'La misma mano', right: 'Derecha', left: 'Izquierda' },
	lenses: {
		none: 'Ninguna',
		'single-vision': 'Monofocales',
		bifocal: 'Bifocales',
		progressive: 'Progresivas',
		trifocal: 'Trifocales o de media distancia'
	},
	back: {
		any: 'Nada en especial',
		'eased-by-arching': 'Arquear hacia atrás',
		'eased-by-rounding': 'Redondear hacia delante'
	},
	arms: { both: 'Los dos', 'right-only': 'Solo el derecho', 'left-only': 'Solo el izquierdo' },
	wrists: { well: 'Bien', troubled: 'Doloridas o sensibles' },
	drawnAs: {
		standard: 'En una silla, o de pie',
		wheelchair: 'En silla de ruedas',
		'without-near-arm': 'Sin el brazo de delante',
		'without-near-leg': 'Sin la pierna de delante'
	},
	posture: { sitting: 'Sentado', standing: 'De pie' },
	by: MEASURING,
	bodyBy: MEASURING,
	surfaceKind: {
		table: 'Una mesa',
		desk: 'Un escritorio',
		worktop: 'Una encimera',
		'ironing-board': 'Una tabla de planchar',
		'coffee-table': 'Una mesa baja'
	},
	surfaceMoves: { no: 'No', yes: 'Sí' },
	seatKind: {
		chair: 'Una silla',
		stool: 'Un taburete o un banco',
		ball: 'Una pelota',
		wheelchair: 'Mi silla de ruedas',
		sofa: 'Un sofá o un sillón',
		bed: 'Una cama',
		saddle: 'Un asiento tipo silla de montar',
		kneeling: 'Una silla de rodillas',
		floor: 'El suelo'
	},
	seatMoves: { no: 'No', yes: 'Sí' },
	backrest: { yes: 'Sí', no: 'No' },
	lumbar: { no: 'No', yes: 'Sí' },
	armrest: { no: 'No', yes: 'Sí' },
	castors: { no: 'No', yes: 'Sí' },
	footBar: { no: 'No', yes: 'Sí' },
	tray: { no: 'No', yes: 'Sí' },
	screenKind: { laptop: 'Un ordenador portátil', monitor: 'Una pantalla aparte' },
	hurts: { yes: 'Sí', no: 'No' },
	hasThings: { yes: 'Sí', no: 'No' },
	route: { short: 'Corto', complete: 'Completo' },
	screenSize: {
		'not-known': 'No lo sé',
		'13': '13 pulgadas',
		'14': '14 pulgadas',
		'16': '15 a 16 pulgadas',
		'17': '17 pulgadas',
		'22': '22 pulgadas',
		'24': '24 pulgadas',
		'27': '27 pulgadas',
		'32': '32 pulgadas o más'
	},
	screenMoves: { no: 'No', yes: 'Sí' },
	keysKind: { separate: 'Un teclado aparte', 'built-in': 'El teclado del portátil' },
	mouse: { separate: 'Un ratón', touchpad: 'Un panel táctil' },
	letterSize: {
		'not-known': 'No lo sé',
		'1.2': '1,2 mm',
		'1.5': '1,5 mm',
		'1.8': '1,8 mm',
		'2.1': '2,1 mm',
		'2.5': '2,5 mm',
		'3': '3 mm',
		'3.5': '3,5 mm',
		'4': '4 mm',
		'5': '5 mm'
	},
	windowFaces: {
		'not-known': 'No lo sé',
		n: 'Norte',
		ne: 'Noreste',
		e: 'Este',
		se: 'Sureste',
		s: 'Sur',
		sw: 'Suroeste',
		w: 'Oeste',
		nw: 'Noroeste'
	},
	city: cityNames
};

export const issueTexts: Catalogue['issues'] = {
	missing: 'Rellene esto, por favor.',
	cant: 'Ahora no puedo medirlo',
	standsIn: (length) =>
		`Entonces usaremos un valor habitual (${length}) y diremos que todo lo que dependa de él es incierto.`,
	'not-a-length': (example) => `No podemos leer esta longitud. Escriba, por ejemplo, ${example}.`,
	negative: 'Una longitud no puede ser menor que cero.',
	range: (low, high) => `El valor debería estar entre ${low} y ${high}.`,
	meant: (read, meant) => `Leemos ${read}. ¿Quería decir ${meant}?`,
	use: (meant) => `Usar ${meant}`,
	'range-order': 'Lo más alto es menor que lo más bajo. Revise los dos.',
	'outside-range': 'La altura actual está fuera de lo más bajo y lo más alto. Mida los tres de nuevo.',
	'not-a-count': (most) => `Escriba un número entero de 0 a ${most}.`,
	unusual: (read) => `${read} es poco habitual. Si es correcto, siga.`,
	estimate: (length, sd) => `Estimado ${length}, con un margen de ${sd}`
};

export const thingTexts: Catalogue['things'] = {
	names: {
		book: 'Libro de tapa dura',
		ream: 'Paquete de papel',
		binder: 'Archivador',
		'board-game': 'Juego de mesa',
		'sturdy-box': 'Caja firme',
		'light-box': 'Caja ligera',
		'step-stool': 'Escalón',
		pillow: 'Almohada',
		cushion: 'Cojín',
		towel: 'Toalla',
		blanket: 'Manta',
		bolster: 'Cojín cilíndrico'
	},
	notes: {
		'sturdy-box': 'No debe ceder cuando la aprieta.',
		'light-box':
			'Una caja de zapatos o de un paquete cede: solo para papeles, nunca bajo la pantalla, el teclado o los pies.',
		'step-stool': 'Largo, ancho y alto en el suelo.',
		towel: 'Largo, ancho y grosor de una capa.',
		blanket: 'Largo, ancho y grosor de una capa.',
		pillow: 'Solo para el asiento o la espalda.',
		cushion: 'Solo para el asiento o la espalda.',
		binder: 'Inclina un teclado; nunca en una pila.'
	},
	devices: '¿Tiene en casa alguno de estos aparatos sin usar?',
	deviceNames: {
		keyboard: 'Teclado',
		mouse: 'Ratón',
		screen: 'Pantalla',
		television: 'Televisor',
		tablet: 'Tableta',
		headset: 'Auriculares con micrófono'
	},
	shelf: '¿Qué puede prestar de casa?',
	more: 'Más objetos',
	sizes: 'Nombre y tamaño',
	nothing: 'Nada que prestar',
	add: (name) => `Añadir: ${name}`,
	label: 'Cómo lo llama',
	count: 'Cuántos',
	sides: { a: 'Largo', b: 'Ancho', c: 'Alto' },
	remove: (name) => `Quitar: ${name}`,
	pile: '¿Cuánto mide la pila de alto, más o menos?',
	none: 'Toque lo que tiene.'
};
