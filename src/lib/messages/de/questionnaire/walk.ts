import { PROMISED_MINUTES } from '$lib/core/questionnaire/promise';
import type { Catalogue } from '../../shapes';
import { cityNames } from '../platform/cities';

export const pageTexts: Catalogue['pages'] = {
	first: {
		short: 'Zuerst',
		title: 'Vor allem anderen',
		lead: 'Manche Zeichen brauchen eine Ärztin oder einen Arzt, keinen Fragebogen. Hatten Sie in den letzten Tagen eines davon?'
	},
	you: { short: 'Sie', title: 'Sie', lead: 'Damit wir die Höhen Ihrer Möbel mit Ihren vergleichen können.' },
	spot: {
		short: 'Platz',
		title: 'Ihr Platz und der Tisch',
		lead: 'Der Ort, an dem Sie am meisten arbeiten, und die Fläche dort. Eine Arbeitsplatte oder Kommode zählt auch.'
	},
	feet: {
		short: 'Füße',
		title: 'Füße und Sitz',
		lead: 'Jede Höhe ruht auf der darunter, deshalb beginnen wir am Boden.'
	},
	back: {
		short: 'Rücken',
		title: 'Rücken und Schultern',
		lead: 'Wie Sie sitzen oder stehen und was Ihren Rücken stützt.'
	},
	hands: {
		short: 'Hände',
		title: 'Ellenbogen und Tastatur',
		lead: 'Wenn Sie nur eines messen, messen Sie den Ellenbogen. Er sagt uns am meisten.'
	},
	mouse: {
		short: 'Maus',
		title: 'Die Maus',
		lead: 'Neben der Tastatur und auf gleicher Höhe, der Ellenbogen am Körper.'
	},
	screen: {
		short: 'Bildschirm',
		title: 'Der Bildschirm',
		lead: 'Seine Höhe im Vergleich zu Ihren Augen, dann der Abstand und die Neigung.'
	},
	light: {
		short: 'Licht',
		title: 'Licht, Papiere und Telefon',
		lead: 'Licht, Papiere und Gespräche wirken sich auf Augen und Nacken aus.'
	},
	safety: { short: 'Sicherheit', title: 'Sicherheit', lead: 'Ein Blick unter den Tisch.' },
	second: {
		short: 'Bewegung',
		title: 'Eine zweite Haltung und Bewegung',
		lead: 'Keine Haltung ist lange gut, wie gut der Arbeitsplatz auch ist.'
	},
	discomfort: {
		short: 'Körper',
		title: 'Ihre Beschwerden',
		lead: 'In den letzten sieben Tagen. Tippen Sie auf die Figur oder benutzen Sie die Liste. Wenn nichts wehtut, gehen Sie weiter.'
	},
	house: {
		short: 'Zuhause',
		title: 'Was Sie zu Hause haben',
		lead: 'Feste Dinge für unter Bildschirm, Tastatur und Füße, weiche für den Sitz. Lassen Sie weg, was Sie anderswo brauchen.'
	}
};

