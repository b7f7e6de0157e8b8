import { WITH_ARMRESTS } from '$lib/core/plan/conditions/fact-groups';
import type { ChecklistTexts } from '../../shapes';

/** What to do at home. */
export const householdFixTexts: ChecklistTexts['household'] = {
	'move-to-table': 'Trabaje en una mesa, una encimera o una cómoda. Deje la cama y el sofá para el ocio.',
	'one-fixed-spot': 'Elija un sitio para las muchas horas y prepárelo. Los demás sirven para poco tiempo.',
	'half-hour-on-soft-seat': 'Si tiene que ser aquí, quédese media hora como mucho y muévase.',
	'turn-out-of-walkway': 'Gire o mueva la mesa para que nadie pase por detrás de usted.',
	'move-near-socket': 'Acérquese a un enchufe de pared.',
	'quieter-room': 'Cierre la puerta, acuerde horarios o use la habitación más tranquila para pensar.',
	'screen-over-the-edge':
		'Separe la mesa de la pared y siéntese más atrás. Todo el pie de la pantalla queda sobre la mesa.',
	'stack-under-feet':
		'Ponga libros, paquetes de papel o una caja firme bajo los dos pies, lo más ancho abajo.',
	'back-on-the-plates':
		'Vuelva a poner los pies en los reposapiés, también los talones. Pregunte por su altura a quien ajustó la silla.',
	'fill-behind-back':
		'Ponga una almohada detrás de la espalda hasta que el borde quede lejos de sus rodillas.',
	'get-up': 'Levántese: tome un vaso de agua o suba un piso de escaleras.',
	'sit-all-the-way-back': 'Échese hasta el fondo, hasta tocar el respaldo.',
	'middle-of-the-ball': 'Siéntese en el centro de la pelota, no delante, y no todo el día.',
	'rolled-towel': 'Enrolle una toalla, átela y póngala en el hueco por encima del cinturón.',
	'jacket-with-pocket':
		'Cuelgue una chaqueta del respaldo y meta el rollo en su bolsillo. Se queda a cualquier altura.',
	'chair-with-a-back': 'Use una silla con respaldo para las muchas horas.',
	'shoulders-down': 'Deje caer los hombros y los brazos. Después lleve el teclado y el ratón a sus manos.',
	'sit-in-the-middle': [
		{ holds: WITH_ARMRESTS, text: 'Reparta su peso y suelte el reposabrazos.' },
		{ holds: {}, text: 'Reparta su peso entre los dos lados.' }
	],
	'roll-behind-neck': 'Ponga un rollo pequeño o un cojín de viaje detrás del cuello.',
	'keyboard-feet-in': 'Pliegue las patas traseras del teclado.',
	'towel-over-edge': 'Doble una toalla sobre el borde.',
	'rest-in-pauses': 'Descanse en las pausas. Deje las manos sueltas al escribir.',
	'take-armrests-off': 'Baje los reposabrazos. Quítelos solo si las instrucciones de la silla muestran cómo.',
	'ask-the-fitter': 'Pida a quien ajustó su silla que ponga los reposabrazos a la altura de sus codos.',
	'table-over-armrests':
		'Busque una mesa con más espacio debajo. Los reposabrazos deben pasar bajo el borde.',
	'armrests-in': 'Acerque los reposabrazos si se puede. Si no, no se apoye en ellos.',
	'pad-armrest': 'Ate una toalla doblada alrededor del reposabrazos.',
	'light-on-keys': 'Ilumine las teclas y aprenda dos teclas al día sin mirar.',
	'keys-nearer': 'Acerque el teclado hasta que los codos estén junto al cuerpo.',
	'mouse-beside-keyboard': 'Ponga el ratón justo al lado del teclado, con el codo junto al cuerpo.',
	'tape-a-square': 'Marque con cinta un cuadrado para el ratón. Devuélvalo cuando se vaya.',
	'stack-under-mouse': 'Suba el ratón hasta el nivel del teclado.',
	'change-mouse-hand': 'Use la otra mano para el ratón por las mañanas.',
	'half-height-half-hour': 'Trabaje media hora como mucho y cambie de sitio entre medias.',
	'move-screen-away': 'Aleje la pantalla.',
	'move-screen-nearer': 'Acerque la pantalla.',
	'enlarge-text': 'Agrande el texto hasta poder leerlo sentado hasta el fondo.',
	'screen-straight-ahead': 'Ponga la pantalla que más usa justo detrás del teclado.',
	'raise-second-screen': 'Suba la segunda pantalla hasta el nivel de la primera.',
	'turn-with-the-body': [
		{ holds: { castors: ['yes'] }, text: 'Gire todo el cuerpo. Las ruedas de la silla ayudan.' },
		{ holds: {}, text: 'Gire todo el cuerpo, también los pies.' }
	],
	'tilt-screen': 'Incline la pantalla hasta que mire hacia sus ojos.',
	'lower-and-lean-back': 'Baje la pantalla e inclínela de 10 a 20° hacia atrás.',
	'turn-desk': 'Gire la mesa para que la ventana quede a un lado.',
	'draw-curtain': 'Corra una cortina o baje una persiana en las horas de más luz.',
	'match-brightness': 'Ponga la pantalla tan clara como una hoja blanca a su lado.',
	'lamp-other-side': 'Ponga la lámpara en el lado contrario a la mano que escribe.',
	'light-the-room': 'Encienda una luz que ilumine la habitación, no solo la pared de detrás.',
	'warmer-in-the-evening': 'Ponga la pantalla en colores más cálidos por la noche.',
	'turn-draught-away': 'Aparte el aire de su cara o cambie de sitio. Parpadee a menudo.',
	'paper-stand': 'Haga un atril junto a la pantalla con un bloc, una pinza y piezas de construcción.',
	loudspeaker: 'Use unos auriculares con micrófono o el altavoz.',
	'phone-on-other-side': 'Ponga el teléfono en el lado de la mano que no escribe.',
	'change-ears': 'Cambie de oreja en cada llamada o use las dos.',
	'raise-the-phone': 'Levante el teléfono a la altura de los ojos y apoye ese codo en el otro brazo.',
	'headphones-over-ears': 'Pruebe unos auriculares por fuera de la oreja, a volumen bajo.',
	'cables-to-the-wall': 'Lleve los cables por la pared y átelos debajo de la mesa.',
	'one-strip-one-socket': 'Enchufe cada regleta directamente en la pared.',
	'rebuild-wider': 'Haga de nuevo la pila, más ancha y más baja, lo más grande abajo.',
	'vents-free': 'Ponga el portátil sobre algo duro y plano.',
	'wipe-keys': 'Apague el teclado y el ratón y límpielos con un paño húmedo.',
	'standing-spot': 'Busque una encimera o cómoda donde el teclado también quede a la altura de los codos.',
	'change-over':
		'Alterne entre sentado y de pie. Los especialistas no coinciden en cuánto, pero todos aconsejan cambiar.',
	'split-stance': 'Adelante un pie y cambie de pie.',
	'knee-on-a-stool': 'Ponga un pie o una rodilla en un taburete bajo y cambie de lado.',
	'soften-knees': 'No bloquee las rodillas y pase el peso de un pie al otro.',
	'shift-weight': 'Cada media hora: inclínese hacia delante y a cada lado, y mueva los brazos.',
	'break-plan':
		'Prevea pausas a horas fijas, con algo que hacer en ellas. Los especialistas dicen cada 20 a 60 minutos. 30 va bien a la mayoría.',
	'look-far': 'Cada 20 minutos, mire a unos 6 m durante 20 segundos y parpadee.',
	'walk-calls': 'Camine mientras habla por teléfono.',
	'move-before-it-hurts': 'Muévase a horas fijas, no cuando duele.',
	optician: 'Revise su vista y diga a qué distancia está su pantalla.'
};

