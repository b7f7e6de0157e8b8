import type { AsideTexts, Catalogue } from '../../shapes';
import { isOne } from './numbers';

export const frameTexts: Catalogue['frame'] = {
	skip: 'Zu den Fragen springen',
	saved: (time) => `Gespeichert ${time}`,
	saving: 'Wird gespeichert …',
	notSaved:
		'Noch nicht gesendet. Es ist auf diesem Gerät gespeichert, und wir senden es, sobald Sie online sind.',
	refused:
		'Eine Antwort konnten wir nicht speichern. Bitte geben Sie sie noch einmal ein, kürzer und ohne Sonderzeichen.',
	ended:
		'Dieser Link funktioniert nicht mehr, und neue Antworten können nicht gespeichert werden. Bitten Sie die Koordination um einen neuen Link.',
	back: 'Zurück',
	byPhone: (name) =>
		name
			? `Am Telefon mit ${name}: Dort wird eingetragen, was gesagt wird.`
			: 'Diese Antworten werden am Telefon gegeben.',
	toCase: 'Zurück zum Fall',
	theme: { light: 'Hell', dark: 'Dunkel', label: 'Farben' },
	textSize: { label: 'Schriftgröße', normal: 'normal', large: 'groß', larger: 'größer' },
	unitLabel: 'Längen in',
	unit: { cm: 'Zentimeter', in: 'Zoll', mm: 'Millimeter' },
	language: 'Sprache',
	pages: 'Seiten',
	contents: 'Inhalt',
	together: 'Gemeinsam ansehen'
};

export const navTexts: Catalogue['nav'] = {
	next: (page) => `Weiter: ${page}`,
	on: 'Weiter',
	skip: 'Überspringen',
	how: 'Wie?',
	howAndWhy: 'Warum?',
	measured: 'Andere',
	minutesLeft: (minutes) => `noch etwa ${minutes} min`,
	almostDone: 'fast fertig',
	nothingHere: 'Hier gibt es nichts zu beantworten. Bitte gehen Sie weiter.',
	finish: 'Meinen Plan zeigen',
	fix: (n) =>
		isOne(n) ? 'Bitte prüfen Sie eine Antwort noch einmal' : `Bitte prüfen Sie ${n} Antworten noch einmal`,
	fixLead: 'Alles, was Sie eingegeben haben, ist noch da.'
};

export const deviceTexts: Catalogue['device'] = {
	title: 'Auf dem Telefon weitermachen',
	lead: 'Messen ist leichter mit dem Telefon in der Hand. Richten Sie die Kamera auf diesen QR-Code, um dort dieselben Fragen zu öffnen. Beide Geräte bleiben auf demselben Stand.',
	link: 'Auf dem Telefon weitermachen',
	alt: 'QR-Code Ihres persönlichen Links',
	care: 'Wer diesen Code hat, kann Ihre Antworten sehen. Geben Sie ihn nicht weiter.'
};

export const lengthFaultTexts: Catalogue['faults'] = {
	title: 'Das hat nicht funktioniert',
	network:
		'Wir konnten die Seite nicht erreichen. Was Sie eingegeben haben, ist auf diesem Gerät gespeichert.',
	noAccess: 'Sie haben keinen Zugriff auf diese Seite',
	toStart: 'Zu Ihrer Startseite',
	again: 'Noch einmal versuchen',
	withdrawStill: 'Meine Antworten zurückziehen',
	offline: 'Sie sind offline. Versuchen Sie es noch einmal, wenn Sie online sind.'
};

/** Shown offline instead of a page that needs the server. */
export const offlineTexts: AsideTexts['withoutNetwork'] = {
	title: 'Diese Seite braucht das Internet',
	lead: 'Sie sind offline. Ihre Antworten sind auf diesem Gerät sicher, und Sie können damit weitermachen.',
	back: 'Zurück zu meinen Antworten'
};

/** Texts of the controls. */
export const controlTexts: Catalogue['kit'] = {
	noMatch: 'Keine Treffer.'
};

/** For someone who asks for help. */
export const helpRequestTexts: Catalogue['stuck'] = {
	link: 'Ich brauche hier Hilfe',
	plan: 'Ihr Plan',
	title: 'Brauchen Sie Hilfe? Die Koordination hilft Ihnen.',
	lead: (where) => `Die Koordination sieht, wo Sie sind: ${where}. Was ist das Problem?`,
	call: 'Bitte rufen Sie mich an',
	message: (where, text, isCall) =>
		[`Braucht Hilfe bei: ${where}.`, text.trim(), isCall ? 'Bitte rufen Sie mich an.' : '']
			.filter(Boolean)
			.join('\n')
};
