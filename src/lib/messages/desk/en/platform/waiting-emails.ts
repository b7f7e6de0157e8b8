import type { HeldEmailKind } from '$lib/core/platform/sending';

const count = (n: number, one: string, many: string) =>
	`${n.toLocaleString('en-GB')} ${n === 1 ? one : many}`;

/** Emails that an update or an import made due, and the daily limit. */
export const waitingEmailTexts = {
	title: 'Waiting emails · Easy Corner',
	heading: 'Waiting emails',
	lead: 'When an update, new levels and deadlines, or an import makes emails due, we hold them here. They go out when you release them.',
	none: 'No emails are waiting.',
	noneHint: 'Check-ins and reminders go out on their day as usual.',
	kind: 'Email',
	cause: 'Made due by',
	people: 'People',
	dueToday: 'Due already',
	team: 'Team',
	noTeam: 'No team',
	releaseOne: 'Release one team',
	releaseTeam: (team: string) => `Release ${team} only`,
	kinds: {
		'check-in': 'Check-in: is everything still in place?',
		recheck: 'Next self-assessment',
		'plan-reminder': 'Reminder of a plan that was not started'
	} satisfies Record<HeldEmailKind, string>,
	causes: { update: 'an update', policy: 'new levels and deadlines', import: 'an import' },
	release: (n: number) => `Release ${count(n, 'email', 'emails')}`,
	releaseHint:
		'Each one goes out on its day. Those that are due already go out from now on, up to the daily limit.',
	released: (n: number) => `${count(n, 'email was', 'emails were')} released.`,
	cancel: (n: number) => `Cancel ${count(n, 'email', 'emails')}`,
	cancelTeam: (team: string) => `Cancel ${team} only`,
	cancelHeading: (n: number, team: string | null) =>
		`Cancel ${count(n, 'email', 'emails')}${team === null ? '' : ` (${team})`}?`,
	cancelLead: {
		'check-in': 'These people won’t get this check-in. The next one in the schedule goes out as usual.',
		recheck:
			'These people won’t be asked for this self-assessment. The next one is due a year after they answer again.',
		'plan-reminder': 'These people won’t be reminded of their plan.'
	} satisfies Record<HeldEmailKind, string>,
	cancelAnyway:
		'People who would have got one on a later day anyway get it on that day. This can’t be undone.',
	keep: (n: number) => (n === 1 ? 'Keep the email' : 'Keep the emails'),
	cancelled: (n: number) => `${count(n, 'email was', 'emails were')} cancelled.`,
	undeliveredHeading: (n: number) => `${count(n, 'email', 'emails')} didn’t go out`,
	undeliveredLead:
		'The mail server refused these. We keep trying for five days. If there’s no such mailbox, correct the person’s address first.',
	to: 'To',
	about: 'Email',
	written: 'Written',
	whatHappened: 'Delivery',
	ofRound: (round: string) => `Round: ${round}`,
	states: {
		waiting: (tries: number) => `Refused ${tries === 1 ? 'once' : `${tries} times`}. We’ll try again.`,
		failed: (_tries: number) => 'Refused for five days. We stopped trying.',
		bounced: (_tries: number) => 'There’s no such mailbox.'
	},
	tryAgain: 'Send again',
	tryAllAgain: 'Send all again',
	triedAgain: (n: number) => `We’re sending ${count(n, 'email', 'emails')} again now.`,
	firstShown: (n: number) => `The newest ${n} are shown.`,
	limitHeading: 'Daily limit',
	limitLead: (perDay: number, isSet: boolean) =>
		isSet
			? `Easy Corner sends at most ${count(perDay, 'check-in, self-assessment or plan reminder', 'check-ins, self-assessments and plan reminders')} a day.`
			: `You haven’t set a limit yet. For the number of people you have, Easy Corner sends at most ${count(perDay, 'check-in, self-assessment or plan reminder', 'check-ins, self-assessments and plan reminders')} a day.`,
	sentToday: (n: number) =>
		n === 0 ? 'None have gone out today.' : `${count(n, 'has', 'have')} gone out today.`,
	keptBack: (n: number) =>
		n === 0
			? ''
			: `The limit was reached: ${count(n, 'person gets theirs', 'people get theirs')} from tomorrow on.`,
	limitScope: 'Rounds, reminders of a self-assessment or check-in, and messages you write are not counted.',
	perDay: 'Emails a day',
	setLimit: 'Set daily limit',
	limitSet: 'The daily limit was saved.'
};
