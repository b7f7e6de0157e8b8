import type { AsideTexts, Catalogue } from '../../shapes';

export const withdrawalTexts: AsideTexts['withdraw'] = {
	title: 'Antworten zurückziehen?',
	lead: 'Wir löschen Ihre Antworten, Pläne, Rückmeldungen, Anfragen, Nachrichten und Links, sobald Sie den Knopf drücken. Das lässt sich nicht rückgängig machen.',
	stays:
		'Es bleibt: dass Sie gefragt wurden, dass Sie zurückgezogen haben, und die Notizen der Koordination zu Gesprächen mit Ihnen. Auch Protokolleinträge ohne Ihren Namen und Summen in früheren Berichten bleiben, Sicherungen für eine Weile.',
	signStays:
		'Auch ein Warnzeichen, das Sie gemeldet haben, bleibt bei der Koordination, bis sie Sie erreicht hat.',
	confirm: 'Alles zurückziehen',
	keep: 'Antworten behalten',
	doneTitle: 'Ihre Antworten sind zurückgezogen',
	doneLead:
		'Wir haben Ihre Antworten gelöscht, und Ihre Links funktionieren nicht mehr. Sie können diese Seite schließen.'
};

export const reminderTexts: AsideTexts['reminders'] = {
	title: 'Erinnerungen',
	coming: 'Wir erinnern Sie, solange eine Selbsteinschätzung oder eine Rückmeldung nicht beantwortet ist.',
	stopped: 'Wir senden Ihnen keine Erinnerungen mehr.',
	others: 'Nachrichten der Koordination erhalten Sie weiterhin, und sie kann Sie anrufen.',
	stop: 'Erinnerungen beenden',
	resume: 'Erinnerungen wieder senden',
	back: 'Zurück zu meiner Seite'
};

export const ownRequestTexts: AsideTexts['equipment'] = {
	title: 'Ausstattung, um die Sie gebeten haben',
	lead: 'Die Koordination entscheidet über jede Anfrage. Wenn es etwas Neues gibt, schreiben wir Ihnen.',
	none: 'Sie haben um keine Ausstattung gebeten.',
	withdraw: 'Anfrage zurückziehen',
	address: 'Wohin soll geliefert werden?',
	addressHint:
		'Die Koordination und der Lieferant sehen die Adresse. Wir löschen sie, wenn alles angekommen ist.',
	save: 'Adresse speichern',
	saved: 'Gespeichert. Die Koordination sieht die Adresse bei Ihren Anfragen.',
	eyeTest: 'Sehtest',
	entitled: (months) =>
		`Sie können einen für Sie kostenlosen Sehtest machen lassen${months === null ? '' : months === 1 ? ', jeden Monat' : `, alle ${months} Monate`}, und früher, wenn Ihre Augen Ihnen Mühe machen.`,
	law: (law) => `Grundlage: ${law}.`,
	ask: 'Um einen Sehtest bitten',
	lastDone: (day) => `Ihr letzter Sehtest ist für den ${day} eingetragen.`,
	eyeTestAsked: 'Sie haben um einen Sehtest gebeten. Die Koordination regelt ihn mit Ihnen.'
};

export const messageTexts: Catalogue['messages'] = {
	title: 'Nachrichten',
	lead: 'Nachrichten zwischen Ihnen und der Koordination. Personen mit der Rolle Koordination können sie lesen, und eine Ärztin oder ein Arzt, wenn Sie dorthin überwiesen werden.',
	left: 'Ihre Selbsteinschätzung ist geschlossen. Sie können hier weiterhin lesen und schreiben.',
	none: 'Noch keine Nachrichten.',
	you: 'Sie',
	yourCoordinator: 'Ihre Koordination',
	write: 'An die Koordination schreiben',
	care: 'Nicht für Notfälle. Wenn etwas nicht warten kann, rufen Sie Ihre Notrufnummer an.',
	send: 'Nachricht senden',
	back: 'Zurück zu meiner Seite',
	link: 'Nachrichten',
	equipment: 'Ausstattungsanfragen',
	equipmentAndTest: 'Ausstattung und Sehtest',
	eyeTest: 'ein Sehtest',
	eyeTestDone: 'gemacht',
	requestStates: {
		asked: 'angefragt, noch nicht entschieden',
		approved: 'genehmigt',
		ordered: 'bestellt',
		declined: 'abgelehnt',
		sent: 'unterwegs',
		arrived: 'angekommen',
		returned: 'zurückgegeben'
	}
};
