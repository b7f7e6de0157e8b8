import type { Catalogue } from '../../shapes';
import { isOne } from '../platform/numbers';

/** Options: the best single change, the best two, and all of them. */
export const planOptionTexts: Catalogue['ladder'] = {
	title: 'Opciones con menos cambios',
	lead: 'Cada línea muestra lo máximo que se corrige con ese número de cambios.',
	things: {
		seat: 'asiento',
		surface: 'mesa',
		feet: 'un apoyo bajo los pies',
		keys: 'teclado y ratón',
		screen: 'pantalla'
	},
	thing: (name, by) => `${name} ${by}`,
	count: (n) => (isOne(n) ? 'Un cambio' : `${n} cambios`),
	suggested: 'nuestra propuesta',
	show: 'Ver este plan',
	isShown: 'Se muestra abajo',
	other: (n, isCloser) => (isCloser ? 'El más ajustado' : `Con otros objetos${n > 1 ? `, ${n}` : ''}`)
};

/** The page of a plan. */
export const planTexts: Catalogue['plan'] = {
	dayLink: 'Planificar las pausas del día',
	allDone: 'Todos los pasos están hechos. Ahora, muévase.',
	title: 'Su plan',
	act: {
		seat: (by, isUp) => (isUp ? `Suba el asiento ${by}` : `Baje el asiento ${by}`),
		surface: (by, isUp) => (isUp ? `Suba la mesa ${by}` : `Baje la mesa ${by}`),
		feet: (by) => `Ponga un apoyo de ${by} bajo los pies`,
		keys: (by) => `Suba el teclado ${by}`,
		screen: (by, isUp) => (isUp ? `Suba la pantalla ${by}` : `Baje la pantalla ${by}`),
		flat: 'Ponga el teclado plano',
		back: 'Apoye la parte baja de la espalda',
		mouse: 'Ponga el ratón al nivel del teclado',
		distance: (to) => `Ponga la pantalla a ${to} de sus ojos`,
		tilt: 'Incline la pantalla hacia atrás'
	},
	leadStep: (n) =>
		isOne(n)
			? 'Es el único cambio, con lo que tiene en casa.'
			: `Es uno de los ${n} pasos, empezando por el suelo, con lo que tiene en casa.`,
	leadFound: (name) => `${name}: esto va primero.`,
	titleMeasure: (what) => `Primero hay que medir: ${what}`,
	leadMeasure: 'Por ahora es una estimación. Cuando haya medido, haremos su plan de nuevo.',
	thenTitle: 'Después:',
	measureNow: 'Medir ahora',
	titleNone: 'No hace falta ningún cambio',
	titleAnotherSpot: 'Busque un sitio mejor para trabajar',
	leadAnotherSpot:
		'Con lo que tiene, este sitio no puede ir bien. Abajo ve lo mejor que se puede hacer aquí y qué buscar.',
	titleKeyboard: 'Pida un teclado y un ratón',
	leadKeyboard: (steps) =>
		[
			'Un portátil no puede ir bien a la vez a las manos y a los ojos. Nada le ayudará tanto.',
			steps === 0
				? ''
				: isOne(steps)
					? 'Mientras tanto, haga el paso de abajo.'
					: `Mientras tanto, haga los ${steps} pasos de abajo.`
		]
			.filter(Boolean)
			.join(' '),
	noNetwork:
		'No tiene conexión. Lo que marque y las alturas se guardan aquí. Lo que está en gris funcionará cuando tenga conexión.',
	leadNone: (measure) =>
		[
			'Sus alturas van bien, por lo que sabemos.',
			measure ? `Para saberlo mejor, mida: ${measure}.` : '',
			'Revíselo de nuevo si algo cambia: una silla, unas gafas, un dolor nuevo.'
		]
			.filter(Boolean)
			.join(' '),
	leadHeightsFit: 'No tiene que cambiar nada: sus alturas van bien, por lo que sabemos.',
	leadSoftSeat: 'Un sofá, una cama o el suelo no pueden ir bien. Abajo ve qué buscar.',
	titleHopeless: 'Nada de lo que tiene lo corrige por ahora',
	leadHopeless: 'Añada otros objetos o pida a coordinación lo que falta.',
	openNow: (list) => `Ahora: ${list}.`,
	stays: (list) => `Después de todos los pasos: ${list}.`,
	padShare: {
		pillow: (percent) => `una almohada conserva el ${percent} % de su grosor`,
		cushion: (percent) => `un cojín conserva el ${percent} % de su grosor`
	},
	padsExpected: (shares) => `Según lo que han medido otras personas, al sentarse encima ${shares}.`,
	stoodIn: (list) => `Sin medir, hemos usado tamaños habituales: ${list}.`,
	estimated: (list) => `Estimado según su estatura; mídalo si puede: ${list}.`,
	measureNext: (what) => `Lo siguiente que conviene medir: ${what}.`,
	isDone: 'Hecho',
	isOpen: 'Sin hacer',
	tick: 'Marque cada paso cuando esté hecho.',
	again: 'Comprobar las alturas',
	notHere: 'Aquí no es posible',
	notHereLead: '¿No está, hace falta en otro sitio o se tambalea? Haremos el plan de nuevo sin este objeto.',
	without: (label) => `Sin: ${label}`,
	withoutAny: {
		book: 'Sin libros',
		ream: 'Sin papel',
		binder: 'Sin archivadores',
		'board-game': 'Sin juegos de mesa',
		'sturdy-box': 'Sin cajas firmes',
		'light-box': 'Sin cajas ligeras',
		'step-stool': 'Sin escalón',
		pillow: 'Sin almohadas',
		cushion: 'Sin cojines',
		towel: 'Sin toallas',
		blanket: 'Sin mantas',
		bolster: 'Sin cojines cilíndricos'
	},
	leftOut: 'Dejado de lado:',
	putBack: (label) => `Usar de nuevo: ${label}`,
	takeAlong: 'Descargar mis datos',
	anotherLead: '¿Falta algo o se tambalea? Estos planes usan otros objetos.',
	planN: (n) => (n === 1 ? 'El mejor plan' : `Plan ${n}`),
	checksTitle: 'Sus alturas',
	print: 'Imprimir',
	correct: 'Corregir mis respuestas',
	isNew: 'Este es su nuevo plan.',
	sent: 'Coordinación tiene sus respuestas.',
	notSent: 'Coordinación tiene sus respuestas anteriores.',
	behind: 'Ha cambiado respuestas después de este plan.',
	renew: 'Enviar los cambios y hacer el plan de nuevo',
	firstStep: (place) => `${place}:`,
	sureTitle: 'Hasta qué punto es seguro',
	oldRules:
		'Ahora hacemos los planes con más cuidado. El suyo sigue siendo correcto; uno nuevo puede ser mejor. Los pasos hechos que sigan sirviendo quedan marcados.',
	newRules: 'Hacer el plan de nuevo',
	offline:
		'No tiene conexión, así que este dispositivo ha hecho su plan. Todo está guardado aquí y se enviará en cuanto tenga conexión.',
	solving: 'Preparando su plan …',
	withdraw: 'Retirar mis respuestas',
	alternatives: 'Planes',
	ticked: (n, of) => `${n} pasos hechos de ${of}`,
	kept: (list) => `Es un plan nuevo. Lo que hizo y sigue sirviendo queda marcado: ${list}.`,
	keptNone: 'Es un plan nuevo. Ningún paso anterior está en él sin cambios.',
	workOnThis: 'Usar este plan',
	workOnThisNote: 'Los pasos comunes siguen marcados.',
	workingOn: 'Usa este plan',
	doneTitle: 'Todo está hecho. Muy bien.',
	stepsDoneTitle: (n) =>
		isOne(n)
			? 'Todos los pasos están hechos. Queda un problema abajo.'
			: `Todos los pasos están hechos. Quedan ${n} problemas abajo.`,
	doneLead: 'Compruebe ahora las alturas: el acolchado se hunde y a una pila le puede faltar un libro.',
	askAgain: (day) => `Le preguntaremos de nuevo el ${day}. Lleva de dos a tres minutos.`,
	askedNow: 'Le hemos preguntado cómo va su puesto. Responder lleva de dos a tres minutos.',
	lookAgain: (day) => `Su próxima autoevaluación es el ${day}.`,
	tellNow: 'Responder al seguimiento',
	somethingNew: 'Algo ha cambiado',
	earlier: 'Planes anteriores',
	earlierOf: (day) => `Del ${day}`
};

