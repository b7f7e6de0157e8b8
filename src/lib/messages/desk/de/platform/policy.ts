import type { DeskTexts } from '../../shapes';

const people = (n: number, shown: string) => (n === 1 ? 'Eine Person' : `${shown} Personen`);

/** Stufen, Fristen und Erinnerungen, die die Organisation festlegt. */
export const policyTexts: DeskTexts['policy'] = {
	link: 'Stufen und Fristen',
	title: 'Stufen und Fristen · Easy Corner',
	heading: 'Stufen und Fristen',
	lead: 'Legen Sie fest, ab welchen Werten ein Fall welche Stufe bekommt, wie bald Sie handeln, und wann Personen erinnert und wieder gefragt werden.',
	signs:
		'Warnzeichen behalten ihre Stufe und ihren Tag, und gemeldete Schwäche ist immer dringend. Daran ändert keine Einstellung etwas.',
	version: (n) => (n === 0 ? 'Ursprüngliche Einstellungen' : `Fassung ${n}`),
	current: (version) => `Jetzt: ${version}`,
	parts: {
		levels: 'Stufen',
		deadlines: 'Werktage zum Handeln',
		reminders: 'Erinnerungen',
		'check-ins': 'Rückmeldungen',
		rechecks: 'Nächste Selbsteinschätzung'
	},
	fields: {
		clinicianFrom: 'Ärztlich abklären: ab einem Wert von',
		soonFrom: 'Diese Woche: ab einem Wert von',
		tinglingDays: 'Kribbeln oder Taubheit, ärztlich abklären: an so vielen Tagen der Woche',
		tinglingFrom: 'Kribbeln oder Taubheit, ärztlich abklären: oder ab einem Wert von',
		unclosableFrom: 'Ein Problem, das kein Plan behebt, diese Woche: ab einem Wert von',
		notBetterDays: 'Nach dem Plan nicht besser, ärztlich abklären: nach',
		notBetterFrom: 'Nach dem Plan nicht besser, ärztlich abklären: ab einem Wert von',
		clinicianDays: 'Ärztlich abklären',
		soonDays: 'Diese Woche',
		helpDays: 'Wartet auf Sie',
		homeDays: 'Selbsthilfe',
		answerDays: 'Eine Nachricht einer Person',
		reminderDays: 'Erinnerungen an eine unbeantwortete E-Mail: nach',
		notBegunRemindDays: 'Erinnerung an einen nicht begonnenen Plan: nach',
		notBegunStuckDays: 'Ein nicht begonnener Plan erscheint unter „Heute“: nach',
		checkInDays: 'Nachdem der Plan umgesetzt ist',
		unfinishedDays: 'Solange Schritte offen sind: nach',
		unfinishedTimes: 'Solange Schritte offen sind: höchstens',
		recheckDays: 'Üblich: nach',
		recheckSoonerDays: 'Mit Beschwerden: nach',
		recheckSoonerFrom: 'Mit Beschwerden heißt: ab einem Wert von'
	},
	units: { score: 'von 10', days: 'Tagen', 'working-days': 'Werktagen', times: 'Mal' },
	limits: (least, most) => `erlaubt: ${least} bis ${most}`,
	listLimits: ({ fewest, longest, least, most, apart }) =>
		`${fewest} bis ${longest} Zahlen von ${least} bis ${most}, aufsteigend${apart > 1 ? ` und mindestens ${apart} auseinander` : ''}`,
	now: (value) => `jetzt ${value}`,
	preview: 'Sehen, was sich ändern würde',
	previewFirst: 'Veröffentlicht wird erst, wenn Sie gesehen haben, was sich ändern würde.',
	previewOutdated:
		'Sie haben seitdem eine Einstellung geändert. Sehen Sie noch einmal nach, was sich ändern würde, und veröffentlichen Sie dann.',
	nothingDiffers: 'Es unterscheidet sich nichts von den Einstellungen, die jetzt gelten.',
	wouldChange: 'Änderungen, wenn Sie veröffentlichen',
	changed: (field, before, after) => `${field} ${after} statt ${before}`,
	exact: (of, shown) =>
		of === 1 ? 'Wir haben den einzigen Fall angesehen.' : `Wir haben alle ${shown} Fälle angesehen.`,
	sampled: (looked, of) =>
		`Wir haben ${looked} von ${of} Fällen angesehen, zufällig gezogen. Die Zahlen für alle sind Schätzungen; der Bereich dahinter trifft bei 19 von 20 solchen Ziehungen zu.`,
	count: ({ n, low, high }, shown) =>
		low === high ? people(n, shown(n)) : `Etwa ${shown(n)} Personen (${shown(low)} bis ${shown(high)})`,
	move: (count, from, to) => `${count}: von „${from}“ zu „${to}“`,
	nobodyMoves: 'Keine Stufe würde sich ändern.',
	otherDays: (count) =>
		`${count}: andere Frist, andere Rückmeldung oder anderer Tag der nächsten Selbsteinschätzung.`,
	askedSooner: (count) =>
		`${count}: früher gefragt als jetzt. E-Mails, die nur dadurch fällig sind, warten auf Ihre Freigabe.`,
	listed: (n) => (n === 1 ? 'Diese Person sehen' : `${n} davon sehen`),
	published: (version) =>
		`${version} gilt jetzt. Wir bewerten jeden Fall neu; unter „Heute“ steht, wie viele noch fehlen.`,
	original: 'Womit Easy Corner ausgeliefert wird',
	startsFrom: (version) => `Das Formular zeigt ${version}. Es ist noch nichts veröffentlicht.`,
	load: 'Einstellungen aus einer Datei',
	loadHint: 'Eine Datei, die hier oder in einem anderen Easy Corner heruntergeladen wurde.',
	useFile: 'Diese Einstellungen zeigen',
	fileName: (version) => `stufen-und-fristen-${version}.json`,
	loaded: 'Das Formular zeigt die Einstellungen der Datei. Es ist noch nichts veröffentlicht.'
};
