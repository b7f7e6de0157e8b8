import type { SittingStyleTexts } from '../../shapes';

/** Sitting styles to try for a day each. Facts: common practice. */
export const sittingStyleTexts: SittingStyleTexts = {
	title: 'Probar otra forma de sentarse',
	lead: 'Los especialistas no coinciden en la mejor forma de sentarse. Pruebe una durante un día y quédese con la que le vaya bien.',
	choose: 'Formas de sentarse',
	current: 'Su plan está hecho para esta.',
	since: (day) => `La prueba desde el ${day}.`,
	evening: 'Por la tarde, la página de su plan pregunta qué tal fue el día.',
	how: 'Cómo sentarse',
	asksTitle: 'Qué hace falta en su mesa',
	asksNothing: 'No cambia nada en su mesa.',
	care: 'Pare si algo le duele más que antes, o si nota hormigueo o entumecimiento.',
	tryIt: 'Probarla hoy',
	keep: 'Quedarme con ella y hacer mi plan de nuevo',
	stop: 'Parar y volver a mi plan',
	back: 'Volver a mi plan',
	ways: {
		upright: {
			name: 'Erguido',
			what: 'Codos y rodillas más o menos en ángulo recto. Es lo que describen la mayoría de las normas.',
			how: [
				'Siéntese hasta el fondo, para que la silla apoye la parte baja de la espalda.',
				'Deje caer los brazos, con los antebrazos horizontales.',
				'Mantenga las caderas a la altura de las rodillas o algo más altas.'
			]
		},
		open: {
			name: 'Abierto',
			what: 'Codos y rodillas más abiertos que un ángulo recto. Hace falta una mesa baja.',
			how: [
				'Siéntese hasta el fondo e inclínese un poco hacia atrás.',
				'Deje que los antebrazos bajen hacia el teclado.',
				'Adelante un poco los pies, con las caderas más altas que las rodillas.'
			]
		},
		'forearms-down': {
			name: 'Antebrazos sobre la mesa',
			what: 'La mesa sostiene sus brazos y los hombros pueden descansar.',
			how: [
				'Aleje el teclado hasta que los dos antebrazos se apoyen en la mesa.',
				'Siéntese cerca, con los hombros bajos.',
				'Mantenga las muñecas rectas y lejos del borde.'
			]
		},
		active: {
			name: 'Activo',
			what: 'En la parte delantera del asiento, con la espalda libre. Media hora cada vez.',
			how: [
				'Siéntese en el tercio delantero del asiento, con los dos pies apoyados.',
				'Mantenga las caderas bastante más altas que las rodillas.',
				'Después de media hora, échese atrás o levántese.'
			]
		}
	}
};
