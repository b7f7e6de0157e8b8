import type { Catalogue } from '../../shapes';
import { inWords, inWordsWithin, isOne } from '../platform/numbers';

/** Options: the best single change, the best two, and all of them. */
export const planOptionTexts: Catalogue['ladder'] = {
	title: 'Möglichkeiten mit weniger Änderungen',
	lead: 'Jede Zeile zeigt, was Sie mit so vielen Änderungen höchstens beheben.',
	things: {
		seat: 'Sitz',
		surface: 'Tisch',
		feet: 'etwas unter die Füße',
		keys: 'Tastatur und Maus',
		screen: 'Bildschirm'
	},
	thing: (name, by) => `${name} ${by}`,
	count: (n) => (isOne(n) ? 'Eine Änderung' : `${inWords(n)} Änderungen`),
	suggested: 'unser Vorschlag',
	show: 'Diesen Plan zeigen',
	isShown: 'Unten gezeigt',
	other: (n, isCloser) => (isCloser ? 'Passt am genauesten' : `Mit anderen Dingen${n > 1 ? `, ${n}` : ''}`)
};

/** The page of a plan. */
export const planTexts: Catalogue['plan'] = {
	dayLink: 'Pausen für den Tag planen',
	allDone: 'Alle Schritte sind erledigt. Jetzt bleiben Sie in Bewegung.',
	title: 'Ihr Plan',
	act: {
		seat: (by, isUp) =>
			isUp ? `Stellen Sie den Sitz um ${by} höher` : `Stellen Sie den Sitz um ${by} tiefer`,
		surface: (by, isUp) =>
			isUp ? `Stellen Sie den Tisch um ${by} höher` : `Stellen Sie den Tisch um ${by} tiefer`,
		feet: (by) => `Legen Sie etwas ${by} Hohes unter die Füße`,
		keys: (by) => `Legen Sie die Tastatur um ${by} höher`,
		screen: (by, isUp) =>
			isUp ? `Stellen Sie den Bildschirm um ${by} höher` : `Stellen Sie den Bildschirm um ${by} tiefer`,
		flat: 'Legen Sie die Tastatur flach',
		back: 'Stützen Sie den unteren Rücken',
		mouse: 'Bringen Sie die Maus auf Höhe der Tastatur',
		distance: (to) => `Stellen Sie den Bildschirm ${to} von den Augen entfernt auf`,
		tilt: 'Neigen Sie den Bildschirm nach hinten'
	},
	leadStep: (n) =>
		isOne(n)
			? 'Das ist die einzige Änderung, mit dem, was Sie zu Hause haben.'
			: `Das ist einer von ${inWordsWithin(n)} Schritten, vom Boden nach oben, mit dem, was Sie zu Hause haben.`,
	leadFound: (name) => `${name}: Das kommt zuerst.`,
	titleMeasure: (what) => `Zuerst messen: ${what}`,
	leadMeasure: 'Bisher ist das geschätzt. Wenn Sie gemessen haben, machen wir Ihren Plan neu.',
	thenTitle: 'Danach:',
	measureNow: 'Jetzt messen',
	titleNone: 'Keine Änderungen nötig',
	titleAnotherSpot: 'Suchen Sie einen besseren Platz zum Arbeiten',
	leadAnotherSpot:
		'Mit dem, was Sie zu Hause haben, passt dieser Platz nicht. Unten sehen Sie, was hier das Beste ist und wonach Sie suchen sollten.',
	titleKeyboard: 'Bitten Sie um Tastatur und Maus',
	leadKeyboard: (steps) =>
		[
			'Ein Laptop kann nicht für Hände und Augen zugleich passen. Nichts anderes hilft Ihnen so viel.',
			steps === 0
				? ''
				: isOne(steps)
					? 'Bis sie da sind, machen Sie den Schritt unten.'
					: `Bis sie da sind, machen Sie die ${inWordsWithin(steps)} Schritte unten.`
		]
			.filter(Boolean)
			.join(' '),
	noNetwork:
		'Sie sind offline. Haken und Höhen sind hier gespeichert. Was grau ist, geht wieder, wenn Sie online sind.',
	leadNone: (measure) =>
		[
			'Ihre Höhen passen, soweit wir es sagen können.',
			measure ? `Für mehr Sicherheit bitte messen: ${measure}.` : '',
			'Prüfen Sie noch einmal, wenn sich etwas ändert: ein Stuhl, eine Brille, ein neuer Schmerz.'
		]
			.filter(Boolean)
			.join(' '),
	leadHeightsFit: 'Sie müssen nichts ändern: Ihre Höhen passen, soweit wir es sagen können.',
	leadSoftSeat:
		'Ein Sofa, ein Bett oder der Boden lässt sich nicht passend machen. Unten sehen Sie, wonach Sie suchen sollten.',
	titleHopeless: 'Mit dem, was da ist, lässt sich das noch nicht beheben',
	leadHopeless: 'Geben Sie weitere Dinge an, oder bitten Sie die Koordination um das, was fehlt.',
	openNow: (list) => `Jetzt: ${list}.`,
	stays: (list) => `Nach allen Schritten: ${list}.`,
	padShare: {
		pillow: (percent) => `vom Kopfkissen ${percent} % der Dicke`,
		cushion: (percent) => `vom Kissen ${percent} % der Dicke`
	},
	padsExpected: (shares) => `Nach Messungen im Kollegium bleibt beim Sitzen übrig: ${shares}.`,
	stoodIn: (list) => `Nicht gemessen, deshalb haben wir übliche Größen genommen: ${list}.`,
	estimated: (list) => `Aus Ihrer Körpergröße geschätzt, bitte messen Sie nach Möglichkeit: ${list}.`,
	measureNext: (what) => `Als Nächstes lohnt es sich zu messen: ${what}.`,
	isDone: 'Erledigt',
	isOpen: 'Nicht erledigt',
	tick: 'Haken Sie jeden Schritt ab, wenn er erledigt ist.',
	again: 'Höhen prüfen',
	notHere: 'Geht hier nicht',
	notHereLead: 'Nicht da, anderswo gebraucht oder wackelig? Wir machen einen neuen Plan ohne das.',
	without: (label) => `Ohne: ${label}`,
	withoutAny: {
		book: 'Ohne Bücher',
		ream: 'Ohne Papier',
		binder: 'Ohne Ordner',
		'board-game': 'Ohne Brettspiele',
		'sturdy-box': 'Ohne Kisten',
		'light-box': 'Ohne leichte Schachteln',
		'step-stool': 'Ohne Tritthocker',
		pillow: 'Ohne Kopfkissen',
		cushion: 'Ohne Kissen',
		towel: 'Ohne Handtücher',
		blanket: 'Ohne Decken',
		bolster: 'Ohne Rollen'
	},
	leftOut: 'Weggelassen:',
	putBack: (label) => `Wieder verwenden: ${label}`,
	takeAlong: 'Meine Daten herunterladen',
	anotherLead: 'Fehlt etwas oder wackelt es? Diese Pläne verwenden andere Dinge.',
	planN: (n) => (n === 1 ? 'Der beste Plan' : `Plan ${n}`),
	checksTitle: 'Ihre Höhen',
	print: 'Drucken',
	correct: 'Meine Antworten ändern',
	isNew: 'Das ist Ihr neuer Plan.',
	sent: 'Die Koordination hat Ihre Antworten.',
	notSent: 'Die Koordination hat Ihre früheren Antworten.',
	behind: 'Sie haben Antworten geändert, nachdem dieser Plan gemacht wurde.',
	renew: 'Änderungen senden und neuen Plan machen',
	firstStep: (place) => `${place}:`,
	sureTitle: 'Wie sicher wir sind',
	oldRules:
		'Wir machen Pläne jetzt sorgfältiger. Ihr Plan stimmt weiterhin, ein neuer kann besser sein. Schritte, die Sie erledigt haben und noch brauchen, bleiben abgehakt.',
	newRules: 'Einen neuen Plan machen',
	offline:
		'Sie sind offline, deshalb hat dieses Gerät Ihren Plan gemacht. Alles ist hier gespeichert und wird gesendet, sobald Sie online sind.',
	solving: 'Ihr Plan wird gemacht …',
	withdraw: 'Meine Antworten zurückziehen',
	alternatives: 'Pläne',
	ticked: (n, of) => `${n} von ${of} Schritten erledigt`,
	kept: (list) =>
		`Das ist ein neuer Plan. Was Sie schon erledigt haben und noch brauchen, bleibt abgehakt: ${list}.`,
	keptNone: 'Das ist ein neuer Plan. Keiner der früheren Schritte ist unverändert darin.',
	workOnThis: 'Stattdessen diesen Plan verwenden',
	workOnThisNote: 'Schritte, die in beiden gleich sind, bleiben abgehakt.',
	workingOn: 'Sie verwenden diesen Plan',
	doneTitle: 'Alles erledigt. Gut gemacht.',
	stepsDoneTitle: (n) =>
		isOne(n)
			? 'Alle Schritte sind erledigt. Ein Problem bleibt noch, siehe unten.'
			: `Alle Schritte sind erledigt. ${inWords(n)} Probleme bleiben noch, siehe unten.`,
	doneLead: 'Prüfen Sie jetzt die Höhen: Polster geben nach, und ein Stapel kann ein Buch zu niedrig sein.',
	askAgain: (day) => `Wir fragen Sie am ${day} noch einmal. Das dauert zwei bis drei Minuten.`,
	askedNow: 'Wir haben gefragt, wie Ihr Arbeitsplatz jetzt ist. Die Antwort dauert zwei bis drei Minuten.',
	lookAgain: (day) => `Ihre nächste Selbsteinschätzung ist am ${day}.`,
	tellNow: 'Rückmeldung geben',
	somethingNew: 'Etwas hat sich geändert',
	earlier: 'Frühere Pläne',
	earlierOf: (day) => `Vom ${day}`
};