export const redFlagTexts: Catalogue['first'] = {
	emergencyTitle: 'Notfallzeichen',
	emergencyLead: 'In den letzten Tagen. Wenn jetzt: Rufen Sie Hilfe.',
	urgentTitle: 'Letzte Tage: Zeichen, mit denen Sie heute zum Arzt gehen sollten',
	urgentLead: '',
	distressTitle: 'Über Sie',
	distressLead: 'Wenn ja, zeigen wir, wo Sie Hilfe finden.',
	professionalTitle: 'Letzte Tage: Zeichen für einen Arztbesuch',
	professionalLead: '',
	none: 'Nichts davon',
	noneDone: 'Nichts davon: notiert',
	noneOfOthers: 'Nichts vom Übrigen',
	noneOfOthersDone: 'Nichts vom Übrigen: notiert',
	missing: 'Beantworten Sie jede Zeile, oder tippen Sie auf „Nichts davon“.',
	yes: 'Ja',
	no: 'Nein',
	signs: {
		'chest-pain': 'Schmerz oder Druck in der Brust, oder Schmerz in Arm oder Kiefer',
		'sudden-breathlessness': 'Plötzliche Atemnot',
		'sudden-one-sided-weakness':
			'Plötzliche Schwäche oder Taubheit einer Seite, hängendes Gesicht, Sprachstörung',
		'sudden-worst-headache': 'Plötzlicher, stärkster Kopfschmerz, oder mit Fieber und steifem Nacken',
		'sudden-loss-of-sight': 'Plötzlicher Sehverlust oder Doppelbilder',
		'saddle-numbness':
			'Rückenschmerz mit Taubheit zwischen den Beinen, Probleme beim Wasserlassen oder Einnässen, oder beide Beine schwach oder taub',
		'thoughts-of-ending-life': 'Haben Sie daran gedacht, Ihr Leben zu beenden?',
		'new-weakness': 'Neue Schwäche: Dinge fallen herunter, oder ein Fuß schleift',
		'one-calf-swollen': 'Eine Wade geschwollen, warm und schmerzhaft',
		'back-pain-with-fever': 'Rückenschmerz mit Fieber, ungewolltem Gewichtsverlust oder nach Krebs',
		'clumsy-hands': 'Neu ungeschickte Hände oder unsicherer Gang',
		'wakes-at-night': 'Taubheit oder Kribbeln, das Sie weckt',
		'numbness-stays': 'Taubheit oder Kribbeln, das bleibt',
		'runs-down-a-limb': 'Schmerz, der in Arm oder Bein zieht',
		'does-not-ease': 'Schmerz, der trotz Änderungen nicht nachlässt',
		'after-injury': 'Schmerz nach Sturz, Schlag oder Verletzung',
		'worst-at-night': 'Rückenschmerz, nachts im Bett am schlimmsten'
	},
	today: {
		title: 'Gehen Sie heute zum Arzt',
		lead: 'Sie haben angegeben:',
		weakness: 'Schwäche an der schmerzenden Stelle',
		does: (number) =>
			`Rufen Sie heute Ihre Arztpraxis oder den ärztlichen Bereitschaftsdienst an. Wenn es schnell schlimmer wird, rufen Sie ${number} oder Ihre örtliche Notrufnummer an. Heben Sie bis zur Untersuchung nichts Schweres und machen Sie keine Übungen.`
	},
	coordinatorKnows:
		'Die Koordination weiß von dem Warnzeichen, das Sie gemeldet haben. Bitte gehen Sie zum Arzt. Leichte Schritte sind in Ordnung, aber nichts, was wehtut oder wozu Sie sich zwingen müssen.',
	stopTitle: 'Halt. Rufen Sie jetzt Hilfe.',
	call: (number) => `${number} anrufen`,
	callElsewhere:
		'Oder rufen Sie Ihre örtliche Notrufnummer an. Im Ausland ist das die Nummer des Landes, in dem Sie sind. 112 geht von den meisten Mobiltelefonen.'
};

/** What exercises and advice take into account. */
export const precautionTexts: Catalogue['care'] = {
	question: 'Schwangerschaft, Operation, Schwindel, bewegliche Gelenke, ein Arm?',
	why: 'Freiwillig: Übungen und Ratschläge berücksichtigen es.',
	options: {
		pregnant: 'Schwangerschaft',
		'recent-surgery': 'Kürzliche Operation',
		dizzy: 'Schwindel',
		hypermobile: 'Sehr bewegliche Gelenke'
	},
	arms: { 'right-only': 'Nur mein rechter Arm', 'left-only': 'Nur mein linker Arm' }
};

