import type { SittingStyleTexts } from '../../shapes';

/** Sitting styles to try for a day each. Facts: common practice. */
export const sittingStyleTexts: SittingStyleTexts = {
	title: 'Eine andere Sitzhaltung ausprobieren',
	lead: 'Fachleute sind sich nicht einig, wie man am besten sitzt. Probieren Sie eine Haltung einen Tag lang aus und behalten Sie, was sich besser anfühlt.',
	choose: 'Sitzhaltungen',
	current: 'Ihr Plan ist für diese Haltung gemacht.',
	since: (day) => `Sie probieren das seit dem ${day} aus.`,
	evening: 'Am Abend fragt die Seite mit Ihrem Plan, wie der Tag war.',
	how: 'So sitzen Sie',
	asksTitle: 'Was das an Ihrem Tisch braucht',
	asksNothing: 'An Ihrem Tisch ändert sich nichts.',
	care: 'Hören Sie auf, wenn etwas mehr wehtut als vorher, oder wenn es kribbelt oder taub wird.',
	tryIt: 'Diese Haltung heute ausprobieren',
	keep: 'Diese Haltung behalten und damit planen',
	stop: 'Beenden und zurück zu meinem Plan',
	back: 'Zurück zu meinem Plan',
	ways: {
		upright: {
			name: 'Aufrecht',
			what: 'Ellenbogen und Knie etwa im rechten Winkel. Die meisten Normen beschreiben diese Haltung.',
			how: [
				'Sitzen Sie ganz hinten, sodass der Stuhl den unteren Rücken stützt.',
				'Lassen Sie die Oberarme hängen, die Unterarme sind waagerecht.',
				'Halten Sie die Hüfte auf Höhe der Knie oder etwas höher.'
			]
		},
		open: {
			name: 'Offen',
			what: 'Ellenbogen und Knie weiter als ein rechter Winkel. Das braucht einen niedrigen Tisch.',
			how: [
				'Sitzen Sie ganz hinten und lehnen Sie sich ein wenig zurück.',
				'Lassen Sie die Unterarme zur Tastatur abfallen.',
				'Stellen Sie die Füße etwas nach vorn, die Hüfte höher als die Knie.'
			]
		},
		'forearms-down': {
			name: 'Unterarme auf dem Tisch',
			what: 'Der Tisch trägt Ihre Arme, sodass die Schultern ausruhen können.',
			how: [
				'Schieben Sie die Tastatur zurück, bis beide Unterarme auf dem Tisch liegen.',
				'Sitzen Sie nah am Tisch, die Schultern unten.',
				'Halten Sie die Handgelenke gerade und weg von der Kante.'
			]
		},
		active: {
			name: 'Aktiv',
			what: 'Vorn auf dem Sitz mit freiem Rücken. Das ist für eine halbe Stunde am Stück.',
			how: [
				'Sitzen Sie auf dem vorderen Drittel des Sitzes, beide Füße flach.',
				'Halten Sie die Hüfte deutlich höher als die Knie.',
				'Lehnen Sie sich nach einer halben Stunde zurück oder stehen Sie auf.'
			]
		}
	}
};
