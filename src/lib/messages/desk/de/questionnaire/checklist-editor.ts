import type { checklistEditorTexts as english, FaultFacts } from '../../en/questionnaire/checklist-editor';

const named = (what: string, kind: string) => (what ? `„${what}“` : kind);
const question = ({ what }: FaultFacts) => named(what, 'Eine Frage ohne Text');
const problem = ({ what }: FaultFacts) => named(what, 'Ein Problem ohne Namen');

/** See the English texts. */
export const checklistEditorTexts: typeof english = {
	link: 'Checkliste',
	title: 'Checkliste · Easy Corner',
	heading: 'Checkliste',
	lead: 'Die Fragen, die Menschen zu ihrem Arbeitsplatz beantworten. Formulieren Sie sie um, ordnen Sie sie neu, lassen Sie welche weg oder fügen Sie eigene hinzu.',
	kept: 'Eine Änderung gilt ab der nächsten Selbsteinschätzung, die jemand bekommt. Versandte Links behalten ihre Fragen, und Antworten werden so gezeigt und beurteilt, wie sie gegeben wurden.',
	version: (n) => (n === 0 ? 'Ursprüngliche Checkliste' : `Fassung ${n}`),
	ownNumber: (n) => `${n} (Ihre eigene)`,
	askedNow: (version) => `Zurzeit gefragt: ${version}`,
	editedBy: (name, when) => `Zuletzt geändert von ${name}, ${when}`,
	tryIt: 'Selbst ausprobieren',
	station: (name, n) => `${name} · ${n}`,
	own: 'von Ihnen',
	reworded: 'Ihr Wortlaut',
	safety: 'Sicherheit, immer gefragt',
	forAll: 'für alle',
	onlyIf: 'nur wo es zutrifft',
	edit: 'Ändern',
	editOf: (what) => `„${what}“ ändern`,
	leaveOut: 'Weglassen',
	leaveOutOf: (what) => `„${what}“ weglassen`,
	remove: 'Entfernen',
	removeOf: (what) => `„${what}“ entfernen`,
	up: (what) => `„${what}“ nach oben`,
	down: (what) => `„${what}“ nach unten`,
	drag: (what) => `„${what}“ ziehen oder mit den Pfeiltasten verschieben`,
	moved: (what, place, of) => `„${what}“ steht jetzt an Stelle ${place} von ${of}.`,
	leftOut: (n) => (n === 1 ? 'Eine Frage weggelassen' : `${n} Fragen weggelassen`),
	askAgain: 'Wieder fragen',
	askAgainOf: (what) => `„${what}“ wieder fragen`,
	add: 'Frage hinzufügen',
	addTo: (station) => `Frage zu „${station}“ hinzufügen`,
	problems: 'Von Ihnen hinzugefügte Probleme',
	problemsLead: 'Was eine Antwort zeigen kann, neben den Problemen, die Easy Corner kennt.',
	noWords: 'Noch ohne Text',
	changes: 'Noch nicht veröffentlichte Änderungen',
	added: (questions) => `Hinzugefügt: ${questions}`,
	removed: (questions) => `Weggelassen: ${questions}`,
	changed: (questions) => `Geändert: ${questions}`,
	changedProblems: (problems) => `Probleme: ${problems}`,
	reordered: 'Fragen in anderer Reihenfolge.',
	toComplete: 'Vorher noch zu ergänzen',
	openLinks: (n, shown) =>
		n === 0
			? 'Kein Link ist unbeantwortet unterwegs.'
			: n === 1
				? 'Ein Link ist unbeantwortet unterwegs; er behält seine Fragen.'
				: `${shown} Links sind unbeantwortet unterwegs; sie behalten ihre Fragen.`,
	nobodyMoves:
		'Durch das Veröffentlichen ändert sich für niemanden die Stufe: frühere Antworten behalten ihre Fassung.',
	discard: 'Diese Änderungen verwerfen',
	published: (version) => `${version} gilt ab der nächsten Selbsteinschätzung.`,
	discarded: 'Die Änderungen sind verworfen.',
	original: 'Wie Easy Corner ausgeliefert wird',
	replaces: 'Wer von einer Fassung ausgeht, ersetzt damit die noch nicht veröffentlichten Änderungen.',
	startsFrom: (version) => `Sie bearbeiten: ${version}. Noch ist nichts veröffentlicht.`,
	fileName: (version) => `checkliste-${version}.json`,
	load: 'Checkliste aus einer Datei',
	loadHint:
		'Eine Datei, die hier oder in einem anderen Easy Corner heruntergeladen wurde. Sie ersetzt, was Sie gerade bearbeiten.',
	useFile: 'Diese Checkliste bearbeiten',
	loaded: 'Sie bearbeiten die Checkliste der Datei. Noch ist nichts veröffentlicht.',
	faults: {
		'no-question': (facts) => `${question(facts)}: Der Text der Frage fehlt (${facts.language}).`,
		'no-why': (facts) => `${question(facts)}: Warum es wichtig ist, fehlt (${facts.language}).`,
		'no-answer-words': (facts) => `${question(facts)}: Eine Antwort hat keinen Text (${facts.language}).`,
		'same-answers': (facts) => `${question(facts)}: Zwei Antworten sind gleich (${facts.language}).`,
		'few-answers': (facts) => `${question(facts)} hat weniger als zwei Antworten.`,
		'leads-nowhere': (facts) =>
			`${question(facts)}: Keine Antwort zeigt ein Problem; es käme nichts dabei heraus.`,
		'unknown-finding': (facts) => `${question(facts)}: Das Problem einer Antwort wurde entfernt.`,
		'unknown-condition': (facts) => `${question(facts)} hängt von etwas ab, das nicht mehr gefragt wird.`,
		'later-condition': (facts) => `${question(facts)} hängt von „${facts.about}“ ab und kommt davor.`,
		'empty-condition': (facts) =>
			`${question(facts)}: Eine Bedingung erfüllt niemand. Kreuzen Sie an, wofür gefragt wird.`,
		'needs-left-out': (facts) =>
			`${question(facts)} wird nur nach „${facts.about}“ gefragt, und das ist weggelassen. Lassen Sie beide weg, oder fragen Sie beide.`,
		'safety-left-out': (facts) => `${question(facts)} betrifft die Sicherheit und wird immer gefragt.`,
		'no-name': (facts) => `${problem(facts)}: Der Name fehlt (${facts.language}).`,
		'no-fix': (facts) => `${problem(facts)}: Was zu tun ist, fehlt (${facts.language}).`,
		'unused-finding': (facts) =>
			`Keine Antwort zeigt ${problem(facts)}. Wählen Sie es bei einer Antwort, oder entfernen Sie es.`,
		'too-long-for-all': ({ seconds }) =>
			`Ihre Fragen für alle dauern zusammen mehr als ${seconds} Sekunden. Fragen Sie weniger Menschen, oder rechnen Sie mit weniger Zeit.`
	},
	question: {
		title: 'Eine Frage · Easy Corner',
		back: 'Checkliste',
		newHeading: (station) => `Eine neue Frage: ${station}`,
		heading: 'Eine von Ihnen hinzugefügte Frage',
		shippedHeading: 'Ihr Wortlaut für eine Frage',
		shippedLead:
			'Ein leeres Feld behält den Text, der darüber steht. Was die Antworten zeigen, bleibt, wie es ist.',
		variants:
			'Easy Corner formuliert diese Frage je nachdem, wie jemand sitzt, steht oder arbeitet. Ihr Wortlaut gilt für alle.',
		inLanguage: (language) => `Auf ${language}`,
		question: 'Frage',
		why: 'Warum es wichtig ist',
		look: 'Wie man nachsieht',
		lookHint: 'Darf leer bleiben.',
		asItComes: (words) => `Wie ausgeliefert: ${words}`,
		answers: 'Antworten',
		answer: (n) => `Antwort ${n}`,
		showsOf: (answer) => `Was „${answer}“ zeigt`,
		nothing: 'Nichts, alles in Ordnung',
		newProblem: 'Ein neues Problem …',
		yourProblem: (name) => `${name} (von Ihnen)`,
		addAnswer: 'Antwort hinzufügen',
		removeAnswer: (n) => `Antwort ${n} entfernen`,
		asked: 'Wer gefragt wird',
		conditionsLead: 'Alle, oder nur wo all das zutrifft:',
		addCondition: 'Bedingung hinzufügen',
		removeCondition: 'Diese Bedingung entfernen',
		condition: 'Hängt ab von',
		isOneOf: 'Gefragt bei',
		facts: {
			posture: 'Wie gearbeitet wird',
			seat: 'Worauf gesessen wird',
			backrest: 'Ob der Sitz eine Lehne hat',
			armrest: 'Ob er Armlehnen hat',
			castors: 'Ob er Rollen hat',
			screen: 'Bildschirm',
			keys: 'Tastatur',
			mouse: 'Maus',
			lenses: 'Brille'
		},
		yesNo: { yes: 'Ja', no: 'Nein' },
		answerTo: (what) => `Antwort auf: ${what}`,
		forAll: 'Alle fragen, für die es zutrifft, auch in der kurzen Fassung',
		forAllHint: (left) =>
			`Sonst wird gefragt, wo etwas schmerzt, das damit zu tun hat, und in der vollständigen Fassung. Für alle bleiben Ihnen ${left} Sekunden.`,
		seconds: 'Dauer in Sekunden',
		secondsHint: (least, most) => `${least} bis ${most}. Lesen Sie sie laut, sehen Sie nach, antworten Sie.`,
		secondsFault: (least, most) => `Geben Sie eine ganze Zahl von ${least} bis ${most} ein.`,
		isSafety: 'Sie betrifft die Sicherheit',
		isSafetyHint:
			'Dann werden alle gefragt, jedes Mal, und niemand kann sie weglassen. Das lässt sich später nicht ändern.',
		save: 'Speichern'
	},
	problem: {
		title: 'Ein Problem · Easy Corner',
		heading: 'Ein von Ihnen hinzugefügtes Problem',
		name: 'Name des Problems',
		nameHint: 'Als Überschrift, etwa „Die Lampe ist außer Reichweite“.',
		fix: 'Was man dagegen tut',
		fixHint: 'Mit Dingen, die im Haus sind; beginnen Sie mit dem, was zu tun ist.',
		regions: 'Wo es schmerzen kann',
		household: 'Rat von Easy Corner',
		householdHint: 'Zusätzlich oder statt Ihrer eigenen Worte.',
		noAdvice: 'Keiner',
		shop: 'Was dafür angefragt werden kann',
		noItem: 'Nichts',
		isHazard: 'Jemand könnte sich verletzen',
		isHazardHint: 'Dann sehen Sie es unter Heute, bis es behoben ist. Das lässt sich später nicht ändern.'
	},
	trial: {
		title: 'Checkliste ausprobieren · Easy Corner',
		heading: 'Checkliste ausprobieren',
		lead: 'Antworten Sie wie jemand am Arbeitsplatz. Nichts wird gespeichert oder gesendet.',
		language: 'Sprache',
		found: 'Was Ihre Antworten zeigen',
		foundNothing: 'Noch nichts.'
	}
};
