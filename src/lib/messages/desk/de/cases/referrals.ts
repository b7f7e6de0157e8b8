import type { DeskTexts } from '../../shapes';

const HANDS: Readonly<Record<string, string>> = { right: 'Rechtshändig', left: 'Linkshändig' };

/** What a clinician is sent, and what they write back. */
export const referralTexts: DeskTexts['referrals'] = {
	sender: (name, email) => `${name}, Gesundheit am Arbeitsplatz${email ? ` · ${email}` : ''}`,
	recipient: (to) => `An ${to || 'die behandelnde Ärztin oder den behandelnden Arzt'}`,
	patient: (name, staffNumber, team) =>
		`${name}${staffNumber ? `, Personalnummer ${staffNumber}` : ''}${team ? `, ${team}` : ''}`,
	question: (question) => question || 'Was soll sich bei der Arbeit ändern, und was soll so bleiben?',
	answerBy: (day) => `Bitte antworten Sie bis ${day}.`,
	noConsentYet: 'Die Zustimmung ist noch nicht festgehalten. Fragen Sie die Person, bevor Sie das senden.',
	whyNow: 'Anlass',
	reasonSince: (reason, day) => `${reason}, seit ${day}`,
	signsReported: 'Gemeldete Warnzeichen',
	signReport: (sign, at, takenBackAt) =>
		`${sign}, ${at}${takenBackAt ? `; am ${takenBackAt} als Versehen bezeichnet` : ''}`,
	discomfortHeading: 'Beschwerden: höchster Wert in sieben Tagen, 0 bis 10',
	where: 'Wo',
	now: 'Jetzt',
	daysAndHindrance: ({ days, kinds, isNo, isMuch }) =>
		`${days} von 7 Tagen; ${kinds}${isNo ? '' : `; behindert ${isMuch ? 'stark' : 'etwas'} bei der Arbeit`}`,
	noLongerNamed: 'entfernt',
	stepsTried: 'Bisher versuchte Schritte',
	stepTried: ({ place, things, at }) =>
		`${place}${things.length > 0 ? `, mit ${things.join(', ')}` : ''}: ${at}`,
	workstationNow: 'Der Arbeitsplatz jetzt',
	howTheyWork: ({ posture, seat, isLaptop, hasOwnKeys, hand, lenses }) =>
		`Arbeitet ${posture}${seat ? ` ${seat}` : ''}, an ${isLaptop ? 'einem Laptop' : 'einem separaten Bildschirm'} mit ${hasOwnKeys ? 'eigener Tastatur' : 'separater Tastatur'}. ${HANDS[hand] ?? hand}. ${lenses ? `Brille: ${lenses}` : 'Keine Brille'}.`,
	checkLine: ({ names, check, load, before }) =>
		`${names}: ${check}${load}${before ? `; am Anfang ${before}` : ''}`,
	ownAnswersNote:
		'Das sind eigene Angaben der Person und Längen, die sie zu Hause gemessen hat. Niemand hat sie untersucht, und nichts davon ist eine Diagnose.',
	heading: 'Überweisungen',
	listLead: (n) =>
		n === 0
			? 'Sie haben keine Überweisungen. Wir schreiben Ihnen, wenn es eine gibt.'
			: 'Öffnen Sie eine Überweisung, um sie zu lesen, nachzufragen oder zu antworten.',
	neededBy: (day, isLate) => (day ? `${isLate ? 'überfällig, nötig' : 'nötig'} bis ${day}` : 'ohne Frist'),
	lastWritten: (at, isMine) =>
		isMine ? `Sie haben am ${at} nachgefragt` : `die Koordination hat am ${at} geantwortet`,
	askedBy: (at, byName) => `gefragt ${at}${byName ? ` von ${byName}` : ''}`,
	author: (name) => name ?? 'Unbekannt',
	closedOn: (day, isSaidAbove, outcome) =>
		`Geschlossen am ${day}${isSaidAbove ? '.' : `: ${outcome || 'keine Notizen'}`}`,
	replyLabel: (isClinician) => (isClinician ? 'Ihre Antwort oder Frage' : 'Ihre Nachricht oder das Ergebnis'),
	closeReferral: (isClinician) => (isClinician ? 'Antwort senden und schließen' : 'Überweisung schließen'),
	sendReply: (isClinician) => (isClinician ? 'Frage senden' : 'Nachricht senden'),
	replyHint: (isClinician) =>
		isClinician
			? 'Die Koordination sieht es unter „Heute“. Nachdem Sie die Überweisung geschlossen haben, sehen Sie diesen Fall nicht mehr.'
			: 'Die Ärztin oder der Arzt bekommt eine E-Mail, dass es eine Nachricht gibt. Die E-Mail wiederholt sie nicht.',
	pageTitle: (name) => `${name} · Easy Corner`,
	backToCase: 'Zurück zum Fall',
	print: 'Drucken',
	threadTitle: (isClinician) => (isClinician ? 'Ihre Antwort' : 'Nachrichten mit der Ärztin oder dem Arzt')
};
