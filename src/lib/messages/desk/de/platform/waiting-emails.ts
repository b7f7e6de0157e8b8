import type { DeskTexts } from '../../shapes';

const emails = (n: number) => `${n.toLocaleString('de')} ${n === 1 ? 'E-Mail' : 'E-Mails'}`;
const were = (n: number) => (n === 1 ? 'wurde' : 'wurden');

/** Emails that an update or an import made due, and the daily limit. */
export const waitingEmailTexts: DeskTexts['waitingEmails'] = {
	title: 'Zurückgehaltene E-Mails · Easy Corner',
	heading: 'Zurückgehaltene E-Mails',
	lead: 'Wenn durch eine Aktualisierung, neue Stufen und Fristen oder einen Import E-Mails fällig werden, halten wir sie hier zurück. Sie gehen hinaus, wenn Sie sie freigeben.',
	none: 'Wir halten keine E-Mails zurück.',
	noneHint: 'Bitten um Rückmeldung und Erinnerungen gehen wie gewohnt an ihrem Tag hinaus.',
	kind: 'E-Mail',
	cause: 'Fällig durch',
	people: 'Personen',
	dueToday: 'Schon fällig',
	team: 'Team',
	noTeam: 'Ohne Team',
	releaseOne: 'Ein Team freigeben',
	releaseTeam: (team) => `Nur ${team} freigeben`,
	kinds: {
		'check-in': 'Bitte um Rückmeldung: Ist alles noch so?',
		recheck: 'Nächste Selbsteinschätzung',
		'plan-reminder': 'Erinnerung an einen nicht begonnenen Plan'
	},
	causes: { update: 'eine Aktualisierung', policy: 'neue Stufen und Fristen', import: 'einen Import' },
	release: (n) => `${emails(n)} freigeben`,
	releaseHint:
		'Jede geht an ihrem Tag hinaus. Die schon fälligen gehen ab jetzt hinaus, bis zur Tagesgrenze.',
	released: (n) => `${emails(n)} ${were(n)} freigegeben.`,
	cancel: (n) => `${emails(n)} verwerfen`,
	cancelTeam: (team) => `Nur ${team} verwerfen`,
	cancelHeading: (n, team) => `${emails(n)}${team === null ? '' : ` (${team})`} verwerfen?`,
	cancelLead: {
		'check-in':
			'Diese Personen bekommen diese Bitte um Rückmeldung nicht. Die nächste im Zeitplan geht wie gewohnt hinaus.',
		recheck:
			'Diese Personen bekommen diese Selbsteinschätzung nicht. Die nächste ist ein Jahr nach ihrer nächsten Antwort fällig.',
		'plan-reminder': 'Diese Personen bekommen keine Erinnerung an ihren Plan.'
	},
	cancelAnyway:
		'Personen, die ohnehin an einem späteren Tag eine bekommen hätten, bekommen sie an diesem Tag. Das lässt sich nicht rückgängig machen.',
	keep: (n) => (n === 1 ? 'E-Mail behalten' : 'E-Mails behalten'),
	cancelled: (n) => `${emails(n)} ${were(n)} verworfen.`,
	undeliveredHeading: (n) => `${emails(n)} ${n === 1 ? 'ging' : 'gingen'} nicht hinaus`,
	undeliveredLead:
		'Der Mailserver hat diese abgelehnt. Wir versuchen es fünf Tage lang. Wenn es das Postfach nicht gibt, berichtigen Sie zuerst die Adresse der Person.',
	to: 'An',
	about: 'E-Mail',
	written: 'Geschrieben',
	whatHappened: 'Zustellung',
	ofRound: (round) => `Runde: ${round}`,
	states: {
		waiting: (tries) => `${tries === 1 ? 'Einmal' : `${tries}-mal`} abgelehnt. Wir versuchen es wieder.`,
		failed: () => 'Fünf Tage lang abgelehnt. Wir versuchen es nicht mehr.',
		bounced: () => 'Dieses Postfach gibt es nicht.'
	},
	tryAgain: 'Noch einmal senden',
	tryAllAgain: 'Alle noch einmal senden',
	triedAgain: (n) => `Wir senden jetzt ${emails(n)} noch einmal.`,
	firstShown: (n) => `Die neuesten ${n} werden gezeigt.`,
	limitHeading: 'Tagesgrenze',
	limitLead: (perDay, isSet) =>
		`${isSet ? '' : 'Sie haben noch keine Grenze festgelegt. Bei Ihrer Personenzahl gilt: '}Easy Corner sendet am Tag höchstens ${perDay.toLocaleString('de')} Bitten um Rückmeldung, Selbsteinschätzungen und Erinnerungen an Pläne.`,
	sentToday: (n) => (n === 0 ? 'Heute ging noch keine hinaus.' : `Heute gingen schon ${emails(n)} hinaus.`),
	keptBack: (n) =>
		n === 0
			? ''
			: `Die Grenze ist erreicht: ${n === 1 ? 'Eine Person bekommt ihre' : `${n.toLocaleString('de')} Personen bekommen ihre`} E-Mail ab morgen.`,
	limitScope:
		'Runden, Erinnerungen an Selbsteinschätzungen oder Rückmeldungen und Ihre eigenen Nachrichten zählen nicht dazu.',
	perDay: 'E-Mails am Tag',
	setLimit: 'Tagesgrenze speichern',
	limitSet: 'Die Tagesgrenze ist gespeichert.'
};
