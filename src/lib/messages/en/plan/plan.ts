import type { HouseholdKind } from '$lib/core/workstation/corner/vocabulary';
import type { PadKind } from '$lib/core/workstation/household/pads';
import type { RequestableItem } from '$lib/core/plan/equipment';
import type { PlanAction } from '$lib/core/plan/plan-problem';
import { inWords, isOne } from '../platform/numbers';
import { typed } from '../../typed';

/** The plan in stages: the best single step, the best two, and all of them. */
export const planOptionTexts = {
	title: 'Options with fewer changes',
	lead: 'Each line shows the most you can fix with that many changes.',
	things: {
		seat: 'seat',
		surface: 'table',
		feet: 'something under your feet',
		keys: 'keyboard and mouse',
		screen: 'screen'
	} satisfies Readonly<Record<PlanAction, string>>,
	thing: (name: string, by: string) => `${name} ${by}`,
	count: (n: number) => (isOne(n) ? 'One change' : `${inWords(n)} changes`),
	suggested: 'what we suggest',
	show: 'Show this plan',
	isShown: 'Shown below',
	other: (n: number, isCloser: boolean) =>
		isCloser ? 'The closest fit' : `With other things${n > 1 ? `, ${n}` : ''}`
};

/** The page of a plan. */
export const planTexts = {
	dayLink: 'Plan your day’s breaks',
	allDone: 'Every step is done. Now keep moving.',
	title: 'Your plan',
	/** The first step as an act. */
	act: {
		seat: (by: string, isUp: boolean) => (isUp ? `Raise your seat by ${by}` : `Lower your seat by ${by}`),
		surface: (by: string, isUp: boolean) =>
			isUp ? `Raise your table by ${by}` : `Lower your table by ${by}`,
		feet: (by: string, _isUp: boolean) => `Put something ${by} high under your feet`,
		keys: (by: string, _isUp: boolean) => `Raise your keyboard by ${by}`,
		screen: (by: string, isUp: boolean) =>
			isUp ? `Raise your screen by ${by}` : `Lower your screen by ${by}`,
		flat: 'Lay your keyboard flat',
		back: 'Support your low back',
		mouse: 'Bring your mouse level with the keyboard',
		distance: (to: string) => `Move your screen to ${to} from your eyes`,
		tilt: 'Lean your screen back'
	},
	leadStep: (n: number) =>
		isOne(n)
			? 'That’s the only change, with what you have at home.'
			: `It’s one of ${inWords(n).toLowerCase()} steps, from the floor up, with what you have at home.`,
	leadFound: (name: string) => `${name}: this comes first.`,
	titleMeasure: (what: string) => `Measure first: ${what}`,
	leadMeasure: 'So far we’ve only estimated it. When you’ve measured it, we’ll make your plan again.',
	thenTitle: 'Then:',
	measureNow: 'Measure it now',
	titleNone: 'No changes needed',
	titleAnotherSpot: 'Find a better place to work',
	leadAnotherSpot:
		'Nothing at home makes this place fit. Below you see the best you can do here, and what to look for.',
	titleKeyboard: 'Ask for a keyboard and mouse',
	leadKeyboard: (steps: number) =>
		[
			'A laptop can’t suit your hands and your eyes at once. Nothing else helps you as much.',
			steps === 0
				? ''
				: isOne(steps)
					? 'Until they come, do the step below.'
					: `Until they come, do the ${inWords(steps).toLowerCase()} steps below.`
		]
			.filter(Boolean)
			.join(' '),
	noNetwork:
		'You’re offline. Ticks and heights are saved here. Greyed-out parts work again when you’re online.',
	leadNone: (measure: string | null) =>
		[
			'Your heights fit, as far as we can tell.',
			measure ? `Measure ${measure} to be sure.` : '',
			'Check again if something changes: a chair, glasses, a new ache.'
		]
			.filter(Boolean)
			.join(' '),
	leadHeightsFit: 'You don’t need to change anything: your heights fit, as far as we can tell.',
	leadSoftSeat: 'A sofa, a bed or the floor can’t be made to fit. Below you see what to look for.',
	titleHopeless: 'Nothing at home fixes this yet',
	leadHopeless: 'List more items you have, or ask your coordinator for what’s missing.',
	openNow: (list: string) => `Now: ${list}.`,
	stays: (list: string) => `After all steps: ${list}.`,
	stoodIn: (list: string) => `Not measured, so we used usual sizes: ${list}.`,
	estimated: (list: string) => `Estimated from your height, so measure if you can: ${list}.`,
	padShare: {
		pillow: (percent: number) => `a pillow keeps ${percent}% of its thickness`,
		cushion: (percent: number) => `a cushion keeps ${percent}% of its thickness`
	} satisfies Readonly<Record<PadKind, (percent: number) => string>>,
	padsExpected: (shares: string) => `Colleagues have measured how far these sink under a person: ${shares}.`,
	measureNext: (what: string) => `Worth measuring next: ${what}.`,
	isDone: 'Done',
	isOpen: 'Not done',
	tick: 'Tick each step as you do it.',
	again: 'Check the heights',
	notHere: 'Doesn’t work here',
	notHereLead: 'Not there, needed elsewhere, or wobbly? We’ll make a new plan without it.',
	without: (label: string) => `Without: ${label}`,
	withoutAny: {
		book: 'Without any books',
		ream: 'Without any paper',
		binder: 'Without any binders',
		'board-game': 'Without any board games',
		'sturdy-box': 'Without any boxes',
		'light-box': 'Without any light boxes',
		'step-stool': 'Without any step stools',
		pillow: 'Without any pillows',
		cushion: 'Without any cushions',
		towel: 'Without any towels',
		blanket: 'Without any blankets',
		bolster: 'Without any bolsters'
	} satisfies Readonly<Record<HouseholdKind, string>>,
	leftOut: 'Left out:',
	putBack: (label: string) => `Use again: ${label}`,
	takeAlong: 'Download my data',
	anotherLead: 'Is something missing or wobbly? These plans use other things.',
	planN: (n: number) => (n === 1 ? 'The best plan' : `Plan ${n}`),
	checksTitle: 'Height checks',
	print: 'Print',
	correct: 'Correct my answers',
	isNew: 'This is your new plan.',
	sent: 'Your coordinator has your answers.',
	notSent: 'Your coordinator has your earlier answers.',
	behind: 'You changed answers after this plan was made.',
	renew: 'Send the changes and make a new plan',
	firstStep: (place: string) => `${place}:`,
	sureTitle: 'How sure we are',
	oldRules:
		'We now make plans more carefully. Your plan is still right, and a new one may be better. Steps you’ve done and still need stay ticked.',
	newRules: 'Make a new plan',
	offline:
		'You’re offline, so this device made your plan. Everything is saved here and sent as soon as you’re online.',
	solving: 'Making your plan …',
	withdraw: 'Withdraw my answers',
	alternatives: 'Plans',
	ticked: (n: number, of: number) => `${n} of ${of} steps done`,
	kept: (list: string) =>
		`This is a new plan. Steps you’ve already done and still need stay ticked: ${list}.`,
	keptNone: 'This is a new plan. None of the earlier steps is in it unchanged.',
	workOnThis: 'Use this plan instead',
	workOnThisNote: 'Steps that are the same in both stay ticked.',
	workingOn: 'You’re using this plan',
	doneTitle: 'All done. Well done.',
	stepsDoneTitle: (n: number) =>
		isOne(n)
			? 'Every step is done. One problem below remains.'
			: `Every step is done. ${inWords(n)} problems below remain.`,
	doneLead: 'Now check the heights: padding sinks, and a stack can be one book short.',
	askAgain: (day: string) => `We’ll ask you again on ${day}. It takes two to three minutes.`,
	askedNow: 'We’ve asked how your desk is now. It takes two to three minutes to answer.',
	lookAgain: (day: string) => `Your next self-assessment is on ${day}.`,
	tellNow: 'Answer the check-in',
	somethingNew: 'Something has changed',
	earlier: 'Earlier plans',
	earlierOf: (day: string) => `Given on ${day}`
};

