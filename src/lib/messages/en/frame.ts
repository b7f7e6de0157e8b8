import { isOne } from './numbers';

export const frameTexts = {
	skip: 'Skip to the questions',
	saved: (time: string) => `Saved ${time}`,
	saving: 'Saving …',
	notSaved: 'Not sent yet. It’s kept on this device and goes out as soon as the network is back.',
	refused: 'One answer couldn’t be kept. Write it again, shorter and in plain letters.',
	ended: 'This link has ended and keeps nothing more. Ask your coordinator for a new one.',
	back: 'Back',
	theme: { light: 'Light', dark: 'Dark', label: 'Colours' },
	textSize: { label: 'Text size', normal: 'normal', large: 'large', larger: 'larger' },
	unitLabel: 'Lengths in',
	unit: { cm: 'centimetres', in: 'inches', mm: 'millimetres' },
	pages: 'Pages',
	contents: 'Contents'
};

export const startTexts = {
	title: (name: string) => `Hello ${name}. Let’s see whether your corner fits you.`,
	lead: (minutes: number) =>
		`About ${minutes} minutes, best with a tape measure. Stop and go on whenever you like.`,
	again: {
		title: 'What is different from last time?',
		lead: 'We’ve kept what you measured. Tick what has changed and only that is asked again, with how you feel today and what’s about safety.',
		renewed: {
			place: 'Another table, room or home',
			chair: 'Another chair',
			devices: 'Another screen, keyboard or mouse',
			glasses: 'New glasses or lenses'
		},
		stillTitle: 'Is it still in place?',
		stillLead: 'You put these in place after last time. Untick anything that’s gone.',
		step: (place: string, pieces: string) => (pieces ? `${place}: ${pieces}` : place),
		finding: (problem: string) => `Put right: ${problem.charAt(0).toLowerCase()}${problem.slice(1)}`
	},
	everything: (minutes: number) => `Ask me everything (about ${minutes} minutes)`,
	linesTitle: 'Before you begin',
	moreOnPrivacy: 'Read more about your data',
	begin: 'I’ve read this. Begin',
	goOn: 'Pick up where I left off',
	toPlan: 'To my plan'
};

export const navTexts = {
	next: (page: string) => `Next: ${page}`,
	on: 'Next',
	skip: 'Skip',
	how: 'How?',
	howAndWhy: 'Why?',
	measured: 'Other',
	minutesLeft: (minutes: number) => `about ${minutes} min left`,
	almostDone: 'nearly done',
	nothingHere: 'There’s nothing to answer here. Go on.',
	finish: 'Show my plan',
	fix: (n: number) => (isOne(n) ? 'One line needs another look' : `${n} lines need another look`),
	fixLead: 'Everything you typed is still here.'
};

export const deviceTexts = {
	title: 'Continue on your phone',
	lead: 'It’s easier to measure with the phone in your hand. Point its camera at this square to open the same questions there. Both devices stay in step.',
	link: 'Continue on your phone',
	alt: 'Square code that holds your personal link',
	care: 'Anyone with this square can see your answers, so don’t share it.'
};

export const lengthFaultTexts = {
	title: 'That didn’t work',
	network: 'We couldn’t reach the page. What you typed is kept on this device.',
	noAccess: 'You don’t have access to this page',
	toStart: 'Go to your start page',
	again: 'Try again',
	withdrawStill: 'Withdraw what you gave',
	offline: 'No network just now. Try again when it’s back.'
};

/** In place of a page that only the server has. */
export const offlineTexts = {
	title: 'This page needs the network',
	lead: 'There’s none just now. Your answers are safe on this device, and you can go on with them.',
	back: 'Back to my answers'
};

/** Words of the controls themselves. */
export const controlTexts = {
	noMatch: 'Nothing matches.'
};

/** For someone who can't go on by themselves. */
export const helpRequestTexts = {
	link: 'I’m stuck here',
	plan: 'Your plan',
	title: 'Stuck? Your coordinator will help.',
	lead: (where: string) => `They’ll see where you are: ${where}. What’s in the way?`,
	call: 'Please call me',
	message: (where: string, text: string, isCall: boolean) =>
		[`Stuck at: ${where}.`, text.trim(), isCall ? 'Please call me.' : ''].filter(Boolean).join('\n')
};
