import type { Catalogue } from '../../shapes';

/** Six habits for everybody. Facts: common practice. */
export const habitTexts: Catalogue['habits'] = {
	title: 'Sechs Gewohnheiten für jeden Schreibtisch',
	lead: 'Ist das bei Ihnen so?',
	yes: 'Ja',
	notYet: 'Noch nicht',
	added: 'Wir haben das in Ihre Liste aufgenommen.',
	distance: {
		plan: (mm) => `Sitzen Sie zurückgelehnt, mit ${mm} zwischen Augen und Bildschirm.`,
		arm: (mm) => `Sitzen Sie zurückgelehnt, eine Armlänge vom Bildschirm entfernt (bei Ihnen ${mm}).`,
		band: (low, high) => `Sitzen Sie zurückgelehnt, ${low} bis ${high} vom Bildschirm entfernt.`
	},
	names: {
		'mouse-close': 'Die Maus liegt direkt neben der Tastatur.',
		'straight-wrists': 'Die Handgelenke bleiben gerade.',
		'light-from-the-side': 'Das Licht kommt von der Seite, und nichts spiegelt sich im Bildschirm.',
		'phone-in-hand': 'Das Telefon halten Sie in der Hand, nicht mit der Schulter.',
		'up-and-about': 'Sie stehen jede halbe Stunde auf.'
	},
	shifting: 'Verlagern Sie jede halbe Stunde Ihr Gewicht, lehnen und strecken Sie sich.'
};
