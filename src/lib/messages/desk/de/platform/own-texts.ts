import type { ownTextTexts as english } from '../../en/platform/own-texts';

/** See the English texts. */
export const ownTextTexts: typeof english = {
	replies: 'Vorgeschlagene Antworten',
	repliesNote:
		'Vorgeschlagen, wo Sie jemandem schreiben, in der Sprache dieser Person. Antworten auf Warnzeichen lassen sich nicht ändern.',
	otherNames: { round: 'Üblicher Text einer Runde', 'referral-letter': 'Ende des gedruckten Briefs' },
	printed: 'Gedruckt',
	nothingAdded: 'Nichts wird ergänzt: Der Brief endet, wie Easy Corner ihn druckt.',
	replyNames: {
		severe: 'Starke Beschwerden',
		'not-better': 'Nach dem Plan nicht besser',
		moderate: 'Mäßige Beschwerden',
		'hinders-much': 'Behindert die Arbeit',
		'back-again': 'Wieder da',
		unclosable: 'Kein Plan behebt es',
		hazard: 'Eine Gefahr am Arbeitsplatz',
		stuck: 'Plan nicht begonnen',
		'open-plan': 'Plan nicht fertig',
		findings: 'Zu Hause zu beheben',
		'nothing-open': 'Nichts mehr zu tun',
		silent: 'Noch keine Antwort'
	},
	subject: 'Betreff',
	body: 'Text',
	fieldsHint: (fields) => `Sie können ${fields} verwenden. Lassen Sie zwischen Absätzen eine Zeile leer.`,
	health: 'Schreiben Sie in E-Mails nichts über Gesundheit: Andere könnten es sehen.',
	saveAndLook: 'Speichern und ansehen',
	saved: 'Gespeichert und unten so gezeigt, wie es ankommt. Noch ist nichts veröffentlicht.',
	published: 'Veröffentlicht. Schon geschriebene E-Mails bleiben, wie sie sind.',
	publishedReply: 'Veröffentlicht. Die Antwort wird ab jetzt vorgeschlagen.',
	discard: 'Diesen Entwurf verwerfen',
	discarded: 'Der Entwurf ist verworfen.',
	original: 'Zurück zum ursprünglichen Text',
	returned: 'Ab jetzt gilt der ursprüngliche Text.',
	isDraft: 'Das ist ein Entwurf. Noch kommt der Text davor an.',
	isOwn: 'Das ist Ihr eigener Text.',
	isOriginal: 'Das ist der Text, mit dem Easy Corner ausgeliefert wird.',
	noTranslation:
		'In dieser Sprache hat Easy Corner keine Antwort. Bis Sie eine schreiben, wird die englische vorgeschlagen.',
	preview: 'Wie es ankommt',
	versions: 'Frühere Texte',
	originalVersion: 'Ursprünglicher Text',
	wasOriginal: 'Zurück zum ursprünglichen Text',
	use: 'Diesen Text ins Formular übernehmen'
};
