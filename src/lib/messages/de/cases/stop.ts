import type { StopTexts } from '../../shapes';

/** Texts of the stop page and related pages. */
export const stopTexts: StopTexts = {
	lead: 'Sie haben angegeben:',
	do: [
		'Rufen Sie an. Sagen Sie, was Sie spüren und seit wann.',
		'Fahren Sie nicht selbst. Schließen Sie die Tür auf, und bleiben Sie möglichst nicht allein.',
		'Lassen Sie alles stehen. Ihre Antworten sind gespeichert, und Ihr Link funktioniert auch morgen.'
	],
	reportReceived:
		'Die Koordination hat Ihre Meldung, ist aber vielleicht nicht im Dienst. Warten Sie nicht darauf: Rufen Sie jetzt an. Dieses Programm stellt keine Diagnose.',
	deputyTold: (minutes) =>
		`Hat sie nach ${minutes} Minuten niemand geöffnet, schicken wir einer Vertretung eine E-Mail. Warten Sie trotzdem nicht.`,
	outOfHours: 'Außerhalb der Arbeitszeit gilt, so Ihre Organisation:',
	openAgain: 'Um Ihre Seiten wieder zu benutzen',
	slip: 'Ich habe aus Versehen getippt',
	seen: 'Eine Ärztin, ein Arzt oder der Rettungsdienst hat mich gesehen',
	safe: 'Ich bin jetzt in Sicherheit, und jemand ist bei mir',
	note: 'Die Koordination sieht, was Sie hier antippen, und fragt trotzdem nach, ob es Ihnen gut geht.',
	needsNetwork: 'Das geht wieder, wenn Sie online sind. Anrufe gehen ohne Internet.',
	mistakeTitle: 'Haben Sie aus Versehen getippt?',
	mistakeLead: 'Sie haben angegeben:',
	mistakeYes: 'Ja, aus Versehen. Das habe ich nicht',
	mistakeNo: 'Nein, das habe ich',
	staysOpen: 'Immer erreichbar',
	write: 'An die Koordination schreiben',
	privacy: 'Lesen, wie Ihre Daten verwendet werden',
	download: 'Ihre Daten herunterladen',
	withdraw: 'Ihre Antworten zurückziehen',
	distressTitle: 'Sie müssen da nicht allein durch.',
	distressLead:
		'Sie haben daran gedacht, Ihr Leben zu beenden. Danke, dass Sie das sagen. Bitte sprechen Sie jetzt mit jemandem.',
	distressNoLine: (number) =>
		`Ihre Organisation hat für Ihr Land kein Krisentelefon angegeben. Rufen Sie ${number} oder Ihre örtliche Notrufnummer an. Auch dort hilft man Ihnen.`,
	distressDo: [
		'Bleiben Sie nicht allein. Gehen Sie zu jemandem, dem Sie vertrauen, oder bitten Sie ihn zu kommen oder am Telefon zu bleiben.',
		'Wenn Sie jetzt in Gefahr sind oder sich verletzt haben, rufen Sie die Notrufnummer an.',
		'Halten Sie alles von sich fern, womit Sie sich etwas antun könnten.'
	],
	distressTold:
		'Die Koordination hat Ihre Meldung, ist aber vielleicht nicht im Dienst. Bitte warten Sie nicht darauf.',
	privacyTitle: 'Wie Ihre Daten verwendet werden',
	privacyBack: 'Zurück zum Anfang',
	after: {
		title: (name) => `Hallo ${name}. Lassen Sie sich Zeit.`,
		happened: (day) => `Am ${day} haben Sie ein Notfallzeichen angegeben, und wir haben hier angehalten.`,
		how: {
			seen: 'Seitdem haben Sie angegeben, dass eine Ärztin, ein Arzt oder der Rettungsdienst Sie untersucht hat.',
			mistake: 'Seitdem haben Sie angegeben, dass es ein Versehen war.',
			'safe-now': 'Seitdem haben Sie angegeben, dass Sie in Sicherheit und nicht allein sind.',
			outcome: 'Seitdem wurde in der Koordination festgehalten, was geschehen ist.'
		},
		ifAgain: (number) => `Kommt es wieder, rufen Sie sofort ${number} oder Ihre örtliche Notrufnummer an.`,
		noHurry: 'Ihr Arbeitsplatz kann warten. Alles ist gespeichert, und Ihr Link bleibt gültig.',
		another: 'Heute nicht',
		rested: (day) => `Wir erinnern Sie nicht vor dem ${day}. Öffnen Sie diesen Link, wann es Ihnen passt.`
	}
};
