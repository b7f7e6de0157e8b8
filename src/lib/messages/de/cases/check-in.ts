import type { AsideTexts } from '../../shapes';

export const checkInTexts: AsideTexts['checkIn'] = {
	title: 'Wie ist Ihr Arbeitsplatz jetzt?',
	lead: 'Das dauert zwei bis drei Minuten.',
	undoneTitle: 'Was Sie geändert haben',
	undoneLead: 'Kreuzen Sie an, was nicht mehr so ist. Wenn alles noch so ist, kreuzen Sie nichts an.',
	undoneNone: 'Sie haben noch keinen Schritt Ihres Plans abgehakt.',
	discomfortTitle: 'Wie es Ihnen geht',
	discomfortLead:
		'In den letzten sieben Tagen. Wählen Sie für jede Körperregion eine Zahl und ergänzen Sie weitere, die wehtun.',
	noDiscomfort: 'In den letzten sieben Tagen tat nichts weh',
	worst: 'Im schlimmsten Moment, von 0 bis 10',
	days: 'An wie vielen der sieben Tage',
	another: 'Weitere Körperregion',
	kinds: 'Wie fühlt es sich an?',
	hinders: 'Behindert es Sie bei der Arbeit?',
	newsTitle: 'Gibt es etwas Neues?',
	newsLead: 'Kreuzen Sie an, was sich geändert hat, seit Ihr Plan erstellt wurde.',
	news: {
		glasses: 'Neue Brille oder Kontaktlinsen',
		moved: 'Ein anderer Raum oder ein anderer Tisch',
		chair: 'Ein anderer Stuhl',
		pregnancy: 'Eine Schwangerschaft',
		other: 'Etwas anderes'
	},
	send: 'Antworten senden',
	missing: 'Es fehlt noch etwas. Die erste Stelle ist markiert.',
	missingDiscomfort: 'Wählen Sie für jede Körperregion eine Zahl, oder geben Sie an, dass nichts wehtat.',
	doneTitle: 'Vielen Dank',
	doneLead: 'Die Koordination hat Ihre Antworten.',
	doneWell: 'Alles ist noch so, und es gibt nichts Neues. Sie müssen nichts tun.',
	remarks: {
		'see-today':
			'Was Sie angegeben haben, muss sich heute eine Ärztin oder ein Arzt ansehen, auch wenn Ihr Arbeitsplatz stimmt. Warten Sie nicht auf unseren Anruf.',
		'see-professional':
			'Bitte sprechen Sie mit einer Ärztin, einem Arzt oder in der Physiotherapie darüber, auch wenn Ihr Arbeitsplatz stimmt.',
		'still-hurts':
			'Es tut noch etwas weh. Wurde es nach einer Änderung schlimmer, machen Sie diese rückgängig. Lässt es nicht nach, gehen Sie in eine Arztpraxis.',
		'steps-open': 'In Ihrem Plan sind noch Schritte offen.',
		'problems-open': 'In Ihrem Plan sind noch Probleme offen.',
		'with-coordinator': 'Eine Nachricht oder Anfrage von Ihnen ist noch nicht beantwortet.'
	},
	undoneNext: 'Ihr Plan zeigt, wie Sie wiederherstellen, was nicht mehr so ist.',
	newsNext:
		'Weil sich etwas geändert hat, prüfen Sie bitte diese Seiten noch einmal. Ändern Sie nur, was anders ist.',
	newsPage: (title) => `Noch einmal prüfen: ${title}`,
	otherNext: 'Schreiben Sie der Koordination kurz, was sich geändert hat.',
	plan: 'Zu meinem Plan'
};
