import type { DeskTexts } from '../../shapes';

/** Figures of the workforce, and the report on them. Numbers are already formatted. */
export const workforceTexts: DeskTexts['workforce'] = {
	changeTitle: 'Änderung des höchsten Werts, 0 bis 10, von der ersten zur neuesten Angabe',
	changeScope:
		'Personen, die zu einem der Zeitpunkte Beschwerden angegeben haben. Ihre Zahl steht neben jeder Zeile.',
	changeMethod:
		'Die mittlere Änderung bei denselben Personen mit 95-%-Intervall. Der p-Wert ist der des Wilcoxon-Vorzeichen-Rang-Tests.',
	changeMethodOld:
		'Die Änderung bei denselben Personen mit 95-%-Intervall (Hodges-Lehmann-Schätzer, Wilcoxon-Test).',
	betterSameWorse: 'Besser, gleich, schlechter',
	changeAxis: 'Punkte: links der Linie weniger Beschwerden, rechts mehr',
	people: 'Personen',
	change: 'Änderung',
	pValue: 'p-Wert',
	tooFew: 'zu wenige',
	purchasesHidden:
		'Hier steht keine Ausstattung. Zum Schutz der Personen zeigen wir nicht, was weniger als fünf Personen helfen würde.',
	thing: 'Ausstattung',
	peopleHelped: 'Erste Wahl für',
	peopleHelpedHint:
		'Für jede Person die günstigste Anschaffung, die fast so viel behebt wie die beste. Was für weniger als fünf Personen erste Wahl ist, zeigen wir nicht.',
	priceEach: 'Stückpreis',
	total: 'Summe',
	totalPriced: 'Summe mit Preis',
	noPrice: 'kein Preis',
	byEndOfDay: 'Bis zum Ende von Tag',
	byEndOfWeek: 'Bis zum Ende von Woche',
	days: 'Tage',
	weeks: 'Wochen',
	notWithin: ({ name, all, open, isDays }) =>
		`${name ? `${name}: ` : ''}${all}, davon ${open} noch nicht oder erst nach mehr als ${isDays ? '90 Tagen' : 'einem Jahr'}.`,
	gapTitle: 'Größe der Höhenprobleme, am Anfang und jetzt',
	firstOf: (check) => `${check}, am Anfang`,
	nowOf: (check) => `${check}, jetzt`,
	gapAxis: 'mm außerhalb des Bereichs: links der Linie darunter, rechts darüber',
	gapLegend:
		'Jede Marke ist der Mittelwert von mindestens fünf Personen. Auf der Linie passt die Höhe. Nur Personen mit mehr als einem Ergebnis zählen mit.',
	height: 'Höhe',
	peopleHead: 'Personen',
	averageFirst: 'Mittleres Problem, am Anfang',
	now: 'Jetzt',
	changeInterval: 'Mittlere Änderung bei denselben Personen, 95-%-Intervall',
	noChange: 'keine Änderung',
	titleBy: (title, grouping) => `${title} (${grouping})`,
	shareOfPeople: 'Anteil der Personen',
	samePeopleTitle: 'Dieselben Personen am Anfang und jetzt',
	reportedTwice: (people) => `Mehr als einmal angegeben haben: ${people}.`,
	fourGroups:
		'Die Personen bilden vier Gruppen: Beschwerden beide Male, nur am Anfang, nur jetzt oder nie. Eine Körperregion fehlt, wenn eine Gruppe weniger als fünf Personen hat.',
	bodyRegion: 'Körperregion',
	atFirst: 'Am Anfang',
	interval: '95-%-Intervall',
	percentagePoints: 'Prozentpunkte',
	pointsAxis: 'Prozentpunkte mehr (rechts) oder weniger (links) als am Anfang',
	anyDiscomfort: 'Irgendwelche Beschwerden',
	prices: 'Preise',
	pricesSaved: 'Die Preise sind gespeichert.',
	currency: 'Währung',
	savePrices: 'Preise speichern',
	reportHead: (from, to) => `Easy Corner · Arbeitsplätze zu Hause · ${from} bis ${to}`,
	reportTitle: (from, to) => `Arbeitsplätze zu Hause, ${from} bis ${to}`,
	reportMade: ({ madeAt, to, count }) =>
		`Erstellt am ${madeAt} mit Daten bis ${to}. ${count} Ergebnisse von weniger als fünf Personen zeigen wir nicht.`,
	results: 'Ergebnisse',
	actionsTaken: 'Was getan wurde',
	changes: 'Änderungen',
	intervalNote:
		'Intervalle sind 95-%-Intervalle. Die Personen haben selbst entschieden, ob sie ihren Plan umsetzen. Ein Unterschied zwischen den beiden Gruppen ist ein Hinweis, kein Beweis.',
	timeToPlan: 'Zeit von den Antworten bis zum fertigen Plan',
	notFinished: 'Noch nicht fertig',
	everyone: 'Alle',
	remainingProblems: 'Verbleibende Probleme',
	costOfFixing: 'Kosten, um sie zu beheben',
	decisions: 'Entscheidungen, um die wir bitten',
	noDecisions: 'Aus diesen Ergebnissen folgt keine Entscheidung.',
	discomfortByRegion: 'Beschwerden nach Körperregion',
	mostCommonProblems: 'Häufigste Probleme',
	problems: 'Probleme',
	someRowsHidden: ({ count, hidden, rows }) =>
		`${count} Zum Schutz der Personen zeigen wir ${hidden} von ${rows} Zeilen nicht.`,
	share: 'Anteil',
	heading: 'Belegschaft',
	filters: 'Filter',
	dataCsvLink: 'Daten (CSV)',
	resultsOfTeam: (team, grouping) =>
		`Diese Ergebnisse gelten nur für ein Team: ${team}. Gruppiert nach: ${grouping}. Probleme in Millimetern, Kurven und Änderungen über die Zeit brauchen mehr Personen. Verwenden Sie nur einen Filter, um sie zu sehen.`,
	smallGroupsHidden:
		'Zum Schutz der Personen zeigen wir keine Ergebnisse von weniger als fünf Personen und keine, aus denen man sie berechnen könnte.',
	closingFigures:
		'Zahlen zum Monatsende ändern sich nur, wenn sich mindestens fünf Personen einer Gruppe zusammen ändern. Gruppen mit weniger als fünfzehn Personen sind nur in der Summe enthalten.',
	countedAt: (time: string) => `Stand: ${time} Uhr.`,
	todayForCoordinators:
		'Nur die Koordination sieht die Ergebnisse von heute. Der Vergleich zweier Tage könnte die Antworten einer Person verraten.',
	answers: 'Antworten',
	discomfort: 'Beschwerden',
	problemsAndDiscomfort: 'Probleme und Beschwerden',
	effectOfPlans: 'Wirkung der Pläne',
	responseTimes: 'Reaktionszeiten',
	equipmentToBuy: 'Anzuschaffen',
	report: 'Bericht',
	today: 'Heute',
	dataUpTo: 'Daten bis',
	groupBy: 'Gruppieren nach',
	noGrouping: 'Ohne Gruppen',
	allGroups: 'Alle Gruppen',
	team: 'Team',
	allTeams: 'Alle Teams',
	overview: 'Überblick',
	overviewTitle: 'Überblick · Belegschaft · Easy Corner',
	monthEnd: 'Tag',
	numberOf: ({ share, interval, of }) => `${share} (95-%-Intervall ${interval}; ${of}).`,
	numberOfHeights: ({ problem, unknown, fits }) =>
		`Problem: ${problem} Noch nicht bekannt: ${unknown}. Passt: ${fits}.`,
	overviewAnswered: 'Personen, die geantwortet haben',
	overviewAnsweredLink: 'Antworten nach Team ansehen',
	overviewHeightsLink: 'Probleme ansehen',
	overviewDiscomfort: 'Personen mit Beschwerden',
	overviewDiscomfortLink: 'Beschwerden nach Körperregion ansehen',
	overviewStands: 'Pläne, die nach sechs Wochen noch bestehen',
	overviewStandsLink: 'Ansehen, was Pläne ändern',
	overviewMoney: 'Kosten der ersten Wahl für verbleibende Probleme',
	overviewMoneyLink: 'Anzuschaffendes ansehen',
	moneyNow: (amount) => `${amount} zu heutigen Preisen.`,
	noMoney: 'Es kann kein Betrag gezeigt werden.',
	answersTitle: 'Antworten · Belegschaft · Easy Corner',
	responseRate: 'Antwortquote',
	answeredOf: (answered, interval) =>
		`der im letzten Jahr gefragten Personen haben geantwortet: ${answered} (95-%-Intervall ${interval}).`,
	askedHidden: (people) =>
		`Im letzten Jahr gefragt: ${people}. Zum Schutz der Personen zeigen wir nicht, wie viele geantwortet haben.`,
	tooFewAsked: 'Für ein Ergebnis wurden zu wenige Personen gefragt.',
	halfWithin: (within) => `Die Hälfte der gefragten Personen hat ${within} geantwortet.`,
	responseRateHeading: 'Antwortquote',
	shareAnswered: 'Anteil mit Antwort',
	askedLastYear: ' wurden im letzten Jahr gefragt',
	howQuickly: 'Wie schnell geantwortet wird',
	notAnsweredYet: 'Noch keine Antwort',
	notAnsweredLegend:
		'Anteil der Personen, die noch nicht geantwortet haben. Personen ohne Antwort zählen bis zum Stichtag. Tage sind zusammengefasst, damit jede Stufe mindestens fünf Personen umfasst.',
	discomfortTitle: 'Beschwerden · Belegschaft · Easy Corner',
	discomfortHeading: 'Beschwerden',
	reportDiscomfort: (interval, n) =>
		`geben Beschwerden an (95-%-Intervall ${interval}; ${n}, nach der neuesten Angabe).`,
	discomfortHidden: (people) =>
		`${people}. Zum Schutz der Personen zeigen wir nicht, wie viele Beschwerden haben.`,
	tooFewPeople: 'Zu wenige Personen für ein Ergebnis.',
	reportedTwiceShares: (first, now) =>
		`Von den Personen mit mehr als einer Angabe hatten ${first} am Anfang Beschwerden, jetzt sind es ${now}.`,
	shareByRegion: 'Anteil der Personen nach Körperregion',
	anyDiscomfortRow: 'Irgendwelche Beschwerden',
	sideAndType: 'Seite und Art der Beschwerden',
	onTheLeft: 'links',
	onTheRight: 'rechts',
	onBothSides: 'auf beiden Seiten',
	problemsTitle: 'Probleme · Belegschaft · Easy Corner',
	problemsHeading: 'Probleme',
	heightProblem: (interval, n) =>
		`der Personen haben jetzt ein Höhenproblem (95-%-Intervall ${interval}; ${n}).`,
	heightsFit: (fits, unknown) => `Bei ${fits} passt alles. Bei ${unknown} ist es noch nicht bekannt.`,
	heightsAfter: (fits, unknown) =>
		`Mit dem Plan passt bei ${fits} alles. Bei ${unknown} ist es noch nicht bekannt.`,
	anyFound: (found) => `Zusammen mit anderen Problemen, etwa Licht oder Bildschirm, haben ${found} eines.`,
	threeParts: 'Höhen',
	problemPart: 'Problem',
	unknownPart: 'Noch nicht bekannt',
	fitsPart: 'Passt',
	unknownOrFits: 'Noch nicht bekannt, oder passt',
	partsTogether: 'Beides steht zusammen, weil ein Teil weniger als fünf Personen hat.',
	threePartsScope:
		'„Problem“ heißt, dass wir sicher sind. „Noch nicht bekannt“ heißt: Keine Höhe ist sicher falsch, aber ein Maß fehlt oder ist zu grob.',
	problemsHidden: (people) =>
		`${people}. Zum Schutz der Personen zeigen wir nicht, wie viele ein Problem haben.`,
	mostCommon: (problems) => `Am häufigsten: ${problems}.`,
	heightProblemBy: 'Höhenproblem',
	differsLower: (groups) => `Niedriger als anderswo, mehr als durch Zufall: ${groups}.`,
	differsHigher: (groups) => `Höher als anderswo, mehr als durch Zufall: ${groups}.`,
	differsNone: 'Keine Gruppe unterscheidet sich von den anderen mehr als durch Zufall.',
	ofDay: (group, day) => `${group} (${day})`,
	waitingGroups: (groups) =>
		`Zahlen eines früheren Tages, weil sich seitdem zu wenige Personen geändert haben: ${groups}.`,
	differsMethod: (groups) =>
		`${groups} Jede Gruppe wird mit allen anderen verglichen, angepasst an die Zahl der Gruppen.`,
	shareByProblem: 'Anteil der Personen nach Problem',
	problemScope:
		'Probleme aus Antworten oder Messungen, die noch nicht behoben sind. Probleme von weniger als fünf Personen fehlen.',
	anyProblem: 'Irgendein Problem',
	linksTitle: 'Probleme und Beschwerden · Belegschaft · Easy Corner',
	linksHeading: 'Zusammenhänge von Problemen und Beschwerden',
	clearLinks: ({ sure, finding, shareWith, region, shareWithout }) =>
		`${sure === 1 ? 'Ein Zusammenhang ist' : `${sure} Zusammenhänge sind`} stärker, als der Zufall erklären würde. Am deutlichsten: ${shareWith} der Personen mit „${finding}“ geben Beschwerden an (${region}), von den anderen ${shareWithout}.`,
	noClearLink: 'Kein Zusammenhang von Problem und Beschwerden ist stärker, als der Zufall erklären würde.',
	tooFewForLinks: 'Zu wenige Personen haben sowohl ein Problem als auch Beschwerden.',
	linkNotCause: (pairs) =>
		`Das zeigt einen Zusammenhang, keine Ursache. Beschwerden beeinflussen auch, was Menschen bemerken, und beides kann eine andere Ursache haben. Wir haben ${pairs} Paare mit genügend Personen verglichen und die p-Werte dafür angepasst.`,
	howMuchMoreOften: 'Wie viel häufiger Personen mit dem Problem Beschwerden angeben',
	ratioAxis: (n) => `${n}. Links der Linie seltener, rechts häufiger.`,
	timesAsOften: '-mal so häufig',
	problemAndDiscomfort: 'Problem und Beschwerden',
	withProblem: 'Mit dem Problem',
	withoutProblem: 'Ohne das Problem',
	timesAsOftenHead: 'Wievielmal so häufig',
	adjustedPValue: 'Angepasster p-Wert',
	effectTitle: 'Wirkung der Pläne · Belegschaft · Easy Corner',
	effectHeading: 'Helfen Pläne?',
	carriedOutOnly:
		'Ergebnisse gibt es nur für ein ganzes Team oder für alle. Diese Liste zeigt, wer seinen Plan umgesetzt hat.',
	adjusted: ({ by, low, high, isLower }) =>
		`Bei gleichem Anfangswert fiel er mit umgesetztem Plan um ${by} Punkte ${isLower ? 'stärker' : 'weniger'} (95-%-Intervall ${low} bis ${high}).`,
	adjustedUnclear: (by, low, high) =>
		`Bei gleichem Anfangswert gibt es keinen klaren Unterschied (${by} Punkte, 95-%-Intervall ${low} bis ${high}).`,
	hintNotProof:
		'Das ist ein Hinweis, kein Beweis. Wer seinen Plan umsetzt, kann sich auf Arten von anderen unterscheiden, die wir nicht kennen. Ein negativer Unterschied heißt weniger Beschwerden mit umgesetztem Plan.',
	carriedOutShare: 'Personen mit Plan und neuer Angabe: wie viele ihn umgesetzt haben',
	shareCarriedOut: 'Anteil mit umgesetztem Plan',
	breaks: 'Pausen',
	breaksTaken: (percent) =>
		`Von den Pausen, die in den letzten vier vollen Wochen geplant waren, wurden etwa ${percent} % gemacht.`,
	breaksScope: (least) =>
		`Das ist die Summe für mindestens ${least} Personen, die ihre Pausen mitteilen, in Fünferschritten. Sie machen vielleicht mehr Pausen als andere.`,
	reportPageTitle: 'Bericht · Belegschaft · Easy Corner',
	reportHeading: 'Bericht für die Leitung',
	reportLead:
		'Ein Bericht sagt, was getan wurde, was sich geändert hat, welche Probleme bleiben, was ihre Behebung kostet und welche Entscheidungen Sie brauchen. Er ändert sich nicht mehr, nachdem Sie ihn erstellt haben.',
	noMonthYet: 'Den ersten Bericht können Sie erstellen, wenn der erste Monat vorbei ist.',
	endOfPeriod: 'Ende des Zeitraums',
	period: 'Zeitraum',
	createReport: 'Bericht erstellen',
	reportPeriod: (from, to) => `${from} bis ${to}`,
	created: (when) => `erstellt ${when}`,
	dataCsv: 'Daten (CSV)',
	upTo: (day) => `bis ${day}`,
	deleteReportUpTo: (day) => `Bericht bis ${day} löschen`,
	deleteReport: 'Bericht löschen',
	noReports: 'Es gibt noch keine Berichte.',
	months: (n) => (n === 1 ? 'Ein Monat' : n === 12 ? 'Ein Jahr' : `${n} Monate`),
	reportUpToTitle: (to) => `Bericht bis ${to} · Easy Corner`,
	allReports: 'Alle Berichte',
	print: 'Drucken',
	timesTitle: 'Reaktionszeiten · Belegschaft · Easy Corner',
	timesHeading: 'Reaktionszeiten',
	timesLead:
		'Die Kurven gelten für alle zusammen, weil eine kleine Gruppe einzelne Personen verraten könnte. Wochen sind zusammengefasst, damit jede Stufe mindestens fünf Personen umfasst. Personen, die noch nicht so weit sind, zählen bis zum Stichtag.',
	timeToAct: 'Zeit von den Antworten, bis die Koordination sich darum gekümmert hat',
	notDealtWith: 'Noch nicht bearbeitet',
	twoYears: 'Die neuesten Antworten jeder Person, wenn sie aus den zwei Jahren vor dem Stichtag sind.',
	fixedAtHome: 'Mit Dingen zu Hause behoben',
	problemRemains: 'Ein Problem bleibt',
	curvesDiffer: (p) =>
		`Wären die Gruppen gleich, wäre ein so großer Unterschied selten (Log-Rank-Test, p = ${p}).`,
	tooFewForCurve: 'Zu wenige Personen für eine Kurve.',
	steps: 'Schritte der Pläne',
	stepsTitle: 'Schritte der Pläne · Belegschaft · Easy Corner',
	stepsHeading: 'Welche Schritte werden umgesetzt und bleiben bestehen?',
	tooFewSteps: 'Zu wenige Personen haben einen Plan, der zwei Wochen alt ist.',
	stepsCarriedOut: 'Umgesetzte Schritte, unter den Personen, die sie im Plan haben',
	stepsCarriedOutScope:
		'Pläne zu Antworten, die mindestens zwei Wochen alt sind. Die Schritte stehen in der Reihenfolge der Arbeit.',
	stepsByItem: 'Nach zwei Wochen noch vorhanden, nach Schritt und Gegenstand',
	stepsKeptScope:
		'Nach der ersten Rückmeldung ab diesem Tag. Wer keine beantwortet hat, ist nicht mitgezählt. Die Schritte stehen in der Reihenfolge der Arbeit.',
	stepPlace: 'Schritt',
	shareOfSteps: 'Anteil der Personen mit diesem Schritt',
	stepsLeastDone: (step: string, share: string, interval: string) =>
		`Am seltensten umgesetzt wird dieser Schritt: ${step} (${share}, 95-%-Intervall ${interval}).`,
	stepsLeastKept: (step: string, share: string, interval: string) =>
		`Am häufigsten rückgängig gemacht wird innerhalb von zwei Wochen: ${step} (${share} behalten ihn bei, 95-%-Intervall ${interval}).`,
	stepsKept: (days: number) => `Schritte, die nach ${days === 14 ? 'zwei' : 'sechs'} Wochen noch bestehen`,
	stepWithItem: (step: string, item: string) => `${step}: ${item}`,
	builtToPlan: (within: string) => `Nach dem Aufbau gemessene Höhen: höchstens ${within} neben dem Plan`,
	builtToPlanScope:
		'Personen, die nach dem Aufbau neu gemessen haben. Der Unterschied entsteht beim Messen und beim Aufbauen zusammen.',
	shareOfMeasured: 'Anteil der Personen, die neu gemessen haben',
	heightHead: 'Höhe',
	builtHeights: {
		seatUnder: 'Sitz, mit der Person darauf',
		feetOn: 'Unter den Füßen',
		surface: 'Tischplatte',
		keysOn: 'Unter der Tastatur',
		screenTop: 'Oberkante des Bildschirms'
	},
	looksTitle: 'Antworten und eigener Blick',
	lookedAt: (people: string) => `Von ${people} wurde der Arbeitsplatz im Videoanruf oder vor Ort gesehen.`,
	kappa: (value: string, interval: string) =>
		`Alle Höhen zusammen stimmen mit einem Kappa von ${value} überein (95-%-Intervall ${interval}). 0 wäre Zufall, 1 völlige Übereinstimmung.`,
	noKappa: 'Die Übereinstimmung über den Zufall hinaus (Kappa) lässt sich daraus nicht angeben.',
	looksScope:
		'Zahlen von heute, jeweils nach dem letzten Blick. Was die Antworten offenlassen, zählt nicht mit. Halten Sie beim Kontakt im Videoanruf oder vor Ort fest, was Sie gesehen haben.',
	shareAgreed: 'Anteil der Personen, bei denen beide dasselbe sagen',
	padsTitle: 'Wie weit Sitzauflagen nachgeben',
	padsScope:
		'Aus Sitzhöhen, die nach dem Aufbau neu gemessen wurden. Neue Pläne rechnen mit diesen Anteilen, wie sie zum letzten Monatsende veröffentlicht wurden. Wer selbst gemessen hat, behält den eigenen Wert.',
	padLine: ({ kind, share, interval, people, usual }) =>
		`${kind}: ${share} der Dicke bleiben unter einer Person (95-%-Intervall ${interval}, ${people}). Übliche Annahme: ${usual}.`,
	purchaseResults: 'Was die Anschaffungen bewirkt haben',
	arrivedFor: (people: string, before: string) =>
		`Bei ${people} ist etwas angekommen. Vorher hatten ${before} davon ein Höhenproblem.`,
	solvedNow: ({ solved, share, interval }) =>
		`${solved} davon haben jetzt keines mehr (${share}, 95-%-Intervall ${interval}).`,
	paidFor: (amount: string) => `Ihre Ausstattung hat ${amount} gekostet.`,
	costOfOne: (amount: string) => `Das sind ${amount} für jedes gelöste Problem.`,
	costMissing: 'Die Kosten sind nicht bekannt, weil bei manchen Gegenständen der Preis fehlt.',
	purchaseResultsScope:
		'Zahlen von heute. Auch andere Änderungen zählen mit, etwa Schritte zu Hause. Gegenstände aus dem Bestand kosten hier nichts.',
	shareSolved: 'Anteil der Personen, deren Höhenproblem gelöst ist',
	visitTitle: 'Teams, die einen Besuch brauchen',
	visitNone: 'Kein Team steht schlechter da als die anderen, soweit es nicht Zufall sein kann.',
	visitTooFew: 'Kein Monatsende hat Zahlen für mindestens zwei Teams.',
	visitDay: (day: string) => `Zahlen vom ${day}, angepasst an die Zahl der verglichenen Teams und Werte.`,
	visitLines: {
		answered: ({ team, share, all }) => `${team}: ${share} haben geantwortet, insgesamt ${all}.`,
		problem: ({ team, share, all }) => `${team}: ${share} haben ein Höhenproblem, insgesamt ${all}.`,
		hurts: ({ team, share, all }) => `${team}: ${share} haben Beschwerden, insgesamt ${all}.`,
		stands: ({ team, share, all }) =>
			`${team}: ${share} der Pläne bestehen nach sechs Wochen noch, insgesamt ${all}.`
	},
	recordDecisions: 'Entscheidungen festhalten',
	recordDecisionsHint: 'Der Bericht selbst ändert sich nicht. Der nächste sagt, was daraus geworden ist.',
	decisionsSaved: 'Gespeichert.',
	decisionResult: 'Entscheidung',
	decisionNote: 'Notiz',
	decisionNames: {
		buy: 'Anschaffungen',
		teams: 'Mit Teams sprechen',
		time: 'Arbeitszeit für die Pläne',
		first: 'Welches Problem zuerst kommt'
	},
	decisionResults: {
		open: 'Noch nicht entschieden',
		agreed: 'Zugestimmt',
		declined: 'Abgelehnt',
		postponed: 'Verschoben'
	},
	remark: 'Bemerkung',
	saveDecisions: 'Entscheidungen speichern',
	lastDecisions: (to: string) => `Entscheidungen zum Bericht bis ${to}`,
	madeBy: (author: string) => `Erstellt von ${author}.`,
	lastMonths: 'Die letzten zwölf Monate',
	monthHeads: {
		answered: 'Geantwortet',
		problem: 'Höhenproblem',
		hurts: 'Beschwerden',
		stands: 'Pläne noch umgesetzt',
		money: 'Erste Wahl, Kosten'
	},
	teamFigures: 'Teams',
	teamsHidden: (n: number) =>
		n === 1
			? 'Ein Team ist zu klein, um gezeigt zu werden. Es ist in der Gesamtzahl enthalten.'
			: `${n} Teams sind zu klein, um gezeigt zu werden. Sie sind in der Gesamtzahl enthalten.`,
	toBuyTitle: 'Anzuschaffen · Belegschaft · Easy Corner',
	toBuyHeading: 'Anzuschaffen',
	stillOpen: (interval, n) =>
		`der Personen haben noch ein Höhenproblem, das sich mit Dingen zu Hause nicht beheben lässt (95-%-Intervall ${interval}; ${n}).`,
	equipmentHelps: (n) => `Ausstattung würde ${n} von ihnen helfen.`,
	equipmentHelpsHidden:
		'Zum Schutz der Personen zeigen wir nicht, wie vielen von ihnen Ausstattung helfen würde.',
	openHidden: (people) =>
		`${people}. Zum Schutz der Personen zeigen wir nicht, wie viele noch ein Problem haben.`,
	helpedBy: 'Personen, denen die Anschaffung hilft',
	toBuyMethod:
		'Für jede Person mit den Dingen berechnet, die sie zu Hause hat. Eine Person zählt bei jeder Anschaffung, die ihr allein oder mit einer anderen helfen würde.'
};