/** What remains after a plan, and what would change it. */
export const openProblemTexts: Catalogue['open'] = {
	laptopTitle: 'Nur ein Laptop',
	laptop: (minutes) =>
		`Ein Stapel kann nicht für Hände und Augen zugleich passen, deshalb gibt es drei Wege. Wechseln Sie nach höchstens ${minutes} Minuten.`,
	withKeyboard: 'Mit Tastatur und Maus',
	withKeyboardHow:
		'Geliehen, aus einer Schublade oder angefragt: Das hilft am meisten. Der Laptop ist dann der Bildschirm.',
	typing: 'Zum Tippen',
	typingHow: 'Zuerst die Hände: Der Laptop bleibt unten. Dafür ist der Plan oben.',
	reading: 'Zum Lesen und für Gespräche',
	readingHow: 'Ohne Tippen. Sitz, Füße und Tisch bleiben wie zum Tippen.',
	arrived: 'Ich habe jetzt Tastatur und Maus',
	nothingToBuild: 'Keine Änderungen nötig',
	buyTitle: 'Zum Leihen oder Kaufen',
	buyLead:
		'Wir haben jedes mit dem verglichen, was Ihre Dinge zu Hause bestenfalls können. Leihen Sie, bevor Sie kaufen.',
	buy: {
		'keyboard-and-mouse': 'Eine separate Tastatur und Maus',
		footrest: 'Eine verstellbare Fußstütze',
		'foot-bar': 'Eine Stange oder ein Ring für die Füße',
		'seat-cushion': 'Ein festes Sitzkissen',
		monitor: 'Ein Monitor mit verstellbarem Fuß',
		chair: 'Ein höhenverstellbarer Stuhl',
		'another-surface': 'Ein höhenverstellbarer Tisch',
		headset: 'Ein Headset',
		'desk-lamp': 'Eine Schreibtischlampe',
		'paper-holder': 'Ein Konzepthalter',
		'vertical-mouse': 'Eine vertikale Maus oder ein Touchpad',
		'power-strip': 'Eine Steckdosenleiste mit längerem Kabel',
		'sit-stand-converter': 'Ein Aufsatz, der Tastatur und Bildschirm zum Stehen anhebt'
	},
	both: (first, second) => `${first} sowie: ${second}`,
	moreTitle: 'Mehr von zu Hause',
	more: (height) => `Noch ein fester Gegenstand, ${height} hoch`,
	moreHow: 'Bücher, Papier oder eine stabile Kiste: Fragen Sie herum, bevor Sie etwas kaufen.',
	closes: (list) => `Behebt: ${list}.`,
	change: (name, from, to) =>
		to === null ? `${name}: passt, statt ${from} daneben` : `${name}: ${to} daneben statt ${from}`,
	haveIt: 'Das haben Sie zu Hause',
	atHome: {
		'keyboard-and-mouse': 'Das haben Sie zu Hause: Schließen Sie es an',
		monitor: 'Sie haben einen Bildschirm zu Hause: Probieren Sie ihn aus',
		'paper-holder': 'Ihr Tablet kann Papiere aufrecht halten'
	},
	helpTitle: 'Was außerdem helfen würde',
	ask: 'Anfragen',
	asked: 'Angefragt',
	tied: (regions, isFirst) =>
		`Kann mit diesen Beschwerden zusammenhängen: ${regions}${isFirst ? '. Deshalb steht es zuerst' : ''}.`,
	besidesTitle: 'Auch das lohnt sich zu ändern',
	tick: 'Als erledigt abhaken',
	ticked: 'Erledigt',
	untick: 'Rückgängig machen',
	refuse: 'Das geht hier nicht',
	refused: 'Geht hier nicht',
	refusedHazard: 'Geht hier nicht. Die Koordination sieht es, weil sich jemand verletzen kann.',
	moreFindings: (n) => (isOne(n) ? 'Noch eins' : `Noch ${inWordsWithin(n)}`),
	closedTitle: 'Behebt der Plan außerdem',
	caused: 'Ihr Plan verursacht das, bitte beheben Sie es danach.',
	borrow: (list) => `Wenn das nicht reicht: ${list}.`,
	off: (length) => `um ${length}`,
	notProven:
		'Es gab sehr viele Möglichkeiten, deshalb haben wir die Suche beendet. Vielleicht gibt es einen besseren Plan.',
	askNextTitle: 'Helfen Sie uns, die Ursache zu finden',
	askNext: 'Diese Fragen haben Sie noch nicht beantwortet. Für Ihre Beschwerden sind sie am wichtigsten:',
	otherWaysTitle: 'Andere Wege',
	otherWaysLead: 'Probieren Sie einen davon, wenn der Plan nicht zu Ihnen passt.'
};

