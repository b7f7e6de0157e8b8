import type { PracticeAct } from '$lib/core/cases/practice/score-practice';
import type { RegionReport } from '$lib/core/cases/discomfort/report';

/** Practice on made-up cases. */
export const practiceTexts = {
	link: 'Practice',
	title: 'Practice · Easy Corner',
	heading: 'Practice',
	lead: (n: number) =>
		`Put ${n} made-up cases in the order you’d see to them, choose the first act on each and write one message. Then compare with your organisation’s levels. Nothing here is about a real person, and only you see your scores.`,
	start: 'Start a round',
	goOn: 'Go on with the open round',
	noneYet: 'You haven’t practised yet.',
	scores: 'Your scores',
	day: 'Day',
	order: 'Right order',
	acts: 'Right acts',
	missed: 'Urgent warning signs left for later',
	open: 'not finished',
	of: (n: number, all: number) => `${n} of ${all}`,
	roundHeading: 'Who comes first?',
	roundLead: 'The most urgent at the top. Drag a case, or move it with its buttons or the arrow keys.',
	moveUp: (name: string) => `Move ${name} up`,
	moveDown: (name: string) => `Move ${name} down`,
	drag: (name: string) => `Drag ${name}`,
	moved: (name: string, to: number, of: number) => `${name} is now ${to} of ${of}.`,
	firstAct: (name: string) => `First act for ${name}`,
	choose: 'Choose',
	actsOf: {
		'call-now': 'Call now, today',
		refer: 'Refer to a clinician',
		'call-soon': 'Call or write in the next days',
		answer: 'Answer what they ask for',
		'leave-with-plan': 'Leave them with their plan',
		nothing: 'Nothing to do'
	} satisfies Record<PracticeAct, string>,
	answered: (day: string) => `Answered on ${day}`,
	reported: (day: string, list: string) => `Warning signs on ${day}: ${list}`,
	closed: (day: string, list: string) => `Outcome recorded on ${day}: ${list}`,
	planDone: (done: number, all: number) => `Plan: ${done} of ${all} steps done`,
	said: (what: string) => `On the stop page they said: ${what}`,
	discomfort: (list: string) => `Discomfort: ${list}`,
	noDiscomfort: 'No discomfort',
	report: (score: string, kinds: string, hinders: string) => `${score} (${kinds}${hinders})`,
	hinders: {
		no: '',
		'a-little': ', hinders work a little',
		much: ', hinders work a lot'
	} satisfies Record<RegionReport['hinders'], string>,
	heights: (list: string) => `Heights: ${list}`,
	problems: (list: string) => `Problems: ${list}`,
	earlier: (day: string, report: string) => `Before that, on ${day}. ${report}`,
	checkIn: (day: string, report: string) => `Check-in on ${day}. ${report}`,
	waiting: (what: string, day: string) => `Since ${day}: ${what}`,
	seen: 'The answers are marked as dealt with',
	message: (name: string) => `Write to ${name}`,
	messageHint: 'As you would write to them. It isn’t sent to anyone.',
	compare: 'Compare with the levels',
	result: 'Your result',
	orderResult: (percent: string) => `${percent} of the pairs stand in the right order.`,
	actsResult: (n: number, all: number) => `${n} of ${all} first acts are right.`,
	missedResult: (n: number) =>
		n === 0
			? 'No urgent warning sign was left for later.'
			: n === 1
				? 'One urgent warning sign was left for later.'
				: `${n} urgent warning signs were left for later.`,
	otherRules:
		'The levels or the checklist have changed since then, so the cases can no longer be compared. These are the scores of that day.',
	place: (yours: number, right: number) =>
		yours === right ? `Place ${right}, as you had it` : `Place ${right}; you had it at ${yours}`,
	rightAct: (act: string) => `First act: ${act}, as you chose`,
	wrongAct: (right: string, yours: string | null) => `First act: ${right}. You chose: ${yours ?? 'none'}`,
	leftForLater: 'This can’t wait until later: act today.',
	yourMessage: 'Your message',
	suggested: 'Suggested by Easy Corner',
	noMessage: 'You wrote none.',
	opinion: {
		heading: 'Second opinion',
		lead: (n: number) =>
			`You and a colleague give ${n} real cases a level, without names and without seeing each other’s levels. Then you see where you agree, and where to talk.`,
		colleague: 'Colleague',
		ask: 'Ask for a second opinion',
		needsColleague: 'This needs a second coordinator account.',
		with: (name: string, day: string) => `With ${name}, ${day}`,
		yours: 'Your levels are missing',
		theirs: (name: string) => `Waiting for ${name}`,
		done: 'Compared',
		title: 'Second opinion · Easy Corner',
		caseNumber: (n: number) => `Case ${n}`,
		level: (n: number) => `Level of case ${n}`,
		give: 'Give your levels',
		given: (name: string) =>
			`Your levels are saved. You’ll see the comparison once ${name} has given theirs.`,
		agreed: (n: number, of: number) => `You agree on ${n} of ${of} cases.`,
		kappa: (kappa: string) =>
			`Cohen’s kappa is ${kappa}: 1 is full agreement, 0 is what chance alone would give.`,
		noKappa: 'Kappa can’t be calculated, because you both gave every case the same level.',
		differences: 'To talk about',
		noDifferences: 'You both agree with your organisation’s levels in every case.',
		levels: (you: string, name: string, other: string, rules: string) =>
			`You: ${you}. ${name}: ${other}. By your settings: ${rules}.`,
		proposals: 'For your settings',
		proposal: (n: number, rules: string, both: string, reason: string | null) =>
			`In ${n} cases you both chose “${both}” where your settings say “${rules}”${reason ? ` (${reason})` : ''}. Consider changing them.`,
		toSettings: 'Levels and deadlines'
	},
	again: 'Back to Practice'
};