/** What can be borrowed or bought. */
export const purchaseFixTexts: ChecklistTexts['shop'] = {
	'keyboard-and-mouse': 'un teclado y un ratón aparte',
	footrest: 'un reposapiés regulable',
	'foot-bar': 'una barra o un aro para los pies en un asiento alto',
	'seat-cushion': 'un cojín de asiento firme',
	monitor: 'una pantalla con pie regulable',
	'another-surface': 'una mesa de otra altura, o regulable',
	chair: 'una silla regulable',
	headset: 'unos auriculares con micrófono',
	'desk-lamp': 'una lámpara de mesa',
	'paper-holder': 'un atril para papeles',
	'vertical-mouse': 'un ratón vertical o un panel táctil, para cambiar',
	'power-strip': 'una regleta de cable más largo',
	'sit-stand-converter': 'un soporte que sube teclado y pantalla para trabajar de pie'
};

/** Cautions, shown next to the risk. */
export const cautionTexts: ChecklistTexts['cautions'] = {
	'stable-stack': 'Empuje la pila con la mano antes de poner algo encima. Lo más ancho abajo, nada frágil.',
	'nobody-on-stack': 'Solo para apoyar los pies. No se suba nunca a una pila.',
	'no-castors': 'Nada con ruedas debajo de una pila.',
	'thin-padding': 'Solo un acolchado fino; si no, el asiento se balancea.',
	'never-under-screen': 'No ponga nunca nada blando debajo de una pantalla.',
	electricity: 'Una regleta por enchufe de pared. Deje los cables fuera del paso.',
	vents: 'No envuelva nunca en tela un aparato que tenga ventilación.',
	'half-hour': 'Es un apaño: media hora seguida como mucho.',
	'stop-at-pain': 'Pare si duele. Un estiramiento se nota, pero nunca duele.',
	'standing-still': 'Estar mucho tiempo de pie sin moverse es tan malo como estar sentado.',
	'clinician-first':
		'Un hormigueo que le despierta, persiste o viene con debilidad: consulte a un médico. Esto es una orientación, no un diagnóstico.',
	'fitted-chair':
		'Su silla está ajustada para usted. Deje el cojín, el respaldo y los reposapiés a quien la ajustó.'
};