export const fieldTexts: Catalogue['fields'] = {
	unit: 'Längen in',
	stature: 'Ihre Körpergröße ohne Schuhe',
	handSpan: 'Ihre Handspanne',
	heel: 'Sohle der Schuhe, in denen Sie arbeiten',
	sex: 'Körperproportionen für Schätzungen',
	hand: 'Schreibhand',
	pointer: 'Maushand',
	lenses: 'Brille am Bildschirm',
	back: 'Welche Bewegung tut Ihrem Rücken gut?',
	wrists: 'Wie geht es Ihren Handgelenken?',
	arms: 'Arme',
	drawnAs: 'Wie die Zeichnung Sie zeigt',
	posture: 'An diesem Platz arbeiten Sie im',
	by: 'Womit Sie die Möbel messen',
	surfaceHeight: 'Boden bis Tischplatte',
	surfaceThickness: 'Dicke der Tischkante',
	surfaceDepth: 'Tiefe, von vorn nach hinten',
	surfaceKind: 'Woran arbeiten Sie?',
	surfaceMoves: 'Ist die Höhe verstellbar?',
	surfaceLow: 'Niedrigste Höhe der Platte',
	surfaceHigh: 'Höchste Höhe der Platte',
	seatHeight: 'Boden bis Oberkante des leeren Sitzes',
	seatKind: 'Worauf sitzen Sie?',
	seatGive: 'Wie weit er einsinkt, wenn Sie sitzen',
	seatDepth: 'Tiefe, von der Vorderkante bis zur Lehne',
	seatMoves: 'Ist die Höhe verstellbar?',
	seatLow: 'Niedrigste Sitzhöhe',
	seatHigh: 'Höchste Sitzhöhe',
	backrest: 'Gibt es eine Rückenlehne?',
	lumbar: 'Füllt die Lehne die Mulde des unteren Rückens?',
	armrest: 'Armlehnen?',
	armrestHeight: 'Armlehne über dem Sitz',
	castors: 'Auf Rollen?',
	footBar: 'Gibt es eine Stange oder einen Ring für die Füße?',
	footBarHeight: 'Boden bis Oberkante der Stange',
	tray: 'Liegt die Tastatur auf einem Auszug unter dem Tisch?',
	trayHeight: 'Boden bis Oberkante des Auszugs',
	trayThickness: 'Dicke des Auszugs',
	bodyBy: 'Womit Sie sich messen',
	popliteal: 'Boden bis Kniekehle',
	thigh: 'Sitz bis Oberkante des Oberschenkels',
	sittingElbow: 'Sitz bis Unterseite des Ellenbogens',
	sittingEye: 'Sitz bis Augenwinkel',
	buttockPopliteal: 'Lehne bis Kniekehle',
	standingElbow: 'Boden bis Unterseite des Ellenbogens',
	standingEye: 'Boden bis Augenwinkel',
	screenKind: 'Sie schauen auf',
	topAboveBase: 'Oberkante der Anzeige über der Standfläche',
	visibleHeight: 'Höhe der Anzeige',
	baseLong: 'Standfuß, von links nach rechts',
	baseShort: 'Standfuß, von vorn nach hinten',
	screenSize: 'Seine Größe, von Ecke zu Ecke',
	screenMoves: 'Ist die Höhe des Monitors verstellbar?',
	hurts: 'Tut etwas weh?',
	hasThings: 'Können Sie zu Hause etwas entbehren?',
	route: 'Länge des Fragebogens',
	screenLow: 'Niedrigste Oberkante der Anzeige',
	screenHigh: 'Höchste Oberkante der Anzeige',
	distance: 'Augen bis Bildschirm',
	keysKind: 'Sie tippen auf',
	homeRow: 'Höhe der Tastatur über dem Tisch',
	keysLong: 'Tastatur, von links nach rechts',
	keysShort: 'Tastatur, von vorn nach hinten',
	mouse: 'Sie zeigen mit',
	letterSize: 'Welcher dieser Buchstaben ist so hoch wie in Ihrem üblichen Text?',
	city: 'Welche dieser Städte ist Ihnen am nächsten?',
	windowFaces: 'In welche Richtung zeigt das Fenster?'
};

export const hintTexts: Catalogue['hints'] = {
	stature: '',
	drawnAs: 'Ändert nur die Zeichnung.',
	seatHeight: 'Messen Sie, während niemand darauf sitzt.',
	letterSize:
		'Halten Sie Ihr Telefon neben den Bildschirm. Stellen Sie den Maßstab einmal unter „Kein Maßband?“ ein, damit die Buchstaben die richtige Größe haben.',
	city: 'Nur um zu berechnen, wo die Sonne steht. Sie können es überspringen.',
	windowFaces: 'Der Kompass eines Telefons zeigt es.',
	sex: 'Wir verwenden das nur, um zu schätzen, was Sie nicht messen.',
	surfaceHeight: 'Senkrecht von oben nach unten, an der Vorderkante.',
	surfaceThickness: 'Mit Zarge oder Schublade, wo Ihre Beine sind.',
	seatDepth: '',
	popliteal: 'Sitzen Sie barfuß mit flachen Füßen. Messen Sie vom Boden bis zur Falte hinter dem Knie.',
	thigh:
		'Sitzen Sie aufrecht auf etwas Hartem. Messen Sie vom Sitz bis zur höchsten Stelle des Oberschenkels.',
	sittingElbow:
		'Schultern unten, Oberarm hängt, Unterarm waagerecht. Messen Sie vom eingedrückten Sitz bis zur Unterseite des Ellenbogens.',
	sittingEye:
		'Sitzen Sie aufrecht und schauen Sie geradeaus. Messen Sie vom Sitz bis zu einem Buch, das waagerecht auf Augenhöhe gehalten wird.',
	buttockPopliteal: 'Sitzen Sie ganz hinten. Messen Sie von der Lehne bis zur Falte hinter dem Knie.',
	standingElbow: 'Stehen Sie barfuß, Oberarm hängt, Unterarm waagerecht.',
	standingEye: 'Stehen Sie aufrecht und barfuß und schauen Sie geradeaus.',
	topAboveBase: 'Klappen Sie den Laptop auf wie sonst. Messen Sie vom Tisch bis zur Oberkante der Anzeige.',
	baseLong: 'Bei einem Laptop der Laptop selbst.',
	distance: 'So wie Sie normalerweise sitzen.',
	homeRow: 'Bis zur mittleren Tastenreihe.',
	bodyBy: 'Es geht leichter, wenn jemand hilft.'
};