/** The height check: measuring what was built. */
export const remeasurementTexts: Catalogue['again'] = {
	title: 'Höhen prüfen',
	lead: 'Ein Kissen sieht dicker aus, als es ist, und ein Stapel kann ein Buch zu niedrig sein. Messen Sie, was jetzt da ist. Was Sie nicht gemessen haben, lassen Sie leer.',
	fields: {
		seatUnder: 'Boden bis Sitz, wenn Sie darauf sitzen',
		feetOn: 'Boden bis zu dem, worauf Ihre Füße stehen',
		surface: 'Boden bis zur Tischplatte',
		keysOn: 'Boden bis zu dem, worauf die Tastatur liegt',
		screenTop: 'Boden bis zur Oberkante der Anzeige'
	},
	hints: {
		seatUnder: 'Sitzen Sie wie bei der Arbeit, und lassen Sie jemanden an der Seite ablesen.',
		feetOn: '0, wenn Ihre Füße auf dem Boden stehen.',
		surface: '',
		keysOn: 'Der Tisch selbst, wenn sie auf nichts anderem liegt.',
		screenTop: ''
	},
	planned: (height) => `geplant: ${height}`,
	keep: 'Zahlen speichern',
	nothingTyped: 'Noch nichts zu speichern. Geben Sie mindestens eine Höhe ein, die Sie gemessen haben.',
	kept: 'Gespeichert. Die Zeichnung zeigt Ihren Arbeitsplatz, wie Sie ihn jetzt gemessen haben.',
	keptHere: 'Auf diesem Gerät gespeichert. Wir senden es, sobald Sie online sind.'
};

/** One person's workstations. */
export const spotTexts: Catalogue['spots'] = {
	title: 'Ihre Arbeitsplätze',
	name: (n, posture) => `Arbeitsplatz ${n}, ${posture === 'sitting' ? 'sitzend' : 'stehend'}`,
	add: 'Einen weiteren Platz hinzufügen',
	moving: (list) =>
		`Hier gehört jedes Ding zu einem Arbeitsplatz. Es geht besser, wenn Sie diese bei jedem Wechsel mitnehmen: ${list}.`,
	move: 'Den Plan mit Mitnehmen zeigen',
	stay: 'Den Plan ohne Mitnehmen zeigen'
};