/** What remains after a plan, and what would change it. */
export const openProblemTexts: Catalogue['open'] = {
	laptopTitle: 'Un portátil solo',
	laptop: (minutes) =>
		`Una pila no puede ir bien a la vez a las manos y a los ojos, así que hay tres posibilidades. Cambie como mucho a los ${minutes} minutos.`,
	withKeyboard: 'Con teclado y ratón',
	withKeyboardHow:
		'Prestado, sacado de un cajón o pedido: es lo que más ayuda. El portátil pasa a ser la pantalla.',
	typing: 'Para escribir',
	typingHow: 'Primero las manos: el portátil queda bajo. El plan de arriba es para esto.',
	reading: 'Para leer y para las llamadas',
	readingHow: 'Sin escribir. El asiento, los pies y la mesa quedan como para escribir.',
	arrived: 'Ya tengo un teclado y un ratón',
	nothingToBuild: 'No hace falta ningún cambio',
	buyTitle: 'Para pedir prestado o comprar',
	buyLead: 'Hemos comparado cada cosa con lo mejor que permiten sus objetos. Pida prestado antes de comprar.',
	buy: {
		'keyboard-and-mouse': 'Un teclado y un ratón aparte',
		footrest: 'Un reposapiés regulable',
		'foot-bar': 'Una barra o un aro para los pies',
		'seat-cushion': 'Un cojín de asiento firme',
		monitor: 'Una pantalla con pie regulable',
		chair: 'Una silla regulable en altura',
		'another-surface': 'Una mesa regulable en altura',
		headset: 'Unos auriculares con micrófono',
		'desk-lamp': 'Una lámpara de mesa',
		'paper-holder': 'Un atril para papeles',
		'vertical-mouse': 'Un ratón vertical o un panel táctil',
		'power-strip': 'Una regleta de cable más largo',
		'sit-stand-converter': 'Un soporte que sube teclado y pantalla para trabajar de pie'
	},
	both: (first, second) => `${first}. Y también: ${second}`,
	moreTitle: 'Más objetos de casa',
	more: (height) => `Otro objeto firme, de ${height} de alto`,
	moreHow: 'Libros, papel o una caja firme: pregunte a su alrededor antes de comprar.',
	closes: (list) => `Corrige: ${list}.`,
	change: (name, from, to) =>
		to === null
			? `${name}: correcto, en lugar de ${from} de diferencia`
			: `${name}: ${to} de diferencia en lugar de ${from}`,
	haveIt: 'Lo tiene en casa',
	atHome: {
		'keyboard-and-mouse': 'Los tiene en casa: conéctelos',
		monitor: 'Tiene una pantalla en casa: pruébela',
		'paper-holder': 'Su tableta puede sostener papeles derechos'
	},
	helpTitle: 'Lo que también ayudaría',
	ask: 'Pedir esto',
	asked: 'Pedido',
	tied: (regions, isFirst) =>
		`Puede estar relacionado con sus molestias (${regions})${isFirst ? ', y por eso va primero' : ''}.`,
	besidesTitle: 'Cambie también',
	tick: 'Marcar como hecho',
	ticked: 'Hecho',
	untick: 'Deshacer',
	refuse: 'Aquí no es posible',
	refused: 'Aquí no es posible',
	refusedHazard: 'Aquí no es posible. Coordinación lo ve, porque alguien puede hacerse daño.',
	moreFindings: (n) => (isOne(n) ? 'Uno más' : `${n} más`),
	closedTitle: 'El plan también corrige',
	caused: 'Su plan provoca esto, corríjalo después.',
	borrow: (list) => `Si no basta: ${list}.`,
	off: (length) => `por ${length}`,
	notProven: 'Había muchas combinaciones y hemos detenido la búsqueda. Quizá exista un plan mejor.',
	askNextTitle: 'Ayúdenos a encontrar la causa',
	askNext: 'Aún no ha respondido a estas preguntas, las más importantes para lo que le duele:',
	otherWaysTitle: 'Otras posibilidades',
	otherWaysLead: 'Pruebe una si el plan no le va bien.'
};

