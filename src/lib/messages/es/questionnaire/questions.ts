import { AT_STANDING_SPOT, SITS_FULLY_BACK } from '$lib/core/plan/conditions/fact-groups';
import type { ChecklistTexts } from '../../shapes';

/** Names of the sections. */
export const stationNames: ChecklistTexts['stations'] = {
	spot: 'El sitio',
	feet: 'Pies y asiento',
	back: 'Espalda y hombros',
	hands: 'Codos, teclado y muñecas',
	mouse: 'Ratón',
	screen: 'Pantalla',
	light: 'Luz y papeles',
	sound: 'Sonido y teléfono',
	safety: 'Seguridad',
	second: 'Una segunda postura',
	moving: 'Moverse'
};

const YES_NO = { yes: 'Sí', no: 'No' } as const;
const DAYLIGHT =
	'La luz de un lado es agradable para los ojos. De frente deslumbra; de espaldas se refleja en la pantalla.';
const SIZE_UP = 'Si no puede leer a un brazo de distancia, agrande el texto. No se incline.';
const NEXT_POSITION = 'La mejor postura es la siguiente.';
const STANDING_STILL = 'Estar mucho tiempo de pie sin moverse es tan malo como estar sentado.';

/** The questions of the checklist, of every version. Facts: common practice. */
export const questionTexts: ChecklistTexts['items'] = {
	place: {
		question: '¿Dónde trabaja más?',
		why: 'En una cama o un sofá, las piernas están planas, la espalda se redondea y el cuello se dobla. Ningún cojín lo cambia.',
		look: 'Piense en el sitio donde pasa más horas, no en el mejor.',
		answers: {
			table: 'En una mesa o un escritorio',
			worktop: 'En una encimera o una barra',
			'bed-or-sofa': 'En la cama o en el sofá',
			wherever: 'Donde haya sitio'
		}
	},
	'work-surface': {
		question: '¿Sobre qué trabaja?',
		why: 'Un sitio propio se prepara una vez y se queda así.',
		look: 'Piense en el sitio donde pasa más horas, no en el mejor.',
		answers: {
			table: 'Una mesa o un escritorio',
			worktop: 'Una encimera o una barra',
			'low-table': 'Una mesa baja',
			lap: 'Mi regazo',
			'no-fixed-place': 'Donde haya sitio'
		}
	},
	walkway: {
		question: '¿Pasa gente por detrás de usted o sobre sus cables?',
		why: 'La gente detrás crea tensión. Un cable en el paso hace tropezar.',
		look: 'Imagine la habitación a la hora con más movimiento.',
		answers: { 'out-of-the-way': 'No', 'people-pass': 'Sí, a menudo' }
	},
	socket: {
		question: '¿Hay un enchufe de pared a mano?',
		why: 'Los cables largos hacen tropezar.',
		look: 'Siga el cable de su cargador hasta la pared.',
		answers: { 'in-reach': 'Sí', 'across-the-room': 'No' }
	},
	quiet: {
		question: '¿Hay bastante silencio para pensar?',
		why: 'El ruido hace tensar el cuello y apretar la mandíbula.',
		look: 'Escuche durante un minuto.',
		answers: { quiet: 'Casi siempre', 'often-disturbed': 'A menudo no' }
	},
	window: {
		question: '¿Dónde está la ventana cuando mira la pantalla?',
		why: DAYLIGHT,
		look: 'Colóquese como al trabajar y señale la ventana con más luz.',
		answers: { side: 'A un lado', none: 'No hay', ahead: 'Delante de mí', behind: 'Detrás de mí' }
	},
	'window-clock': {
		question: 'Si las 12 es justo delante, ¿dónde está la ventana con más luz?',
		why: DAYLIGHT,
		look: 'Mire la pantalla e imagine un reloj puesto sobre la mesa.',
		answers: {
			none: 'Sin ventana',
			'at-12': '12, justo delante',
			'at-1': '1',
			'at-2': '2',
			'at-3': '3, a mi derecha',
			'at-4': '4',
			'at-5': '5',
			'at-6': '6, detrás de mí',
			'at-7': '7',
			'at-8': '8',
			'at-9': '9, a mi izquierda',
			'at-10': '10',
			'at-11': '11'
		}
	},
	sun: {
		question: '¿Llega el sol a su cara o a la pantalla a alguna hora?',
		why: 'Una hora de sol en la pantalla es una hora de entornar los ojos.',
		look: 'El sol bajo del invierno es el que más entra.',
		answers: { never: 'Nunca', 'at-some-hour': 'A alguna hora' }
	},
	chair: {
		question: '¿En qué se sienta?',
		why: 'Una espalda sin apoyo se cansa. Una pelota sirve una hora, no un día.',
		look: '',
		answers: { chair: 'Una silla con respaldo', stool: 'Un taburete o un banco', ball: 'Una pelota' }
	},
	'whole-foot': {
		question: '¿Está apoyado todo el pie?',
		why: 'Los pies que cuelgan tiran de los muslos y de la parte baja de la espalda.',
		look: [
			{
				holds: SITS_FULLY_BACK,
				text: 'Siéntese hasta el fondo, con los zapatos de trabajo. ¿Tocan los dos talones sin estirar las piernas?'
			},
			{
				holds: {},
				text: 'Siéntese como al trabajar, con los zapatos de trabajo. ¿Tocan los dos talones sin estirar las piernas?'
			}
		],
		answers: {
			'both-flat': 'Los dos pies planos',
			'toes-only': 'Solo los dedos',
			hanging: 'Cuelgan'
		}
	},
	footplates: {
		question: '¿Se quedan sus pies en los reposapiés mientras trabaja?',
		why: 'Los pies que se salen tiran de todo el cuerpo hacia delante.',
		look: 'Mírelo después de media hora escribiendo.',
		answers: { 'on-the-plates': 'Se quedan', 'slide-off': 'Se salen' }
	},
	'behind-the-knee': {
		question: '¿Qué cabe entre el borde del asiento y la corva?',
		why: 'Un borde detrás de la rodilla aprieta vasos y nervios, y las piernas se duermen.',
		look: [
			{ holds: SITS_FULLY_BACK, text: 'Siéntese hasta el fondo y meta los dedos.' },
			{ holds: {}, text: 'Siéntese como al trabajar y meta los dedos.' }
		],
		answers: {
			'two-fingers-to-a-fist': 'De dos dedos a un puño',
			'more-than-a-fist': 'Más de un puño',
			touches: 'Nada, se toca'
		}
	},
	'crossed-legs': {
		question: '¿Se sienta a menudo con las piernas cruzadas o recogidas?',
		why: 'No es una falta. Su cuerpo le pide que se levante.',
		look: 'Fíjese durante una llamada.',
		answers: { seldom: 'Rara vez', often: 'A menudo' }
	},
	'ball-hours': {
		question: '¿Cuánto tiempo seguido está en la pelota?',
		why: 'Una pelota hace moverse. Sin respaldo, también cansa.',
		look: '',
		answers: { 'an-hour-at-most': 'Una hora como mucho', longer: 'Más tiempo' }
	},
	'all-the-way-back': {
		question: '¿Se sienta hasta el fondo?',
		why: 'Un respaldo solo ayuda si uno se apoya en él.',
		look: 'Después de diez minutos de trabajo, ¿lo toca la parte baja de la espalda?',
		answers: { 'all-the-way': 'Sí', 'front-of-the-seat': 'No, más bien delante' }
	},
	shoulders: {
		question: '¿Dónde están sus hombros cuando escribe?',
		why: 'Los hombros levantados o adelantados trabajan todo el día para nada.',
		look: 'De lado: oreja sobre el hombro, hombro sobre la cadera. Pida ayuda a alguien o use un espejo.',
		answers: { 'down-and-open': 'Bajos y abiertos', 'rolled-forward': 'Hacia delante', raised: 'Levantados' }
	},
	even: {
		question: '¿Está su peso bien repartido?',
		why: 'Apoyarse en un reposabrazos o en una cadera dobla la espalda hacia un lado.',
		look: [
			{
				holds: AT_STANDING_SPOT,
				text: 'Nariz, hombros, caderas, rodillas y pies miran en la misma dirección.'
			},
			{
				holds: {},
				text: 'Note los dos huesos de la pelvis. Nariz, hombros, caderas, rodillas y pies miran en la misma dirección.'
			}
		],
		answers: { even: 'Repartido', 'one-side': 'Más en un lado' }
	},
	'neck-rest': {
		question: '¿Se inclina hacia atrás al trabajar?',
		why: [
			{
				holds: { way: ['open'] },
				text: 'Con esta forma de sentarse, uno se inclina hacia atrás. Entonces el cuello necesita apoyo.'
			},
			{
				holds: {},
				text: 'Algunas personas se inclinan hacia atrás, otras no. Si es así, el cuello necesita apoyo.'
			}
		],
		look: 'Inclínese como le guste. ¿Está apoyada la cabeza?',
		answers: {
			upright: 'No, estoy erguido',
			'leans-back-held': 'Sí, y mi cuello está apoyado',
			'leans-back-free': 'Sí, sin nada detrás del cuello'
		}
	},
	'armrest-use': {
		question: '¿Cuándo están sus brazos en los reposabrazos?',
		why: [
			{
				holds: { way: ['open'] },
				text: 'Inclinado hacia atrás, los reposabrazos pueden sostener los brazos al escribir. Otros los dejan para las pausas.'
			},
			{
				holds: { way: ['forearms-down'] },
				text: 'Con esta forma de sentarse, la mesa sostiene los brazos. Otros usan los reposabrazos en las pausas.'
			},
			{
				holds: {},
				text: 'Aquí los reposabrazos son para las pausas: escribir sobre ellos levanta los hombros. Los especialistas no coinciden.'
			}
		],
		look: '',
		answers: { 'in-pauses': 'En las pausas', never: 'Nunca', 'while-typing': 'Cuando escribo' }
	},
	'armrest-place': {
		question: '¿Dónde están los reposabrazos cuando está sentado?',
		why: 'Los reposabrazos separados alejan los codos del cuerpo.',
		look: 'Deje caer los brazos. ¿Llegan los codos a ellos?',
		answers: { 'beside-the-body': 'Junto a mi cuerpo', 'out-to-the-side': 'Más hacia fuera' }
	},
	wrist: {
		question: '¿Está recta su muñeca cuando escribe?',
		why: 'Una muñeca doblada hacia arriba aprieta el nervio. Un poco hacia abajo está bien, hacia arriba no.',
		look: 'Párese a mitad de una palabra. Mire de lado y luego desde arriba.',
		answers: {
			straight: 'Recta',
			'a-little-down': 'Un poco hacia abajo',
			up: 'Doblada hacia arriba',
			sideways: 'Doblada hacia un lado'
		}
	},
	edge: {
		question: '¿Aprieta algún borde la muñeca o el antebrazo?',
		why: 'Un borde duro en la muñeca da hormigueo en los dedos.',
		look: 'Busque una línea roja en la piel después de una hora.',
		answers: { nothing: 'No', presses: 'Sí' }
	},
	'keyboard-feet': {
		question: '¿Están abiertas las patas traseras del teclado?',
		why: 'Doblan las muñecas hacia arriba. El teclado debe estar plano o bajar hacia atrás.',
		look: 'Levante el borde trasero y mire debajo.',
		answers: { 'folded-in': 'Plegadas', none: 'No tiene', out: 'Abiertas' }
	},
	'palm-rest': {
		question: '¿Se apoya en un reposamuñecas?',
		why: 'Es para las pausas. Al escribir aprieta donde pasa el nervio.',
		look: '',
		answers: { none: 'No tengo', 'in-pauses': 'En las pausas', 'while-typing': 'Cuando escribo' }
	},
	'keyboard-place': {
		question: '¿Está cerca el teclado?',
		why: 'Un teclado lejano tira de los brazos y la espalda hacia delante.',
		look: 'Codos junto al cuerpo, hombros bajos: ¿tocan sus dedos la fila del medio?',
		answers: { close: 'Cerca', 'far-back': 'Tengo que estirar los brazos' }
	},
	'eyes-on-keys': {
		question: '¿Adónde mira cuando escribe?',
		why: 'Mirar las teclas dobla el cuello todo el día.',
		look: '',
		answers: { 'on-the-screen': 'A la pantalla', 'on-the-keys': 'A menudo a las teclas' }
	},
	lap: {
		question: '¿Podría estar el teclado un rato en su regazo?',
		why: 'Si la mesa es demasiado alta, quizá el regazo esté a la altura justa.',
		look: '',
		answers: { 'would-work': 'Sí', 'would-not': 'No' }
	},
	'mouse-place': {
		question: '¿Dónde está su ratón?',
		why: 'Un brazo estirado hacia el ratón duele del hombro a la mano.',
		look: 'Coja el ratón. ¿Está el codo junto al cuerpo?',
		answers: { 'beside-the-keys': 'Justo al lado del teclado', 'arm-stretched': 'Estiro el brazo' }
	},
	'mouse-level': {
		question: '¿Está el ratón al nivel del teclado?',
		why: 'Si las alturas son distintas, un hombro trabaja más alto que el otro.',
		look: '',
		answers: { 'same-level': 'Sí', 'other-level': 'No' }
	},
	'mouse-drift': {
		question: '¿Se va alejando el ratón durante el día?',
		why: 'Los ratones se van hacia fuera y el hombro los sigue.',
		look: 'Mire dónde está al final del día.',
		answers: { stays: 'Se queda', drifts: 'Se aleja' }
	},
	'side-table': {
		question: '¿Hay una mesa pequeña que pueda poner a su lado?',
		why: 'Un ratón en una mesa auxiliar queda al alcance si en la mesa no cabe.',
		look: 'Basta una mesilla o un taburete.',
		answers: { 'there-is-one': 'Sí', none: 'No' }
	},
	'pointing-hand': {
		question: '¿Cómo está la mano del ratón por la tarde?',
		why: 'Una mano lo hace todo. La otra puede aprender en una semana.',
		look: '',
		answers: { fresh: 'Como la otra', tired: 'Cansada o dolorida' }
	},
	'laptop-hours': {
		question: '¿Cuánto tiempo seguido escribe en el propio portátil?',
		why: 'En un portátil, o la pantalla está demasiado baja o el teclado demasiado alto.',
		look: '',
		answers: { 'under-half-an-hour': 'Menos de media hora', longer: 'Más tiempo' }
	},
	'lean-in': {
		question: '¿Se inclina para leer?',
		why: SIZE_UP,
		look: 'Siéntese hasta el fondo y lea su texto habitual más pequeño.',
		answers: { seldom: 'Rara vez', often: 'A menudo' }
	},
	'read-sitting-back': {
		question: 'Siéntese como debe. ¿Cómo lee su texto habitual más pequeño?',
		why: SIZE_UP,
		look: 'Lea tres líneas en voz alta sin mover la cabeza.',
		answers: { easily: 'Con facilidad', 'lean-in': 'Me inclino', squint: 'Entorno los ojos' }
	},
	screens: {
		question: '¿Cuántas pantallas mira?',
		why: 'Con dos, importa hacia cuál se gira.',
		look: '',
		answers: { one: 'Una', two: 'Dos o más' }
	},
	'second-kind': {
		question: '¿Cuál es la segunda pantalla?',
		why: 'Un portátil plano junto a una pantalla tira de la cabeza hacia abajo por un lado.',
		look: '',
		answers: {
			monitor: 'Una pantalla aparte',
			'laptop-raised': 'Un portátil elevado',
			'laptop-flat': 'Un portátil plano sobre la mesa',
			tablet: 'Una tableta o un teléfono apoyado'
		}
	},
	'screen-share': {
		question: '¿Cómo reparte su tiempo entre ellas?',
		why: 'La que más usa debe estar justo delante.',
		look: 'Cuente durante diez minutos adónde mira.',
		answers: { 'one-most': 'Sobre todo una', 'both-alike': 'Las dos casi por igual' }
	},
	ahead: {
		question: '¿Está la pantalla justo delante?',
		why: 'Un cuello girado se cansa en una hora.',
		look: 'Nariz, hombros, caderas y rodillas miran a la pantalla.',
		answers: { straight: 'Justo delante', 'to-one-side': 'A un lado' }
	},
	'main-screen': {
		question: '¿Dónde está la pantalla que más usa?',
		why: 'Ponga justo delante la que más usa. Si es por igual, ponga la unión justo delante.',
		look: 'Cuente durante diez minutos adónde mira.',
		answers: {
			'main-ahead': 'Justo delante',
			'both-alike-seam-ahead': 'Las dos por igual, con la unión delante',
			'main-to-one-side': 'A un lado'
		}
	},
	turning: {
		question: '¿Cómo se gira hacia la otra pantalla?',
		why: 'Girar solo la cabeza todo el día es duro para el cuello.',
		look: '',
		answers: { 'whole-body': 'Con todo el cuerpo', 'head-only': 'Solo la cabeza' }
	},
	tilt: {
		question: '¿Mira la pantalla hacia sus ojos?',
		why: 'Una pantalla mal inclinada refleja la lámpara y hace levantar la barbilla.',
		look: 'Ponga un espejo plano sobre ella. Debe ver sus propios ojos.',
		answers: { 'square-to-the-eye': 'Sí', 'leans-away-or-down': 'No' }
	},
	'tips-head-back': {
		question: '¿Echa la cabeza hacia atrás para leer con la parte baja de sus gafas?',
		why: 'Una barbilla levantada todo el día duele en el cuello. Baje la pantalla e inclínela hacia atrás.',
		look: 'Cierre los ojos, póngase erguido, ábralos. ¿Puede leer sin mover la cabeza?',
		answers: YES_NO
	},
	reflections: {
		question: '¿Ve reflejos en la pantalla?',
		why: 'Los ojos se esfuerzan por ver a través de un reflejo y la cabeza lo esquiva.',
		look: 'Apague la pantalla y mire en ella.',
		answers: { none: 'No', some: 'Sí' }
	},
	brightness: {
		question: '¿Cómo brilla la pantalla en comparación con la habitación?',
		why: 'Los ojos se cansan al pasar de claro a oscuro.',
		look: 'Ponga una hoja blanca al lado. Las dos deben parecerse.',
		answers: {
			'like-the-room': 'Más o menos igual',
			'lamp-bright': 'Brilla como una lámpara',
			'too-dim': 'Está oscura'
		}
	},
	'eye-test': {
		question: '¿Cuándo le revisaron la vista?',
		why: 'Primero un texto más grande, después gafas nuevas. No se incline.',
		look: '',
		answers: { 'two-years': 'Hace menos de dos años', longer: 'Hace más tiempo, o nunca' }
	},
	lamp: {
		question: '¿En qué lado está la lámpara cuando escribe a mano?',
		why: 'En el lado que escribe, la mano hace sombra sobre el texto.',
		look: 'Sujete un bolígrafo sobre el papel. ¿Dónde cae la sombra?',
		answers: {
			'other-side': 'En el lado contrario a la mano que escribe',
			'no-paper-work': 'No escribo a mano',
			'writing-side': 'En el lado de la mano que escribe'
		}
	},
	'only-light': {
		question: '¿Es a veces la pantalla la única luz?',
		why: 'A oscuras, las pupilas se abren y la pantalla deslumbra.',
		look: '',
		answers: YES_NO
	},
	evening: {
		question: '¿Con qué luz trabaja tarde?',
		why: 'Una luz más cálida por la noche ayuda a dormir.',
		look: 'La mayoría de las pantallas pueden volverse más cálidas a una hora fija.',
		answers: { warm: 'Cálida', 'no-evenings': 'No trabajo tarde', cold: 'Fría e intensa' }
	},
	air: {
		question: '¿Le llega a la cara aire de una calefacción, un ventilador o una ventana?',
		why: 'El aire en movimiento seca los ojos.',
		look: '',
		answers: { still: 'No', 'at-my-face': 'Sí' }
	},
	papers: {
		question: '¿Dónde pone los papeles que copia?',
		why: 'Planos junto al teclado, doblan y giran el cuello en cada línea.',
		look: '',
		answers: {
			'on-a-stand': 'En un atril junto a la pantalla',
			'no-papers': 'No tengo',
			flat: 'Planos sobre la mesa'
		}
	},
	phone: {
		question: '¿Cómo sujeta el teléfono en las llamadas largas?',
		why: 'Un teléfono entre la oreja y el hombro dobla el cuello y levanta el hombro a la vez.',
		look: '',
		answers: {
			'headset-or-loudspeaker': 'Auriculares con micrófono o altavoz',
			seldom: 'No tengo',
			'between-ear-and-shoulder': 'Entre la oreja y el hombro'
		}
	},
	'phone-side': {
		question: '¿Dónde está su teléfono?',
		why: 'La mano que escribe queda libre si la otra coge el teléfono.',
		look: '',
		answers: { 'other-hand': 'Junto a la mano que no escribe', 'writing-hand': 'Junto a la mano que escribe' }
	},
	ear: {
		question: '¿Con qué oreja escucha?',
		why: 'Siempre la misma oreja es siempre inclinarse hacia el mismo lado.',
		look: '',
		answers: {
			changes: 'Con las dos, o unas veces con una y otras con otra',
			'always-the-same': 'Siempre con la misma'
		}
	},
	'phone-reading': {
		question: '¿Cómo lee en el teléfono?',
		why: 'Una cabeza inclinada sobre el regazo pesa mucho en el cuello.',
		look: '',
		answers: {
			'at-eye-height': 'Levantado a la altura de los ojos',
			seldom: 'Rara vez',
			'in-the-lap': 'En el regazo'
		}
	},
	headphones: {
		question: '¿Con qué escucha?',
		why: 'A muchas personas les resultan más cómodos a la larga los auriculares por fuera de la oreja. A otras les van bien los pequeños, a volumen bajo.',
		look: '',
		answers: {
			'over-the-ear': 'Por fuera de la oreja',
			none: 'Con nada',
			'in-the-ear': 'Dentro del oído, durante horas'
		}
	},
	cables: {
		question: '¿Por dónde van los cables?',
		why: 'Un cable junto a sus pies puede hacerle tropezar y tirar una pantalla.',
		look: 'Mire debajo de la mesa.',
		answers: { 'out-of-the-way': 'Fuera del paso', 'at-the-feet': 'Junto a mis pies, o por el suelo' }
	},
	strips: {
		question: '¿Dónde está enchufada su regleta?',
		why: 'Una regleta en otra puede calentarse. Enchufe cada una en la pared.',
		look: 'Siga el cable hasta la pared.',
		answers: { 'into-the-wall': 'En la pared', none: 'No tengo', 'into-another': 'En otra regleta' }
	},
	stacks: {
		question: '¿Están firmes sus pilas?',
		why: 'Lo que se mueve puede caer, con la pantalla encima.',
		look: 'Quite la pantalla y empuje cada pila con la mano.',
		answers: { none: 'No tengo', firm: 'Firmes', wobble: 'Una se mueve' }
	},
	vents: {
		question: '¿Está libre la ventilación del portátil?',
		why: 'La tela sobre la ventilación retiene el calor, y eso puede provocar un fuego.',
		look: 'Note por dónde sale el aire caliente.',
		answers: { free: 'Libre', covered: 'Sobre tela, o tapada' }
	},
	wiped: {
		question: '¿Cuándo limpió el teclado y el ratón?',
		why: 'Las manos van de ahí a su cara.',
		look: '',
		answers: { 'this-month': 'Este mes', 'long-ago': 'Hace mucho' }
	},
	'second-spot': {
		question: [
			{ holds: AT_STANDING_SPOT, text: '¿Hay un sitio donde también pueda trabajar sentado?' },
			{ holds: {}, text: '¿Hay un sitio donde pueda trabajar de pie?' }
		],
		why: 'Ninguna postura es buena mucho tiempo, ni con un buen puesto.',
		look: [
			{
				holds: AT_STANDING_SPOT,
				text: 'Una mesa con una silla: las manos también a la altura de los codos.'
			},
			{ holds: {}, text: 'Basta una encimera, una cómoda o una tabla de planchar.' }
		],
		answers: YES_NO
	},
	'standing-time': {
		question: '¿Cómo pasa el día de pie?',
		why: STANDING_STILL,
		look: '',
		answers: { 'in-turns': 'Alternando con sentado', 'all-day': 'Estoy de pie todo el día' }
	},
	'standing-weight': {
		question: '¿Cómo se pone de pie?',
		why: 'Todo el peso en una pierna inclina las caderas.',
		look: '',
		answers: { even: 'Repartido, o con un pie delante', 'one-leg': 'Sobre todo en una pierna' }
	},
	'standing-legs': {
		question: '¿Cómo se pone de pie?',
		why: 'Todo el peso en una pierna inclina las caderas. Las rodillas bloqueadas cansan la espalda.',
		look: 'Mire hacia abajo después de diez minutos.',
		answers: {
			even: 'Sobre los dos pies',
			'split-stance': 'Un pie delante, alternando',
			'one-knee-on-a-stool': 'Un pie o una rodilla en un taburete, alternando',
			'one-leg': 'Sobre todo en una pierna',
			locked: 'Con las rodillas bloqueadas'
		}
	},
	'get-up': {
		question: [
			{ holds: AT_STANDING_SPOT, text: '¿Con qué frecuencia camina o se sienta?' },
			{ holds: {}, text: '¿Con qué frecuencia se levanta?' }
		],
		why: NEXT_POSITION,
		look: '',
		answers: {
			'every-half-hour': 'Cada media hora',
			'every-hour': 'Cada hora',
			seldom: 'Rara vez'
		}
	},
	'weight-shift': {
		question: '¿Con qué frecuencia cambia el apoyo, se inclina y mueve los brazos?',
		why: `${NEXT_POSITION} La piel sobre la que se sienta también necesita cambios.`,
		look: '',
		answers: { 'every-half-hour': 'Cada media hora o más a menudo', seldom: 'Rara vez' }
	},
	'soft-seat-hours': {
		question: '¿Cuánto tiempo seguido trabaja ahí?',
		why: 'Un asiento blando deja que la espalda se hunda y el cuello se doble.',
		look: '',
		answers: { 'under-half-an-hour': 'Menos de media hora', longer: 'Más tiempo' }
	},
	'far-look': {
		question: '¿Con qué frecuencia mira a lo lejos?',
		why: 'El trabajo de cerca tensa un pequeño músculo del ojo, y fijar la vista en la pantalla seca los ojos.',
		look: 'Cada 20 minutos, mire a unos 6 m durante 20 segundos y parpadee.',
		answers: { often: 'Varias veces por hora', seldom: 'Rara vez' }
	},
	calls: {
		question: '¿Dónde atiende sus llamadas?',
		why: 'Las llamadas son una ocasión para caminar.',
		look: '',
		answers: { 'on-my-feet': 'De pie', 'no-calls': 'No tengo', seated: 'Sentado' }
	},
	signal: {
		question: '¿Qué le hace moverse?',
		why: 'El dolor llega tarde. Muévase antes.',
		look: '',
		answers: { 'by-plan': 'Un plan, un reloj, una costumbre', 'when-it-hurts': 'Cuando duele' }
	}
};
