import type { MeasuringPageTexts } from '../../shapes';

export const measuringPageTexts: MeasuringPageTexts = {
	title: 'Medir en casa',
	lead: 'Lo mejor es una cinta métrica. Si no, basta una de estas formas. Díganos cuál ha usado.',
	toTheWalk: 'Volver a las preguntas',
	ways: [
		{
			id: 'tape',
			title: 'Cinta métrica',
			lines: [
				'En vertical hasta el suelo, por delante de la mesa o del asiento. Las medidas del cuerpo son más fáciles entre dos.'
			]
		},
		{
			id: 'paper-ruler',
			title: 'Regla de papel para imprimir',
			lines: [
				'Imprima al 100 %, sin «ajustar a la página». Ponga el lado largo de una tarjeta bancaria sobre la línea gruesa. Los dos deben medir lo mismo.',
				'Recorte las cuatro tiras y pegue cada una en la pestaña de la anterior. Así sale un metro.'
			]
		},
		{
			id: 'a4-sheets',
			title: 'Hojas A4 una tras otra',
			lines: [
				'El lado largo de una hoja mide 29,7 cm; el corto, 21,0 cm. Use siempre el lado largo. Doble una hoja para las mitades, elija «Hojas A4» y cuente.'
			]
		},
		{
			id: 'card',
			title: 'Una tarjeta bancaria y esta pantalla, para cosas pequeñas',
			lines: [
				'Para el grosor de un libro o de un cojín. Ajuste la escala una vez con una tarjeta. Este dispositivo la recuerda.'
			]
		},
		{
			id: 'photo',
			title: 'Foto de perfil, cuando no hay nadie',
			lines: [
				'Una foto de perfil con una hoja A4. Usted marca sus articulaciones y este dispositivo calcula la altura del ojo y del codo. La foto nunca se envía.'
			]
		},
		{
			id: 'hand-span',
			title: 'El palmo, como último recurso',
			lines: [
				'Del pulgar al meñique, con la mano abierta. Mida su palmo una vez con una hoja A4 y luego cuente.'
			]
		}
	],
	printA4: 'Regla para papel A4',
	printLetter: 'Regla para papel Letter',
	rulerTitle: 'Regla de papel',
	rulerLead:
		'Imprima al 100 %. Antes de recortar, ponga una tarjeta bancaria sobre la línea gruesa. Si no miden lo mismo, ponga la escala de la impresora al 100 %.',
	check: 'Para comprobar: esta línea mide lo mismo que el lado largo de una tarjeta bancaria (85,6 mm).',
	cardLabel: 'Ajuste el marco al ancho de una tarjeta bancaria',
	cardHow: 'Ponga la tarjeta a lo largo sobre la pantalla y mueva el control.',
	cardKept: 'La escala de esta pantalla está guardada en este dispositivo.',
	cardNot: 'Aún sin ajustar, así que los tamaños de abajo son aproximados.',
	thingLabel: 'Longitud de algo pequeño',
	thingHow: 'Póngalo junto a la barra y mueva el control hasta que midan lo mismo.'
};
