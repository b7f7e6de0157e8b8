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
		{ holds: IN_A_WHEELCHAIR, text: 'So: beide Füße ganz auf den Fußplatten, Oberschenkel waagerecht.' },
		{
			holds: { back: ['eased-by-rounding'] },
			text: 'So: der ganze Fuß steht auf, die Knie etwas höher als die Hüfte.'
		},
		{
			holds: { way: ['active'] },
			text: 'So: der ganze Fuß steht auf, die Hüfte deutlich höher als die Knie.'
		},
		{
			holds: {},
			text: 'So: der ganze Fuß steht auf, Oberschenkel waagerecht oder leicht zu den Knien abfallend.'
		}
	],
	back: [
		{ holds: AT_STANDING_SPOT, text: 'So: Schultern über der Hüfte, Hüfte über den Füßen.' },
		{
			holds: { way: ['active'] },
			text: 'So: vorn auf dem Sitz, Rücken frei, Schultern über der Hüfte.'
		},
		{
			holds: { back: ['eased-by-rounding'] },
			text: 'So: ganz hinten auf dem Sitz, der Rücken darf sich runden.'
		},
		{
			holds: { seat: ['chair'] },
			text: 'So: ganz hinten auf dem Sitz, unterer Rücken gestützt, Schultern über der Hüfte.'
		},
		{ holds: {}, text: 'So: Schultern über der Hüfte, Gewicht gleichmäßig verteilt.' }
	],
	hands: [
		{
			holds: { way: ['open'] },
			text: 'So: Oberarm hängt, Unterarm leicht abfallend, Handgelenk gerade.'
		},
		{
			holds: { way: ['forearms-down'], posture: ['sitting'] },
			text: 'So: der Tisch trägt die Unterarme, Schultern unten, Handgelenke gerade.'
		},
		{ holds: {}, text: 'So: Oberarm hängt, Unterarm waagerecht, Handgelenk gerade.' }
	],
	safety:
		'So: die Steckdosenleiste hängt unter dem Tisch und steckt in der Wand. Der Boden vor Ihren Füßen ist frei.',
	second: [
		{
			holds: AT_STANDING_SPOT,
			text: 'So, für einen Teil des Tages: sitzend, die Tastatur wieder auf Höhe der Ellenbogen.'
		},
		{
			holds: {},
			text: 'So, für einen Teil des Tages: stehend, die Tastatur wieder auf Höhe der Ellenbogen.'
		}
	],
	spot: 'So, von oben gesehen: das Fenster an Ihrer Seite, niemand geht hinter Ihnen vorbei.',
	mouse: [
		{
			holds: OWN_MOUSE,
			text: 'So, von oben gesehen: die Maus direkt neben der Tastatur, in Reichweite des Unterarms.'
		},
		{ holds: {}, text: 'So, von oben gesehen: die Tastatur in Reichweite der Unterarme.' }
	],
	light:
		'So, von oben gesehen: Papiere beim Bildschirm, die Lampe auf der anderen Seite als die Schreibhand.',
	screen: [
		{
			holds: LOW_LENSES,
			text: 'So: geradeaus blickend sehen Sie über den Bildschirm hinweg, der nach hinten geneigt ist.'
		},
		{ holds: {}, text: 'So: geradeaus blickend treffen Sie die Oberkante der Anzeige.' }
	]
};

/** Labels in the view from above. */
export const householdLookTexts: Catalogue['lookThings'] = {
	mouse: 'Maus',
	phone: 'Telefon',
	papers: 'Papiere',
	lamp: 'Lampe',
	keyboard: 'Tastatur'
};

/** The view of the desk from above. */
export const deskLayoutTexts: Catalogue['desk'] = {
	title: 'Ihr Schreibtisch von oben',
	lead: 'Legen Sie alles, was Sie ständig benutzen, innerhalb der inneren Linien ab: So weit reichen Ihre Unterarme.',
	twoMostly:
		'Der Bildschirm, den Sie am meisten benutzen, steht geradeaus, der andere daneben und zu Ihnen gedreht.',
	twoAlike: 'Beide Bildschirme sind zu Ihnen gedreht, der Spalt zwischen ihnen ist geradeaus.',
	raiseSecond: (rise) =>
		`Stellen Sie den Laptop daneben etwa ${rise} über den Tisch. Dann sind beide Oberkanten gleich hoch.`,
	outOfReach: (list) => `Hier nicht gut erreichbar: ${list}.`,
	overEdge: (list) => `Auf diesem Tisch ist kein Platz für: ${list}.`
};
