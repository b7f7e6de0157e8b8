import type { deskSharedSessionTexts as en } from '../../en/questionnaire/shared-session';

export const deskSharedSessionTexts: typeof en = {
	link: 'Gemeinsam ansehen',
	title: (name) => `Gemeinsam mit ${name} · Easy Corner`,
	back: (name) => `Zurück zu ${name}`,
	heading: (name) => `Gemeinsam mit ${name} ansehen`,
	lead: 'Sie telefonieren und sehen beide dieselbe Zeichnung. Was eine Seite einträgt, erscheint sofort darin.',
	notStarted: (name) =>
		`${name} beginnt: auf jeder Seite des persönlichen Links unter „Gemeinsam ansehen“. Dort erscheint dann ein Code.`,
	started: (name) => `${name} hat begonnen. Fragen Sie nach dem Code auf der Seite.`,
	code: 'Code',
	join: 'Dazukommen',
	marked:
		'Tragen Sie ein, was Ihnen vorgelesen wird. Es wird als vorgelesen gekennzeichnet, mit Ihrem Namen.',
	readOut: (n, name, day) =>
		`${n === 1 ? 'Eine Antwort wurde' : `${n} Antworten wurden`} vorgelesen und von ${name} eingetragen, zuletzt am ${day}.`,
	day: 'Tag der Wiedervorlage',
	setDay: 'Tag festlegen',
	followUpReason: 'Nach dem gemeinsamen Ansehen'
};
