import {
	AT_STANDING_SPOT,
	IN_A_WHEELCHAIR,
	LOW_LENSES,
	OWN_MOUSE
} from '$lib/core/plan/conditions/fact-groups';
import type { Catalogue } from '../../shapes';

/** What the drawing of a question shows: this person, with everything fitting. */
export const howToLookTexts: Catalogue['look'] = {
	feet: [
		{
			holds: IN_A_WHEELCHAIR,
			text: 'Así: los dos pies enteros en los reposapiés, los muslos horizontales.'
		},
		{
			holds: { back: ['eased-by-rounding'] },
			text: 'Así: todo el pie apoyado, las rodillas algo más altas que las caderas.'
		},
		{
			holds: { way: ['active'] },
			text: 'Así: todo el pie apoyado, las caderas bastante más altas que las rodillas.'
		},
		{
			holds: {},
			text: 'Así: todo el pie apoyado, los muslos horizontales o algo inclinados hacia las rodillas.'
		}
	],
	back: [
		{ holds: AT_STANDING_SPOT, text: 'Así: hombros sobre las caderas, caderas sobre los pies.' },
		{
			holds: { way: ['active'] },
			text: 'Así: en la parte delantera del asiento, la espalda libre, los hombros sobre las caderas.'
		},
		{
			holds: { back: ['eased-by-rounding'] },
			text: 'Así: hasta el fondo, con la espalda libre para redondearse.'
		},
		{
			holds: { seat: ['chair'] },
			text: 'Así: hasta el fondo, la parte baja de la espalda apoyada, los hombros sobre las caderas.'
		},
		{ holds: {}, text: 'Así: hombros sobre las caderas, el peso bien repartido.' }
	],
	hands: [
		{
			holds: { way: ['open'] },
			text: 'Así: el brazo cuelga, el antebrazo baja un poco, la muñeca está recta.'
		},
		{
			holds: { way: ['forearms-down'], posture: ['sitting'] },
			text: 'Así: la mesa sostiene los antebrazos, hombros bajos, muñecas rectas.'
		},
		{ holds: {}, text: 'Así: el brazo cuelga, el antebrazo está horizontal, la muñeca está recta.' }
	],
	safety:
		'Así: la regleta está sujeta debajo de la mesa y enchufada en la pared. El suelo junto a sus pies está libre.',
	second: [
		{
			holds: AT_STANDING_SPOT,
			text: 'Así, una parte del día: sentado, el teclado también a la altura de los codos.'
		},
		{
			holds: {},
			text: 'Así, una parte del día: de pie, el teclado también a la altura de los codos.'
		}
	],
	spot: 'Así, visto desde arriba: la ventana a un lado, nadie pasa por detrás de usted.',
	mouse: [
		{
			holds: OWN_MOUSE,
			text: 'Así, visto desde arriba: el ratón justo al lado del teclado, al alcance del antebrazo.'
		},
		{ holds: {}, text: 'Así, visto desde arriba: el teclado al alcance de los antebrazos.' }
	],
	light:
		'Así, visto desde arriba: los papeles junto a la pantalla, la lámpara en el lado contrario a la mano que escribe.',
	screen: [
		{
			holds: LOW_LENSES,
			text: 'Así: al mirar al frente, su mirada pasa por encima de la pantalla, inclinada hacia atrás.'
		},
		{ holds: {}, text: 'Así: al mirar al frente, su mirada toca el borde superior de la imagen.' }
	]
};

/** Labels in the view from above. */
export const householdLookTexts: Catalogue['lookThings'] = {
	mouse: 'ratón',
	phone: 'teléfono',
	papers: 'papeles',
	lamp: 'lámpara',
	keyboard: 'teclado'
};

/** The view of the desk from above. */
export const deskLayoutTexts: Catalogue['desk'] = {
	title: 'Su mesa vista desde arriba',
	lead: 'Ponga lo que usa siempre entre las líneas interiores, donde llegan sus antebrazos.',
	twoMostly: 'La pantalla que más usa está justo delante; la otra, a un lado, girada hacia usted.',
	twoAlike: 'Las dos pantallas están giradas hacia usted, con la unión justo delante.',
	raiseSecond: (rise) =>
		`Suba el portátil unos ${rise} sobre la mesa. Así los dos bordes superiores quedan al mismo nivel.`,
	outOfReach: (list) => `Difícil de alcanzar aquí: ${list}.`,
	overEdge: (list) => `En esta mesa no hay sitio para: ${list}.`
};
