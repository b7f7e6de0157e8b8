import type { SittingStyle } from '$lib/core/workstation/corner/vocabulary';
import type { Caution } from '$lib/core/plan/plan-steps';
import type { StepPlace } from '$lib/core/plan/step-places';
import { typed } from '../../typed';

/** The steps of a plan: what to do, and how to see that it has worked. */
export const stepTexts = {
	places: {
		surface: 'Table',
		seat: 'Seat',
		feet: 'Feet',
		back: 'Back',
		keys: 'Keyboard',
		mouse: 'Mouse',
		screen: 'Screen',
		distance: 'Distance',
		tilt: 'Tilt'
	} satisfies Readonly<Record<StepPlace, string>>,
	folded: (label: string, layers: string) => `${label}, folded to ${layers} layers`,
	face: (label: string, height: string) => `${label}, stood so that it is ${height} high`,
	rolled: (label: string, roll: { folds: number; length: string; diameter: string }) => {
		const folded = ['', 'folded in two, then ', 'folded in four, then '][roll.folds] ?? '';
		return `${label}, ${folded}rolled up over ${roll.length} to a roll ${roll.diameter} thick, tied with bands`;
	},
	bottomUp: (list: string) => `From the bottom up: ${list}.`,
	/** Furniture is adjusted as it is measured: the seat without anyone on it. */
	set: {
		surface: (h: string) => `Set the top to ${h} above the floor.`,
		seat: (h: string) => `Set the empty seat to ${h} above the floor.`,
		screen: (h: string) => `Set the top edge of the display to ${h} above the floor.`,
		distance: (h: string) => `Move the screen until the middle of the display is ${h} from your eyes.`
	},
	seatPads: 'Lay them flat so that they cover the whole seat.',
	feet: 'Push it to where your feet rest, with both feet flat on it.',
	back: {
		hollow: 'In the hollow of your low back, just above your belt.',
		behind: 'Flat behind your whole back.'
	},
	keysFlat: 'Close to you and flat, with the feet at its back folded in.',
	keysStack: 'Put the keyboard on top, with the feet at its back folded in.',
	keysBack: 'Push the keyboard back until the table carries your forearms from elbow to wrist.',
	mouse: 'Put the mouse on top, beside the keyboard and level with it.',
	screenOn: 'Put the screen on top.',
	tilt: 'Lean the display back by 10 to 20°, until it faces your eyes squarely.',
	target: typed<Readonly<Partial<Record<StepPlace, (height: string) => string>>>>({
		surface: (h: string) => `The top is then at ${h}.`,
		seat: (h: string) => `With you on it, it’s at ${h}.`,
		feet: (h: string) => `Your feet are then ${h} above the floor.`,
		keys: (h: string) => `The keyboard is then at ${h}.`,
		screen: (h: string) => `The top of the display is then at ${h}.`
	}),
	/** How to see that a step has worked; which of them is shown follows the band that was planned for. */
	check: {
		forearmsLevel: 'Shoulders down, upper arms hanging: your forearms are level, hands on the keys.',
		forearmsSloping: 'Shoulders down, upper arms hanging: your forearms slope down a little to the keys.',
		forearmsCarried: 'Shoulders down: the table carries your forearms from elbow to wrist.',
		kneesLower: 'The whole foot is down. Water spilt on your lap would run towards your knees.',
		kneesHigher: 'The whole foot is down, with your knees a little higher than your hips.',
		hollow: 'You feel it without being pushed forward.',
		behind: 'The seat’s edge is clear of your knees, and your back is free to round.',
		wrists: 'Your hands run straight on from your forearms, neither up nor down.',
		mouse: 'It’s level with the keyboard, and your elbow stays at your body.',
		topEdge: 'Looking straight ahead, you meet the top edge of the display or just above it.',
		lookOver: (mm: string) =>
			`Looking straight ahead, you look over the screen: its top edge is about ${mm} below your eyes. You read without lifting your chin.`,
		distance: 'Sitting back, you read your smallest text without leaning in.',
		tilt: 'Hold a mirror flat against the screen: you see your own eyes.'
	},
	cautions: {
		'push-before-use':
			'Push the stack with your hand before anything goes on it. If it rocks, build it wider, not higher. Nothing breakable in it.',
		'nobody-stands-on-it': 'For resting feet only. Never stand on it.',
		'pads-rock': 'Thick padding can rock. If you feel unsteady, take the upper piece off and measure again.',
		'castors-roll': 'This chair rolls: sit down slowly once it’s padded.',
		'laptop-vents': 'Keep the laptop’s vents clear: nothing soft under it or over it.',
		'half-hour-spells':
			'A laptop can’t be right for hands and eyes at once. Work here for 30 minutes at most, then move.',
		'hand-over-thigh':
			'The heights are guessed, so go by feel: stop while a flat hand still slides over your thigh.',
		'chin-down': 'If you still lift your chin to read, lower the screen further or ask your optician.'
	} satisfies Readonly<Record<Caution, string>>
};

/** Ways of sitting; where practitioners disagree, each is one school's. */
export const sittingStyleNames = {
	upright: {
		name: 'Upright: elbows at about a right angle',
		why: 'Standards and most practitioners agree on it, and it suits fixed tables.'
	},
	open: {
		name: 'Open: elbows and knees wider than a right angle',
		why: 'It eases blood flow and nerves, and needs a low table or the lap.'
	},
	'forearms-down': {
		name: 'Forearms on the table',
		why: 'The keyboard is pushed back, and the table carries the arms.'
	},
	active: {
		name: 'Active: on the front of the seat, hips well above the knees',
		why: 'The back is free. It’s meant for spells, not for the whole day.'
	}
} satisfies Readonly<Record<SittingStyle, { readonly name: string; readonly why: string }>>;

/** The way of sitting that a plan was made for. */
export const sittingStyleSentence = (name: string, why: string) =>
	`This plan is for one sitting style. ${name}. ${why} Experts differ.`;
