import { isOne } from './numbers';

export const frameTexts = {
	skip: 'Skip to the questions',
	saved: (time: string) => `Saved ${time}`,
	saving: 'Saving …',
	notSaved: 'Not sent yet. It’s saved on this device, and we’ll send it as soon as you’re online.',
	refused: 'We couldn’t save one answer. Please enter it again, shorter and without special characters.',
	ended: 'This link no longer works, and new answers can’t be saved. Ask your coordinator for a new link.',
	back: 'Back',
	byPhone: (name: string) =>
		name ? `On the phone with ${name}: they enter what is said.` : 'These answers are given on the phone.',
	toCase: 'Back to the case',
	theme: { light: 'Light', dark: 'Dark', label: 'Colours' },
	textSize: { label: 'Text size', normal: 'normal', large: 'large', larger: 'larger' },
	unitLabel: 'Lengths in',
	unit: { cm: 'centimetres', in: 'inches', mm: 'millimetres' },
	language: 'Language',
	pages: 'Pages',
	contents: 'Contents',
	together: 'Look at it together'
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
	nothingHere: 'There’s nothing to answer here. Please continue.',
	finish: 'Show my plan',
	fix: (n: number) => (isOne(n) ? 'Please check one answer again' : `Please check ${n} answers again`),
	fixLead: 'Everything you typed is still here.'
};

export const deviceTexts = {
	title: 'Continue on your phone',
	lead: 'It’s easier to measure with the phone in your hand. Point its camera at this QR code to open the same questions there. Both devices stay in step.',
	link: 'Continue on your phone',
	alt: 'QR code of your personal link',
	care: 'Anyone with this code can see your answers, so don’t share it.'
};

export const lengthFaultTexts = {
	title: 'That didn’t work',
	network: 'We couldn’t reach the page. Your text is saved on this device.',
	noAccess: 'You don’t have access to this page',
	toStart: 'Go to your start page',
	again: 'Try again',
	withdrawStill: 'Withdraw my answers',
	offline: 'You’re offline. Try again when you’re online.'
};

/** Shown offline instead of a page that needs the server. */
export const offlineTexts = {
	title: 'This page needs the internet',
	lead: 'You’re offline. Your answers are safe on this device, and you can continue with them.',
	back: 'Back to my answers'
};

/** Texts of the controls. */
export const controlTexts = {
	noMatch: 'No matches.'
};

/** For someone who is stuck. */
export const helpRequestTexts = {
	link: 'I need help here',
	plan: 'Your plan',
	title: 'Need help? Your coordinator will help you.',
	lead: (where: string) => `They’ll see where you are: ${where}. What’s in the way?`,
	call: 'Please call me',
	message: (where: string, text: string, isCall: boolean) =>
		[`Needs help at: ${where}.`, text.trim(), isCall ? 'Please call me.' : ''].filter(Boolean).join('\n')
};
