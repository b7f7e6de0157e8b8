import type { TrialTexts } from '../../shapes';

export const trialTexts: TrialTexts = {
	trying: {
		style: 'Sie probieren gerade eine andere Sitzhaltung aus.',
		plan: 'Sie probieren gerade einen anderen Plan aus.'
	},
	look: { style: 'So sitzen Sie dabei', plan: 'Ansehen' },
	day: {
		tried: 'Heute ist der Tag zum Ausprobieren.',
		own: 'Sitzen und arbeiten Sie heute nach Ihrem Plan, zum Vergleich.'
	},
	later: {
		tried: (day) => `Der Tag zum Ausprobieren ist der ${day}.`,
		own: (day) => `Am ${day} sitzen und arbeiten Sie nach Ihrem Plan. Dann beantworten Sie dieselbe Frage.`
	},
	care: 'Hören Sie auf, wenn etwas mehr wehtut als vorher, oder wenn es kribbelt oder taub wird.',
	question: 'Wie bequem war der Tag? 0 ist sehr schlecht, 10 sehr gut.',
	asksByEmail: (time) => `Wir fragen Sie um ${time} Uhr auch per E-Mail.`,
	doneForToday: 'Ich bin für heute fertig',
	save: 'Speichern',
	notToday: 'Heute habe ich es nicht gemacht',
	days: (tried, own) => `Der Tag zum Ausprobieren: ${tried} von 10. Der Tag mit Ihrem Plan: ${own} von 10.`,
	better: {
		tried: 'Der Tag zum Ausprobieren war besser.',
		own: 'Der Tag mit Ihrem Plan war besser.',
		same: 'Es gab keinen klaren Unterschied.'
	},
	keep: { tried: 'Das Ausprobierte behalten', own: 'Meinen Plan behalten' },
	stop: 'Nicht weiter ausprobieren',
	tryPlan: 'Diesen Plan einen Tag ausprobieren'
};
