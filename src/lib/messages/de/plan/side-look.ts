import type { Catalogue } from '../../shapes';

/** What to look for from the side once the plan is carried out. Facts: common practice. */
export const sideViewPointTexts: Catalogue['side'] = {
	title: 'Von der Seite ansehen',
	link: 'Von der Seite ansehen',
	lead: 'Bitten Sie jemanden, nehmen Sie einen Spiegel, oder stellen Sie Ihr Telefon auf und machen Sie ein Foto. Sitzen oder stehen Sie wie bei der Arbeit, dann vergleichen Sie.',
	right: 'Sieht richtig aus',
	off: 'Sieht anders aus',
	toStep: (step) => `Zurück zum Schritt „${step}“`,
	noStep: 'Dafür gibt es keinen Schritt. Schreiben Sie der Koordination.',
	done: 'Alles sieht richtig aus. Ihr Arbeitsplatz ist eingerichtet.',
	offCount: (n) =>
		n === 1 ? 'Zu einer Sache sollten Sie zurückgehen.' : `Zu ${n} Dingen sollten Sie zurückgehen.`,
	points: {
		'ear-over-shoulder': {
			name: 'Ohr über der Schulter',
			look: 'Ihr Ohr ist über der Schulter, nicht davor.'
		},
		'shoulder-over-hip': {
			name: 'Schulter über der Hüfte',
			look: 'Ihre Schulter ist über der Hüfte: Sie beugen sich nicht vor und sinken nicht ein.'
		},
		'hip-against-knee': {
			name: 'Hüfte und Knie',
			look: 'Ihre Hüfte ist auf Höhe der Knie oder etwas höher.'
		},
		'whole-foot': { name: 'Ganzer Fuß', look: 'Beide Füße stehen ganz auf, auch die Fersen.' },
		'back-filled': {
			name: 'Rücken gestützt',
			look: 'Zwischen unterem Rücken und Lehne ist kein Licht zu sehen.'
		},
		'forearm-level': {
			name: 'Unterarm waagerecht',
			look: 'Ihr Oberarm hängt, Ihr Unterarm ist etwa waagerecht.'
		},
		'wrist-straight': {
			name: 'Handgelenk gerade',
			look: 'Handrücken und Unterarm bilden eine Linie.'
		},
		'elbow-at-body': {
			name: 'Ellenbogen am Körper',
			look: 'Ihr Ellenbogen ist neben Ihnen, nicht vor Ihnen.'
		},
		'screen-top': {
			name: 'Bildschirmoberkante',
			look: 'Die Oberkante der Anzeige ist auf Augenhöhe oder etwas darunter.'
		},
		'arms-length': {
			name: 'Abstand zum Bildschirm',
			look: 'Sie sitzen zurückgelehnt, und Ihr Kopf neigt sich nicht zum Bildschirm.'
		}
	}
};

/** Questions not asked before the plan. */
export const skippedQuestionTexts: Catalogue['closer'] = {
	title: 'Weitere Fragen (freiwillig)',
	lead: 'Wir haben nur gefragt, was Ihren Plan ändern kann. Wenn Sie mehr Zeit haben, beantworten Sie auch diese:',
	line: (page, minutes) => `${page}, etwa ${minutes} min`
};

/** Usual sizes of what the plan uses. */
export const sizeCheckTexts: Catalogue['sizes'] = {
	title: 'Prüfen Sie, bevor Sie beginnen',
	ask: (used, label, height) =>
		used > 1 ? `${used} × ${label} auf einem Stapel: etwa ${height} hoch?` : `${label}: etwa ${height} hoch?`,
	right: 'Ja, ungefähr',
	other: (unit) => `Nein, es sind (${unit})`,
	keep: 'Damit einen neuen Plan machen'
};