/** The height check: measuring what was built. */
export const remeasurementTexts: Catalogue['again'] = {
	title: 'Comprobación de las alturas',
	lead: 'Una almohada parece más gruesa de lo que es, y a una pila le puede faltar un libro. Mida lo que hay. Deje vacío lo que no haya medido.',
	fields: {
		seatUnder: 'Del suelo al asiento, cuando está sentado',
		feetOn: 'Del suelo a donde apoya los pies',
		surface: 'Del suelo al tablero de la mesa',
		keysOn: 'Del suelo a donde está el teclado',
		screenTop: 'Del suelo al borde superior de la imagen'
	},
	hints: {
		seatUnder: 'Siéntese como al trabajar y pida a alguien que lea la cinta por un lado.',
		feetOn: '0 si tiene los pies en el suelo.',
		surface: '',
		keysOn: 'La propia mesa si no está sobre otra cosa.',
		screenTop: ''
	},
	planned: (height) => `según el plan: ${height}`,
	keep: 'Guardar estos números',
	nothingTyped: 'Todavía no hay nada que guardar. Escriba al menos una altura que haya medido.',
	kept: 'Guardado. El dibujo muestra su puesto como acaba de medirlo.',
	keptHere: 'Guardado en este dispositivo. Lo enviaremos en cuanto tenga conexión.'
};

/** One person's workstations. */
export const spotTexts: Catalogue['spots'] = {
	title: 'Sus puestos',
	name: (n, posture) => `Puesto ${n}, ${posture === 'sitting' ? 'sentado' : 'de pie'}`,
	add: 'Añadir otro sitio donde trabaja',
	moving: (list) =>
		`Aquí cada objeto pertenece a un puesto. Va mejor si mueve estos en cada cambio: ${list}.`,
	move: 'Ver el plan moviendo objetos',
	stay: 'Ver el plan sin mover objetos'
};