/** What stays open after a plan, and what would change it. */
export const openProblemTexts = {
	laptopTitle: 'A laptop alone',
	laptop: (minutes: number) =>
		`One stack can’t be right for hands and eyes at once, so there are three ways. Change over after ${minutes} minutes at most.`,
	withKeyboard: 'With a keyboard and mouse',
	withKeyboardHow: 'Borrowed, from a drawer, or asked for: this helps most. The laptop is then the screen.',
	typing: 'For typing',
	typingHow: 'Hands first: the laptop stays low. The plan above is for this.',
	reading: 'For reading and calls',
	readingHow: 'Hands off the keys. Seat, feet and table stay as they are for typing.',
	arrived: 'I have a keyboard and mouse now',
	nothingToBuild: 'No changes needed',
	buyTitle: 'To borrow or buy',
	buyLead: 'We compared each with the best you can do with items at home. Borrow before you buy.',
	buy: {
		'keyboard-and-mouse': 'A separate keyboard and mouse',
		footrest: 'An adjustable footrest',
		'foot-bar': 'A bar or ring for your feet',
		'seat-cushion': 'A firm seat cushion',
		monitor: 'A monitor on an adjustable stand',
		chair: 'A chair with adjustable height',
		'another-surface': 'A height-adjustable table',
		headset: 'A headset',
		'desk-lamp': 'A desk lamp',
		'paper-holder': 'A paper holder',
		'vertical-mouse': 'A vertical mouse or a touchpad',
		'power-strip': 'A power strip with a longer cable',
		'sit-stand-converter': 'A stand that raises keyboard and screen for standing'
	} satisfies Readonly<Record<RequestableItem, string>>,
	both: (first: string, second: string) => `${first}. Also: ${second}`,
	moreTitle: 'More from home',
	more: (height: string) => `One more firm item, ${height} high`,
	moreHow: 'Books, paper or a sturdy box: ask around before you buy anything.',
	closes: (list: string) => `Fixes: ${list}.`,
	change: (name: string, from: string, to: string | null) =>
		to === null ? `${name}: right, instead of ${from} off` : `${name}: ${to} off instead of ${from}`,
	haveIt: 'You have this at home',
	atHome: typed<Readonly<Partial<Record<RequestableItem, string>>>>({
		'keyboard-and-mouse': 'You have these at home: plug them in',
		monitor: 'You have a screen at home: try it',
		'paper-holder': 'Your tablet can hold papers upright'
	}),
	helpTitle: 'More that would help',
	ask: 'Request this',
	asked: 'Requested',
	tied: (regions: string, isFirst: boolean) =>
		`May be linked to your discomfort (${regions})${isFirst ? ', so it comes first' : ''}.`,
	besidesTitle: 'Also worth changing',
	tick: 'Tick as done',
	ticked: 'Done',
	untick: 'Undo',
	refuse: 'This doesn’t work here',
	refused: 'Doesn’t work here',
	refusedHazard: 'Doesn’t work here. Your coordinator sees it, because people can get hurt.',
	moreFindings: (n: number) => (isOne(n) ? 'One more' : `${inWords(n)} more`),
	closedTitle: 'Also fixed by the plan',
	caused: 'Your plan causes this, so please fix it afterwards.',
	borrow: (list: string) => `If that isn’t enough: ${list}.`,
	off: (length: string) => `by ${length}`,
	notProven: 'There were many possible combinations, so we stopped searching. There may be a better plan.',
	askNextTitle: 'Help us find the cause',
	askNext: 'You haven’t answered these yet, and they matter most for what hurts:',
	otherWaysTitle: 'Other ways',
	otherWaysLead: 'Try one of these if the plan doesn’t suit you.'
};