/** How much a self-assessment asks. */
export const questionnaireModeTexts: Catalogue['routes'] = {
	short: `Kurz: was das Ergebnis ändern kann, etwa ${PROMISED_MINUTES.short} Minuten`,
	complete: `Vollständig: alles, etwa ${PROMISED_MINUTES.complete} Minuten`
};

/** Labels of the usual lengths to tap. */
export const pickTexts: Catalogue['picks'] = {
	heel: ['Barfuß oder Socken', 'Hausschuhe', 'Schuhe', 'Dicke Sohlen'],
	seatGive: ['Hart: gar nicht', 'Fest: einen Finger', 'Weich: zwei Finger', 'Sehr weich: eine Faust'],
	surfaceThickness: null
};

const MEASURING = {
	tape: 'Maßband',
	'paper-ruler': 'Papierlineal',
	'a4-sheets': 'A4-Blätter',
	'hand-span': 'Handspanne',
	guess: 'Nach Augenmaß'
} as const;

export const optionTexts: Catalogue['options'] = {
	unit: { cm: 'Zentimeter', in: 'Zoll', mm: 'Millimeter' },
	sex: { unstated: 'Mittelwert', female: 'Frauen', male: 'Männer' },
	hand: { right: 'Rechts', left: 'Links' },
	pointer: { same: 'Dieselbe Hand', right: 'Rechts', left: 'Links' },
	lenses: {
		none: 'Keine',
		'single-vision': 'Einstärkenbrille',
		bifocal: 'Bifokalbrille',
		progressive: 'Gleitsichtbrille',
		trifocal: 'Trifokal- oder Nahbereichsbrille'
	},
	back: {
		any: 'Nichts Besonderes',
		'eased-by-arching': 'Zurückbeugen',
		'eased-by-rounding': 'Vorbeugen'
	},
	arms: { both: 'Beide', 'right-only': 'Nur der rechte', 'left-only': 'Nur der linke' },
	wrists: { well: 'Gut', troubled: 'Schmerzhaft oder empfindlich' },
	drawnAs: {
		standard: 'Auf einem Stuhl oder stehend',
		wheelchair: 'Im Rollstuhl',
		'without-near-arm': 'Ohne den vorderen Arm',
		'without-near-leg': 'Ohne den vorderen Unterschenkel'
	},
	posture: { sitting: 'Sitzen', standing: 'Stehen' },
	by: MEASURING,
	bodyBy: MEASURING,
	surfaceKind: {
		table: 'Ein Tisch',
		desk: 'Ein Schreibtisch',
		worktop: 'Eine Arbeitsplatte',
		'ironing-board': 'Ein Bügelbrett',
		'coffee-table': 'Ein Couchtisch'
	},
	surfaceMoves: { no: 'Nein', yes: 'Ja' },
	seatKind: {
		chair: 'Ein Stuhl',
		stool: 'Ein Hocker oder eine Bank',
		ball: 'Ein Ball',
		wheelchair: 'Mein Rollstuhl',
		sofa: 'Ein Sofa oder Sessel',
		bed: 'Ein Bett',
		saddle: 'Ein Sattelsitz',
		kneeling: 'Ein Kniestuhl',
		floor: 'Der Boden'
	},
	seatMoves: { no: 'Nein', yes: 'Ja' },
	backrest: { yes: 'Ja', no: 'Nein' },
	lumbar: { no: 'Nein', yes: 'Ja' },
	armrest: { no: 'Nein', yes: 'Ja' },
	castors: { no: 'Nein', yes: 'Ja' },
	footBar: { no: 'Nein', yes: 'Ja' },
	tray: { no: 'Nein', yes: 'Ja' },
	screenKind: { laptop: 'Einen Laptop', monitor: 'Einen Monitor' },
	hurts: { yes: 'Ja', no: 'Nein' },
	hasThings: { yes: 'Ja', no: 'Nein' },
	route: { short: 'Kurz', complete: 'Vollständig' },
	screenSize: {
		'not-known': 'Weiß ich nicht',
		'13': '13 Zoll',
		'14': '14 Zoll',
		'16': '15 bis 16 Zoll',
		'17': '17 Zoll',
		'22': '22 Zoll',
		'24': '24 Zoll',
		'27': '27 Zoll',
		'32': '32 Zoll oder mehr'
	},
	screenMoves: { no: 'Nein', yes: 'Ja' },
	keysKind: { separate: 'Eine separate Tastatur', 'built-in': 'Die Laptoptastatur' },
	mouse: { separate: 'Eine Maus', touchpad: 'Ein Touchpad' },
	letterSize: {
		'not-known': 'Weiß ich nicht',
		'1.2': '1,2 mm',
		'1.5': '1,5 mm',
		'1.8': '1,8 mm',
		'2.1': '2,1 mm',
		'2.5': '2,5 mm',
		'3': '3 mm',
		'3.5': '3,5 mm',
		'4': '4 mm',
		'5': '5 mm'
	},
	windowFaces: {
		'not-known': 'Weiß ich nicht',
		n: 'Norden',
		ne: 'Nordosten',
		e: 'Osten',
		se: 'Südosten',
		s: 'Süden',
		sw: 'Südwesten',
		w: 'Westen',
		nw: 'Nordwesten'
	},
	city: cityNames
};

