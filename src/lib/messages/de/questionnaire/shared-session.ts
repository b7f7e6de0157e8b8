import { isOne } from '../../en/platform/numbers';
import type { SharedSessionTexts } from '../../shapes';

export const sharedSessionTexts: SharedSessionTexts = {
	lead: 'Rufen Sie Ihre Koordination an, oder warten Sie auf den Anruf. Sie sehen beide dieselbe Zeichnung Ihres Arbeitsplatzes. Was eine Seite einträgt, erscheint sofort darin.',
	saved:
		'Wir speichern nur, was beide sehen: die Antworten, den vereinbarten Plan und den nächsten Termin. Nichts wird mitgehört, gefilmt oder aufgezeichnet.',
	start: 'Beginnen und Code anzeigen',
	yourCode: 'Ihr Code',
	readOut:
		'Lesen Sie diesen Code der Koordination vor. Nur damit kann sie dazukommen, und Sie können jederzeit beenden.',
	here: (names, count) => `${names} ${isOne(count) ? 'ist' : 'sind'} dabei.`,
	notHere: 'Ihre Koordination ist noch nicht da.',
	personHere: (name) => `${name} ist da und sieht, was Sie eintragen.`,
	personAway: (name) => `${name} hat die Seite gerade nicht offen.`,
	alsoHere: (names) => `Auch da: ${names}.`,
	lost: 'Die Verbindung ist unterbrochen. Was Sie eintragen, wird gesendet, sobald sie wieder steht.',
	stations: 'Wohin sehen',
	pointing: (name) => `${name} zeigt hierhin.`,
	noQuestions: 'Hier wird nichts gefragt.',
	entered: 'Was eingetragen wurde',
	nothingEntered: 'Noch wurde nichts eingetragen.',
	entry: {
		byPerson: (name) => `eingetragen von ${name}`,
		readOut: (name) => `vorgelesen, eingetragen von ${name}`
	},
	cleared: 'gelöscht',
	aColleague: 'der Koordination',
	plan: 'Der Plan',
	noPlan: 'Es gibt noch keinen Plan. Dafür fehlen noch Antworten.',
	makePlan: 'Plan erstellen',
	makeAgain: 'Plan neu erstellen',
	behind: 'Seit diesem Plan haben sich Antworten geändert.',
	stillOpen: (n) => (isOne(n) ? 'Eine Antwort fehlt noch' : `${n} Antworten fehlen noch`),
	onOtherPages: 'Der Rest steht auf den Seiten zu Warnzeichen, Beschwerden und Dingen zu Hause.',
	noSteps: 'An diesem Arbeitsplatz muss sich nichts ändern.',
	agree: 'Ich stimme diesem Plan zu',
	agreed: {
		you: 'Sie stimmen zu.',
		other: (name) => `${name} stimmt zu.`,
		both: 'Sie stimmen beide diesem Plan zu.'
	},
	next: 'Nächster Termin',
	nextOn: (day) => `Ihre Koordination meldet sich am ${day}.`,
	noNext: 'Ihre Koordination legt den nächsten Termin fest.',
	end: 'Beenden',
	summary: {
		title: 'Zusammenfassung',
		heading: (day) => `Gemeinsam angesehen am ${day}`,
		with: (names) => `Mit ${names}.`,
		endedBy: {
			person: 'Von der beschäftigten Person beendet.',
			coordinator: 'Von der Koordination beendet.',
			time: 'Nach zwei Stunden beendet.'
		},
		nothingAgreed: 'Es wurde kein Plan vereinbart.',
		nextOn: (day) => `Nächster Termin: ${day}.`,
		noNext: 'Es wurde kein nächster Termin gesetzt.'
	}
};
