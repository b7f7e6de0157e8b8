import type { ChecklistTexts } from '../../shapes';

/** Other ways, each with what to do. Facts: common practice. */
export const variantTexts: ChecklistTexts['variants'] = {
	'another-spot': {
		name: 'Primero, un sitio mejor',
		how: (w) =>
			`Un sofá o una cama no pueden ir bien. Busque una mesa de ${w.from} a ${w.to} de alto y una silla con el asiento a ${w.rise}.`,
		care: 'Mientras tanto, trabaje aquí media hora como mucho y muévase.'
	},
	'keyboard-on-lap': {
		name: 'El teclado en el regazo',
		how: (w) =>
			w.things.length > 0
				? `Doble ${w.things[0]} en dos, póngalo en el regazo y el teclado encima. Las manos bajan a la altura de los codos.`
				: 'Ponga el teclado en el regazo. Las manos bajan a la altura de los codos.',
		care: 'Nunca un portátil sobre una toalla: su ventilación necesita aire.'
	},
	'mouse-on-side-table': {
		name: 'El ratón en una mesa auxiliar',
		how: (w) => `Ponga una mesa pequeña justo a su lado. Su tablero debe estar entre ${w.from} y ${w.to}.`
	},
	wedge: {
		name: 'Una pendiente bajo el teclado',
		how: (w) =>
			`Ponga ${w.things[0]} bajo el teclado, con el lomo hacia usted. Baja ${w.degrees} hacia atrás. El teclado sube ${w.rise}; su borde delantero, ${w.edge}.`,
		care: 'Después, las muñecas deben quedar rectas. Si no, quítelo.'
	},
	'sloped-books': {
		name: 'Un apoyo inclinado para los pies',
		how: (w) =>
			w.things.length > 1
				? `Apoye ${w.things[0]} sobre ${w.things[1]}: hace una pendiente de ${w.degrees}. Altérnelo con el apoyo plano.`
				: `Ponga los pies sobre ${w.things[0]} y déjelos balancearse, alternando con el apoyo plano.`,
		care: 'Solo para apoyar los pies. No se suba nunca encima.'
	},
	'jacket-roll': {
		name: 'Si el rollo se resbala',
		how: () =>
			'Cuelgue una chaqueta del respaldo y meta el rollo en su bolsillo. Se queda a cualquier altura.'
	},
	recline: {
		name: 'Hacia atrás, y la pantalla le sigue',
		how: (w) =>
			`Incline el respaldo ${w.degrees} hacia atrás. Sus ojos bajan ${w.lower}: acerque la pantalla ${w.nearer} e inclínela lo mismo.`,
		care: 'Los especialistas no coinciden: otros se sientan erguidos. Reclínese solo si la cabeza queda apoyada.'
	},
	'high-chair': {
		name: 'Una silla alta, alternando con estar de pie',
		how: (w) =>
			`A esta altura también puede sentarse: en un asiento a ${w.from}, con un apoyo de ${w.feet} para los pies.`,
		care: 'Solo en una silla hecha para esa altura.'
	},
	'knee-on-stool': {
		name: 'Un pie delante, o una rodilla en un taburete',
		how: (w) =>
			`Ponga una rodilla en un taburete de unos ${w.from} de alto, o adelante un pie. Cambie de lado.`,
		care: 'Estar mucho tiempo de pie sin moverse es tan malo como estar sentado.'
	},
	'move-about': {
		name: 'Cambiar de sitio cada media hora',
		how: (w) =>
			w.from
				? `Con el portátil solo, ningún sitio es bueno mucho tiempo. Para las manos: mesas de ${w.from} a ${w.to}, o de pie de ${w.standingFrom} a ${w.standingTo}.`
				: `Con el portátil solo, ningún sitio es bueno mucho tiempo. De pie, para las manos: superficies de ${w.standingFrom} a ${w.standingTo}.`
	}
};
