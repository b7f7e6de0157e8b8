import type { DeskTexts } from '../../shapes';

/** The parts of a contact: its way, its result and the next step. */
export const contactTexts: DeskTexts['contacts'] = {
	how: { phone: 'Telefon', message: 'Nachricht', video: 'Videoanruf', 'in-person': 'Persönlich' },
	result: {
		reached: 'Person erreicht',
		'no-answer': 'Keine Antwort',
		'left-word': 'Nachricht hinterlassen',
		'wrong-number': 'Falsche Nummer'
	},
	next: {
		look: 'Wiedervorlage',
		referral: 'Überweisung',
		nothing: 'Kein nächster Schritt'
	},
	look: { 'not-looked': 'Nicht angesehen', fits: 'Passt', problem: 'Ein Problem' }
};
