import type { DeskTexts } from '../../shapes';

/** Sentences of the report. Numbers are already formatted. */
export const reportTexts: DeskTexts['report'] = {
	done: {
		asked: (people) => `Selbsteinschätzung gesendet: ${people}.`,
		answered: (people) => `Geantwortet: ${people}.`,
		dealtWith: (people) => `Antworten bearbeitet: ${people}.`,
		carriedOut: (people) => `Plan umgesetzt: ${people}.`,
		arrived: (people) => `Ausstattung erhalten: ${people}.`,
		referred: (people) => `Überwiesen: ${people}.`
	},
	doneByFew: {
		asked: 'Selbsteinschätzung gesendet',
		answered: 'geantwortet',
		dealtWith: 'Antworten bearbeitet',
		carriedOut: 'Plan umgesetzt',
		arrived: 'Ausstattung erhalten',
		referred: 'überwiesen'
	},
	nothingDone: 'In diesem Zeitraum betraf keine Maßnahme fünf Personen oder mehr.',
	fewDone: (acts) => `Bei weniger als fünf Personen: ${acts}.`,
	shares: {
		answered: (share, interval, people) =>
			`${share} der Personen haben ihre neueste Selbsteinschätzung beantwortet (${interval}; ${people}).`,
		hurts: (share, interval, people) => `${share} geben Beschwerden an (${interval}; ${people}).`,
		found: (share, interval, people) =>
			`${share} haben ein Problem an ihrem Arbeitsplatz (${interval}; ${people}).`,
		problem: (share, interval, people) => `${share} haben ein Höhenproblem (${interval}; ${people}).`,
		open: (share, interval, people) =>
			`${share} haben ein Höhenproblem, das sich mit Dingen zu Hause nicht beheben lässt (${interval}; ${people}).`
	},
	before: ({ month, share, by, low, high, isClear }) =>
		`Am Ende von ${month} waren es ${share}: ${isClear ? 'ein klarer Unterschied' : 'kein klarer Unterschied'} (${by} Prozentpunkte, ${low} bis ${high}).`,
	heights: (fits, unknown) => `Bei ${fits} passt alles. Bei ${unknown} ist es noch nicht bekannt.`,
	paired: ({ people, first, now, by, low, high }) =>
		`Mehr als einmal angegeben haben: ${people}. Am Anfang hatten ${first} von ihnen Beschwerden, jetzt ${now}: ${by} Prozentpunkte (${low} bis ${high}).`,
	coursesOf: (course, parts) => `${course}: ${parts}.`,
	things: {
		'keyboard-and-mouse': 'eine separate Tastatur und Maus',
		footrest: 'eine verstellbare Fußstütze',
		'foot-bar': 'eine Stange oder einen Ring für die Füße',
		'seat-cushion': 'ein festes Sitzkissen',
		monitor: 'einen Monitor mit verstellbarem Fuß',
		chair: 'einen höhenverstellbaren Stuhl',
		'another-surface': 'einen höhenverstellbaren Tisch'
	},
	buy: (things, cost) => `Sollen wir ${things} anschaffen?${cost ? ` Zusammen kostet das ${cost}.` : ''}`,
	thingFor: (thing, people) => `${thing} für ${people}`,
	silentTeams: (teams: readonly string[], all: string | null) =>
		`Soll eine Führungskraft mit ${teams.join(', ')} sprechen? Dort antworten weniger Personen als anderswo${all ? ` (insgesamt ${all})` : ''}. Sonst erhalten sie eine weitere Erinnerung.`,
	teamWithShare: (team: string, share: string) => `${team} (${share})`,
	buyHelps: (helped: string, people: string) =>
		`Das hilft ${helped} von ${people} mit einem Höhenproblem, das sich mit Dingen zu Hause nicht lösen lässt.`,
	buyLess: (thing: string, cost: string) =>
		`Als kleinsten Schritt könnten wir ${thing} anschaffen, für ${cost}.`,
	results: {
		open: 'Es wurde nichts entschieden.',
		agreed: 'Zugestimmt.',
		declined: 'Abgelehnt.',
		postponed: 'Verschoben.'
	},
	outcomes: {
		buy: () => 'Anschaffungen.',
		teams: (team: string) => `Antworten in ${team}.`,
		time: (problem: string) => `Arbeitszeit für die Pläne („${problem}“).`,
		first: (problem: string) => `„${problem}“ zuerst.`
	},
	thenAndNow: (before: string, now: string) => `Damals ${before}, jetzt ${now}.`,
	thenAndNowHidden: 'Zu wenige Personen für einen Vergleich.',
	withoutTeam: 'Personen ohne Team',
	workingTime: (problem, share) =>
		`Können Pläne in der Arbeitszeit umgesetzt werden? Das häufigste Problem ist „${problem}“, an ${share} der Arbeitsplätze.`,
	firstProblem: (problem, region, ratio) =>
		`Soll „${problem}“ zuerst kommen? Personen mit diesem Problem geben ${ratio}-mal so häufig Beschwerden an (${region}). Das zeigt einen Zusammenhang, keine Ursache.`
};
