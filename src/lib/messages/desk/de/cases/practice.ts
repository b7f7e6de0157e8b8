import type { practiceTexts as en } from '../../en/cases/practice';

export const practiceTexts: typeof en = {
	link: 'Üben',
	title: 'Üben · Easy Corner',
	heading: 'Üben',
	lead: (n) =>
		`Ordnen Sie ${n} erfundene Fälle so, wie Sie sich darum kümmern würden. Wählen Sie für jeden den ersten Schritt, und schreiben Sie eine Nachricht. Danach vergleichen Sie mit den Stufen Ihrer Organisation. Nichts davon betrifft eine echte Person, und nur Sie sehen Ihre Ergebnisse.`,
	start: 'Runde beginnen',
	goOn: 'Offene Runde fortsetzen',
	noneYet: 'Sie haben noch nicht geübt.',
	scores: 'Ihre Ergebnisse',
	day: 'Tag',
	order: 'Richtige Reihenfolge',
	acts: 'Richtige Schritte',
	missed: 'Aufgeschobene dringende Warnzeichen',
	open: 'nicht beendet',
	of: (n, all) => `${n} von ${all}`,
	roundHeading: 'Wer kommt zuerst?',
	roundLead:
		'Das Dringendste oben. Ziehen Sie einen Fall, oder verschieben Sie ihn mit seinen Knöpfen oder den Pfeiltasten.',
	moveUp: (name) => `${name} nach oben`,
	moveDown: (name) => `${name} nach unten`,
	drag: (name) => `${name} ziehen`,
	moved: (name, to, of) => `${name} ist jetzt auf Platz ${to} von ${of}.`,
	firstAct: (name) => `Erster Schritt für ${name}`,
	choose: 'Wählen',
	actsOf: {
		'call-now': 'Jetzt anrufen, heute',
		refer: 'An Fachleute überweisen',
		'call-soon': 'In den nächsten Tagen anrufen oder schreiben',
		answer: 'Die Bitte beantworten',
		'leave-with-plan': 'Mit dem Plan weitermachen lassen',
		nothing: 'Nichts zu tun'
	},
	answered: (day) => `Beantwortet am ${day}`,
	reported: (day, list) => `Warnzeichen am ${day}: ${list}`,
	closed: (day, list) => `Ergebnis erfasst am ${day}: ${list}`,
	planDone: (done, all) => `Plan: ${done} von ${all} Schritten erledigt`,
	said: (what) => `Auf der Stoppseite gesagt: ${what}`,
	discomfort: (list) => `Beschwerden: ${list}`,
	noDiscomfort: 'Keine Beschwerden',
	report: (score, kinds, hinders) => `${score} (${kinds}${hinders})`,
	hinders: { no: '', 'a-little': ', behindert die Arbeit etwas', much: ', behindert die Arbeit stark' },
	heights: (list) => `Höhen: ${list}`,
	problems: (list) => `Probleme: ${list}`,
	earlier: (day, report) => `Davor, am ${day}. ${report}`,
	checkIn: (day, report) => `Rückmeldung am ${day}. ${report}`,
	waiting: (what, day) => `Seit ${day}: ${what}`,
	seen: 'Die Antworten sind als erledigt markiert',
	message: (name) => `An ${name} schreiben`,
	messageHint: 'So, wie Sie der Person schreiben würden. Die Nachricht wird nicht gesendet.',
	compare: 'Mit den Stufen vergleichen',
	result: 'Ihr Ergebnis',
	orderResult: (percent) => `${percent} der Paare stehen in der richtigen Reihenfolge.`,
	actsResult: (n, all) => `${n} von ${all} ersten Schritten sind richtig.`,
	missedResult: (n) =>
		n === 0
			? 'Kein dringendes Warnzeichen wurde aufgeschoben.'
			: n === 1
				? 'Ein dringendes Warnzeichen wurde aufgeschoben.'
				: `${n} dringende Warnzeichen wurden aufgeschoben.`,
	otherRules:
		'Die Stufen oder die Checkliste haben sich seitdem geändert, deshalb lassen sich die Fälle nicht mehr vergleichen. Dies sind die Ergebnisse von jenem Tag.',
	place: (yours, right) =>
		yours === right ? `Platz ${right}, wie bei Ihnen` : `Platz ${right}, bei Ihnen ${yours}`,
	rightAct: (act) => `Erster Schritt: ${act}, wie Sie gewählt haben`,
	wrongAct: (right, yours) => `Erster Schritt: ${right}. Ihre Wahl: ${yours ?? 'keine'}`,
	leftForLater: 'Das hat keinen Aufschub: Handeln Sie heute.',
	yourMessage: 'Ihre Nachricht',
	suggested: 'Vorschlag von Easy Corner',
	noMessage: 'Sie haben keine geschrieben.',
	opinion: {
		heading: 'Zweite Meinung',
		lead: (n) =>
			`Sie und jemand aus Ihrem Team geben ${n} echten Fällen eine Stufe, ohne Namen und ohne die Stufen der anderen Seite zu sehen. Danach sehen Sie, wo Sie übereinstimmen und worüber zu reden ist.`,
		colleague: 'Kollegin oder Kollege',
		ask: 'Um zweite Meinung bitten',
		needsColleague: 'Dafür braucht es ein zweites Konto der Koordination.',
		with: (name, day) => `Mit ${name}, ${day}`,
		yours: 'Ihre Stufen fehlen',
		theirs: (name) => `Wartet auf ${name}`,
		done: 'Verglichen',
		title: 'Zweite Meinung · Easy Corner',
		caseNumber: (n) => `Fall ${n}`,
		level: (n) => `Stufe von Fall ${n}`,
		give: 'Stufen angeben',
		given: (name) =>
			`Ihre Stufen sind gespeichert. Den Vergleich sehen Sie, sobald ${name} die eigenen angegeben hat.`,
		agreed: (n, of) => `Sie stimmen in ${n} von ${of} Fällen überein.`,
		kappa: (kappa) => `Cohens Kappa ist ${kappa}: 1 ist volle Übereinstimmung, 0 nicht mehr als Zufall.`,
		noKappa: 'Kappa lässt sich nicht berechnen, weil Sie beide jedem Fall dieselbe Stufe gegeben haben.',
		differences: 'Zum Besprechen',
		noDifferences: 'Sie stimmen beide in jedem Fall mit den Stufen Ihrer Organisation überein.',
		levels: (you, name, other, rules) =>
			`Sie: ${you}. ${name}: ${other}. Nach Ihren Einstellungen: ${rules}.`,
		proposals: 'Für Ihre Einstellungen',
		proposal: (n, rules, both, reason) =>
			`In ${n} Fällen haben Sie beide „${both}“ gewählt, wo Ihre Einstellungen „${rules}“ sagen${reason ? ` (${reason})` : ''}. Erwägen Sie eine Änderung.`,
		toSettings: 'Stufen und Fristen'
	},
	again: 'Zurück zum Üben'
};
