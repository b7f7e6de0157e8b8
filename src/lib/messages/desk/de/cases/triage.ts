import type { DeskTexts } from '../../shapes';

const within = (workingDays: number) => {
	if (workingDays === 0) return 'derselbe Tag';
	return workingDays === 1 ? 'ein Werktag' : `${workingDays} Werktage`;
};

/** Reasons why a case needs a coordinator. Each is a sentence without a full stop. */
export const triageTexts: DeskTexts['triage'] = {
	regions: {
		head: 'Kopf',
		eyes: 'Augen',
		neck: 'Nacken',
		shoulder: 'Schulter',
		'upper-back': 'oberer Rücken',
		elbow: 'Ellenbogen',
		'wrist-hand': 'Handgelenk oder Hand',
		'low-back': 'unterer Rücken',
		'hip-thigh': 'Hüfte oder Oberschenkel',
		knee: 'Knie',
		'ankle-foot': 'Fußgelenk oder Fuß'
	},
	signs: {
		'chest-pain': 'Druck oder Schmerz in der Brust',
		'sudden-breathlessness': 'plötzliche Atemnot',
		'sudden-one-sided-weakness': 'plötzliche Schwäche oder Taubheit einer Seite oder Sprachstörung',
		'sudden-worst-headache': 'plötzlicher Kopfschmerz, so stark wie nie',
		'sudden-loss-of-sight': 'plötzlicher Sehverlust oder Doppelbilder',
		'saddle-numbness':
			'Rückenschmerz mit Taubheit zwischen den Beinen, Blasenstörung oder Schwäche oder Taubheit in beiden Beinen',
		'thoughts-of-ending-life': 'Gedanken daran, das eigene Leben zu beenden',
		'new-weakness': 'neue Schwäche in Arm, Hand, Bein oder Fuß',
		'one-calf-swollen': 'eine Wade geschwollen, warm und schmerzhaft',
		'back-pain-with-fever': 'Rückenschmerz mit Fieber, ungeklärtem Gewichtsverlust oder nach Krebs',
		'clumsy-hands': 'ungeschickte Hände oder unsicherer Gang, neu',
		'wakes-at-night': 'Taubheit oder Kribbeln, das nachts weckt',
		'numbness-stays': 'Taubheit oder Kribbeln, das bleibt',
		'runs-down-a-limb': 'Schmerz, der in Arm oder Bein zieht',
		'does-not-ease': 'Schmerz, der trotz der Änderungen nicht nachlässt',
		'after-injury': 'Schmerz nach Sturz, Schlag oder anderer Verletzung',
		'worst-at-night': 'Rückenschmerz, nachts im Bett am schlimmsten'
	},
	unreviewedSign: (translated, english) => `${translated} (Englisch: ${english})`,
	hazards: {
		'cables-in-the-way': 'lose Kabel nahe den Füßen',
		'chained-strips': 'Steckdosenleisten hintereinander',
		'stack-wobbles': 'ein wackliger Stapel',
		'vents-covered': 'verdeckte Lüftung des Laptops'
	},
	ownHazard: 'ein Sicherheitsproblem aus Ihrer eigenen Checkliste',
	requests: {
		equipment: 'hat Ausstattung oder einen Sehtest angefragt',
		message: 'hat eine Nachricht geschrieben',
		clinician: 'Nachricht einer Ärztin oder eines Arztes',
		'stuck-step': 'braucht Hilfe: Für einen Schritt passt nichts im Haushalt',
		silent: 'hat auf keine Erinnerung geantwortet: bitte anrufen'
	},
	closables: {
		'reported-weakness': 'gemeldete Schwäche',
		'reported-tingling': 'gemeldetes Kribbeln oder gemeldete Taubheit',
		severe: 'ein hoher Wert',
		'not-better': 'nach dem Plan nicht besser'
	},
	bothSides: (region) => `${region}, beide Seiten`,
	sided: (region, side) => `${region} ${side === 'left' ? 'links' : 'rechts'}`,
	score: (region, worst, days) =>
		`${region} ${worst} von 10, ${days === 7 ? 'jeden Tag' : `an ${days} von 7 Tagen`}`,
	gaps: {
		'knee low': 'Sitz zu niedrig',
		'knee high': 'Sitz zu hoch',
		'elbow low': 'Tastatur zu hoch',
		'elbow high': 'Tastatur zu niedrig',
		'eye low': 'Bildschirm zu niedrig',
		'eye high': 'Bildschirm zu hoch',
		'thigh low': 'zu wenig Platz für die Oberschenkel'
	},
	lifted: {
		seen: 'Arzt oder Rettungsdienst war da',
		mistake: 'aus Versehen angetippt',
		'safe-now': 'jetzt in Sicherheit, jemand ist bei der Person'
	},
	liftedOn: (reason, day, what) => `${reason}. Angabe am ${day}: ${what}`,
	reasons: {
		'emergency-sign': ({ sign }) => `Notfall: ${sign ?? 'ein Warnzeichen'}`,
		'urgent-sign': ({ sign }) => `Heute dringend: ${sign ?? 'ein Warnzeichen'}`,
		'professional-sign': ({ sign }) => `Ärztlich abklären: ${sign ?? 'ein Warnzeichen'}`,
		'reported-weakness': ({ scores }) => `Heute dringend: Schwäche, ${scores}`,
		'reported-tingling': ({ scores }) => `Ärztlich abklären: Kribbeln oder Taubheit, ${scores}`,
		severe: ({ scores }) => `Ärztlich abklären: ${scores}`,
		'not-better': ({ scores }) => `Ärztlich abklären: Wochen nach dem Plan nicht besser, ${scores}`,
		moderate: ({ scores }) => scores,
		'hinders-much': ({ regions }) => `Behindert stark bei der Arbeit: ${regions}`,
		'back-again': ({ scores }) => `Nach Besserung wieder schlechter: ${scores}`,
		unclosable: ({ gaps, regions }) => `${gaps}, und nichts zu Hause behebt es. Beschwerden: ${regions}`,
		hazard: ({ hazard, isRefused }) =>
			`Gefahr: ${hazard ?? 'am Arbeitsplatz'}${isRefused ? ' (laut Angabe dort nicht zu beheben)' : ''}`,
		request: ({ request }) => request ?? 'wartet auf Sie',
		stuck: () => 'Plan nicht begonnen',
		'open-plan': () => 'setzt den Plan zu Hause um',
		findings: () => 'hat Probleme, die zu Hause zu beheben sind',
		'nothing-open': () => 'nichts zu tun'
	},
	levels: {
		emergency: {
			name: 'Notfall',
			rule: () => 'Ein Notfallzeichen, das noch offen ist. Handeln Sie am selben Tag.'
		},
		urgent: {
			name: 'Heute dringend',
			rule: () =>
				'Ein Warnzeichen, von dem heute eine Ärztin oder ein Arzt wissen muss, oder gemeldete Schwäche.'
		},
		clinician: {
			name: 'Ärztlich abklären',
			rule: ({ clinicianFrom, notBetterDays, clinicianDays }) =>
				`Ein Warnzeichen für einen Arztbesuch, ein Wert von ${clinicianFrom} oder mehr, anhaltendes Kribbeln, oder ${notBetterDays} Tage nach dem Plan nicht besser. Frist: ${within(clinicianDays)}.`
		},
		soon: {
			name: 'Diese Woche',
			rule: ({ soonFrom, clinicianFrom, soonDays }) =>
				`Ein Wert von ${soonFrom < clinicianFrom - 1 ? `${soonFrom} bis ${clinicianFrom - 1}` : soonFrom}, starke Behinderung bei der Arbeit, oder nach dem Plan wieder schlechter. Auch eine Gefahr, oder ein Problem an der schmerzenden Stelle, das kein Plan behebt. Frist: ${within(soonDays)}.`
		},
		help: {
			name: 'Wartet auf Sie',
			rule: ({ helpDays, answerDays }) =>
				`Anfragen für Ausstattung, Bitten um Hilfe und Anrufe: Frist ${within(helpDays)}. Nachrichten: Frist ${within(answerDays)}.`
		},
		home: {
			name: 'Selbsthilfe',
			rule: ({ homeDays }) => `Probleme, die sich zu Hause beheben lassen. Frist: ${within(homeDays)}.`
		},
		done: { name: 'Nichts zu tun', rule: () => 'Neue Antworten, keine Probleme.' }
	}
};