export const issueTexts: Catalogue['issues'] = {
	missing: 'Bitte füllen Sie das aus.',
	cant: 'Das kann ich jetzt nicht messen',
	standsIn: (length) =>
		`Dann verwenden wir einen üblichen Wert (${length}) und nennen alles unsicher, was davon abhängt.`,
	'not-a-length': (example) =>
		`Das ist keine Länge, die wir lesen können. Schreiben Sie zum Beispiel ${example}.`,
	negative: 'Eine Länge kann nicht kleiner als null sein.',
	range: (low, high) => `Das sollte zwischen ${low} und ${high} liegen.`,
	meant: (read, meant) => `Das lesen wir als ${read}. Meinen Sie ${meant}?`,
	use: (meant) => `${meant} verwenden`,
	'range-order': 'Der höchste Wert ist kleiner als der niedrigste. Bitte prüfen Sie beide.',
	'outside-range':
		'Die jetzige Höhe liegt außerhalb von niedrigster und höchster. Bitte messen Sie alle drei noch einmal.',
	'not-a-count': (most) => `Bitte geben Sie eine ganze Zahl von 0 bis ${most} ein.`,
	unusual: (read) => `${read} ist ungewöhnlich. Wenn es stimmt, gehen Sie weiter.`,
	estimate: (length, sd) => `Geschätzt ${length}, plus oder minus ${sd}`
};

export const thingTexts: Catalogue['things'] = {
	names: {
		book: 'Gebundenes Buch',
		ream: 'Paket Papier',
		binder: 'Ordner',
		'board-game': 'Brettspiel',
		'sturdy-box': 'Stabile Kiste',
		'light-box': 'Leichte Schachtel',
		'step-stool': 'Tritthocker',
		pillow: 'Kopfkissen',
		cushion: 'Kissen',
		towel: 'Handtuch',
		blanket: 'Decke',
		bolster: 'Nackenrolle oder Schaumrolle'
	},
	notes: {
		'sturdy-box': 'Sie darf nicht nachgeben, wenn Sie darauf drücken.',
		'light-box':
			'Ein Schuhkarton oder Paket gibt nach: nur für Papiere, nie unter Bildschirm, Tastatur oder Füße.',
		'step-stool': 'Länge, Breite und Höhe über dem Boden.',
		towel: 'Länge, Breite, Dicke einer Lage.',
		blanket: 'Länge, Breite, Dicke einer Lage.',
		pillow: 'Nur für Sitz oder Rücken.',
		cushion: 'Nur für Sitz oder Rücken.',
		binder: 'Neigt eine Tastatur, nie in einen Stapel.'
	},
	devices: 'Haben Sie eines davon ungenutzt zu Hause?',
	deviceNames: {
		keyboard: 'Tastatur',
		mouse: 'Maus',
		screen: 'Bildschirm',
		television: 'Fernseher',
		tablet: 'Tablet',
		headset: 'Headset'
	},
	shelf: 'Was können Sie zu Hause entbehren?',
	more: 'Weitere Dinge',
	sizes: 'Name und Größe',
	nothing: 'Nichts zu entbehren',
	add: (name) => `Hinzufügen: ${name}`,
	label: 'Wie Sie es nennen',
	count: 'Wie viele',
	sides: { a: 'Länge', b: 'Breite', c: 'Höhe' },
	remove: (name) => `Entfernen: ${name}`,
	pile: 'Wie hoch ist der Stapel ungefähr?',
	none: 'Tippen Sie an, was Sie haben.'
};