/** Measuring the new heights after the plan. */
export const remeasurementTexts = {
	title: 'Height check',
	lead: 'A pillow looks thicker than it is, and a stack can be one book short. Measure what’s there now. Leave a field empty if you haven’t measured it.',
	fields: {
		seatUnder: 'Floor to the seat, with you on it',
		feetOn: 'Floor to what your feet rest on',
		surface: 'Floor to the top of the table',
		keysOn: 'Floor to what the keyboard stands on',
		screenTop: 'Floor to the top of the display'
	},
	hints: {
		seatUnder: 'Sit as you work, and have someone read the tape at the side.',
		feetOn: '0 if your feet are on the floor.',
		surface: '',
		keysOn: 'The table itself if it stands on nothing.',
		screenTop: ''
	},
	planned: (height: string) => `planned: ${height}`,
	keep: 'Save these numbers',
	nothingTyped: 'Nothing to save yet. Type at least one height that you’ve measured.',
	kept: 'Saved. The drawing shows your desk as you measured it now.',
	keptHere: 'Saved on this device. We’ll send it as soon as you’re online.'
};

/** One person's places to work. */
export const spotTexts = {
	title: 'Your workstations',
	name: (n: number, posture: 'sitting' | 'standing') => `Workstation ${n}, ${posture}`,
	add: 'Add another place where you work',
	moving: (list: string) =>
		`Here each item belongs to one workstation. You can do better if you move these each time you change places: ${list}.`,
	move: 'Show the plan with moving',
	stay: 'Show the plan without moving'
};
