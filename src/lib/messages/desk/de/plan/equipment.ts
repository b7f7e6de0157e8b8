import type { DeskTexts } from '../../shapes';

const people = (n: number) => (n === 1 ? 'einer Person' : `${n} Personen`);
const problems = (n: number) => (n === 1 ? 'ein Problem' : `${n} Probleme`);

/** Equipment requests, and the stock. */
export const equipmentTexts: DeskTexts['equipment'] = {
	requestForThem: 'Ausstattung für die Person anfragen',
	addRequest: 'Anfrage hinzufügen',
	show: 'Anzeigen',
	status: 'Stand',
	inProgress: (n) => `In Arbeit (${n})`,
	thing: 'Ausstattung',
	allEquipment: 'Alle Ausstattung',
	team: 'Team',
	allTeams: 'Alle Teams',
	linesAndSums: (lines, sums) => `${lines}${sums.length > 0 ? `, etwa ${sums.join(' und ')}` : ''}`,
	forWhom: 'Für',
	why: 'Warum',
	orderAndCost: 'Bestellung und Kosten',
	since: 'Seit',
	daysAgo: (n) => (n === 0 ? 'heute' : n === 1 ? '1 Tag' : `${n} Tagen`),
	next: 'Nächster Schritt',
	fixesNothingAlone: 'Behebt allein kein Problem',
	fromStock: (backBy) => `aus dem Bestand${backBy ? `, zurück bis ${backBy}` : ''}`,
	sendFromStock: (left) => `Aus dem Bestand senden: ${left}`,
	sendFromStockMenu: (left) => `Aus dem Bestand senden (${left}) …`,
	reasonForEmployee: 'Grund (die Person liest ihn)',
	dueBack: 'Zurück bis (bei einer Leihgabe)',
	supplier: 'Lieferfirma',
	orderNumber: 'Bestellnummer',
	priceOfOne: 'Preis für eines',
	requestOf: (name, thing) => `${name}: ${thing}`,
	tickForOrder: (request) => `Zusammen bestellen: ${request}`,
	tickAllForOrder: 'Alle zusammen bestellen',
	orderTogether: (n) =>
		n === 1 ? 'Eine Bestellung für einen Gegenstand' : `Eine Bestellung für ${n} Gegenstände`,
	orderTogetherHint:
		'Jede Person bekommt eine E-Mail, dass es Neues gibt. Heute lässt es sich unter „Ihre Handlungen heute“ rückgängig machen.',
	markOrdered: (n) => (n === 1 ? 'Als bestellt markieren' : `${n} als bestellt markieren`),
	orderedTogether: (n) =>
		n === 1 ? 'Ein Gegenstand ist als bestellt markiert.' : `${n} Gegenstände sind als bestellt markiert.`,
	price: 'Preis',
	currency: 'Währung',
	inStock: (n) => `Im Bestand: ${n === 1 ? 'ein Stück' : `${n} Stück`}`,
	saveCount: 'Anzahl speichern',
	saved: (isSaved) => (isSaved ? 'Gespeichert.' : ''),
	pageTitle: 'Ausstattung · Easy Corner',
	heading: 'Ausstattung',
	summary: ({ underWay, asked, approved }) =>
		underWay === 0
			? 'Keine offenen Anfragen.'
			: `${underWay} ${underWay === 1 ? 'Anfrage ist' : 'Anfragen sind'} in Arbeit: ${asked} zu entscheiden, ${approved} zu bestellen oder zu senden.`,
	reserve: (inStore) => `Genehmigen und reservieren (${inStore} auf Lager)`,
	reserveOf: (ofValue) => `Genehmigen und vom Lager reservieren: ${ofValue}`,
	sendReserved: 'Reserviertes senden …',
	reserved: 'eines auf Lager ist reserviert',
	reservedOf: (n) => `${n} reserviert`,
	deliverTo: (address) => `Lieferung an: ${address}`,
	deliveryTime: (days) =>
		days === 1 ? 'kommt meist nach 1 Arbeitstag an' : `kommt meist nach ${days} Arbeitstagen an`,
	catalogue: 'Katalog und Preise',
	exportList: 'Exportieren',
	noneMatch: 'Keine Anfrage passt zur Auswahl.',
	requestsHint: 'Hier erscheint, was Beschäftigte in ihrem Plan anfragen, mit dem Problem, das es behebt.',
	firstShown: (n) =>
		`Die ersten ${n} werden gezeigt. Grenzen Sie die Liste ein, oder exportieren Sie sie, um die übrigen zu sehen.`,
	budget: {
		title: 'Budget · Ausstattung · Easy Corner',
		heading: 'Das Beste aus Ihrem Budget',
		ofYear: (year) => `Budget ${year}`,
		yearBudget: 'Budget',
		spent: 'Ausgegeben',
		promised: 'Genehmigt, nicht bestellt',
		left: 'Übrig',
		notSet: 'Nicht festgelegt',
		yearScope:
			'Ausgegeben ist, was in diesem Jahr bestellt wurde. Genehmigtes zählt zum heutigen Preis, und was aus dem Bestand kommt, kostet nichts.',
		notCounted: (n) =>
			n === 1
				? 'Eine Anschaffung ohne Betrag oder in einer anderen Währung ist nicht enthalten.'
				: `${n} Anschaffungen ohne Betrag oder in einer anderen Währung sind nicht enthalten.`,
		useWhatIsLeft: 'Ansehen, was damit möglich ist',
		setBudget: 'Budget festlegen',
		amountOfYear: (year) => `Betrag für ${year}`,
		saveBudget: 'Budget speichern',
		budgetSaved: 'Das Budget ist gespeichert.',
		lead: 'Die Anschaffungen, die für Ihr Geld am meisten beheben, über das hinaus, was im Haushalt möglich ist. Was im Bestand oder zu Hause ungenutzt ist, kostet nichts. Probleme zählen mehr, wenn die Person Schmerzen hat.',
		link: 'Budget',
		money: (currency) => `Budget (${currency})`,
		workOut: 'Berechnen',
		noPrices: 'Es gibt noch keine Preise. Tragen Sie zuerst Preise ein.',
		toPrices: 'Preise eintragen',
		closes: (spent, n, closes) => `${spent} helfen ${people(n)} und beheben ${problems(closes)}.`,
		nothing: 'Nichts in diesem Preisrahmen würde ein Problem beheben.',
		isAll: 'Das ist alles, was helfen würde.',
		all: (cost, n, closes) =>
			`Alles, was helfen würde, kostet ${cost}: Es hilft ${people(n)} und behebt ${problems(closes)}.`,
		waiting: (n) =>
			n === 1
				? 'Eine Person wartet auf Ausstattung oder hat sie gerade bekommen. Wir zählen sie nach ihrer nächsten Messung wieder.'
				: `${n} Personen warten auf Ausstattung oder haben sie gerade bekommen. Wir zählen sie nach ihrer nächsten Messung wieder.`,
		whatToBuy: 'Anzuschaffen',
		howMany: 'Anzahl',
		fromStock: (n) => `${n} aus dem Bestand`,
		someFromStock: 'aus dem Bestand',
		tiedTitle: (n) =>
			n === 1
				? 'Dieselbe Anschaffung würde einer weiteren Person ebenso helfen:'
				: `Dieselbe Anschaffung würde ${n} weiteren Personen ebenso helfen:`,
		andMore: (n) => `und ${n} weiteren`,
		step: (money, n) =>
			n === 0
				? `Weitere ${money} würden sonst niemandem helfen.`
				: n === 1
					? `Weitere ${money} würden einer weiteren Person helfen:`
					: `Weitere ${money} würden ${n} weiteren Personen helfen:`,
		notProven: 'Etwas Bestand bleibt übrig. Es könnte eine etwas bessere Auswahl geben.',
		searchEnded: (share: string) =>
			`Sehr viele Anschaffungen bringen für ihren Preis gleich viel, deshalb wurde die Suche beendet. Die beste Auswahl brächte höchstens ${share} mehr.`,
		together: 'Summe',
		forWhom: 'Für',
		gets: 'Ausstattung',
		hurts: 'Stärkste Beschwerden',
		cost: 'Kosten',
		ofTen: (worst) => (worst === 0 ? 'keine' : `${worst} von 10`),
		firstShown: (n) =>
			`Die ersten ${n} werden gezeigt. Genehmigen Sie diese zuerst, und berechnen Sie dann den Rest.`,
		approve: (n) => (n === 1 ? 'Für eine Person genehmigen' : `Für ${n} Personen genehmigen`),
		tickAll: 'Für alle auf dieser Liste genehmigen',
		approveHint:
			'Jede Anfrage wechselt zu „genehmigt“, und jede Person bekommt eine E-Mail, dass es Neues gibt. Heute können Sie das rückgängig machen.',
		approved: (n) =>
			n === 1
				? 'Für eine Person genehmigt. Sie sehen die Anfrage unter „Ausstattung“.'
				: `Für ${n} Personen genehmigt. Sie sehen die Anfragen unter „Ausstattung“.`,
		toBoard: 'Zu „Ausstattung“'
	}
};
