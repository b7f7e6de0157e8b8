import { PROMISED_MINUTES } from '$lib/core/questionnaire/promise';
import type { ChoiceFieldName, LengthFieldName } from '$lib/core/questionnaire/answers/fields';
import type { DeviceAtHome } from '$lib/core/questionnaire/answers/device-answers';
import type { RedFlag } from '$lib/core/cases/discomfort/red-flags';
import type { Precaution, HouseholdKind } from '$lib/core/workstation/corner/vocabulary';
import { cityNames } from '../platform/cities';
import { typed } from '../../typed';

export const pageTexts = {
	first: {
		short: 'First',
		title: 'Before anything else',
		lead: 'Some signs need a doctor, not a questionnaire. Have you had any of these in the last few days?'
	},
	you: {
		short: 'You',
		title: 'You',
		lead: 'So that we can compare the heights of your furniture with yours.'
	},
	spot: {
		short: 'Place',
		title: 'Your place and its table',
		lead: 'The place where you work most, and the surface there. A worktop or chest of drawers counts too.'
	},
	feet: {
		short: 'Feet',
		title: 'Feet and seat',
		lead: 'Each height rests on the one below, so we begin at the floor.'
	},
	back: {
		short: 'Back',
		title: 'Back and shoulders',
		lead: 'How you sit or stand, and what supports your back.'
	},
	hands: {
		short: 'Hands',
		title: 'Elbows and keyboard',
		lead: 'If you measure only one thing, measure your elbow. It tells us most.'
	},
	mouse: {
		short: 'Mouse',
		title: 'The mouse',
		lead: 'Beside the keyboard and level with it, elbow at your body.'
	},
	screen: {
		short: 'Screen',
		title: 'The screen',
		lead: 'Its height against your eyes, then how far away it is and how it faces you.'
	},
	light: {
		short: 'Light',
		title: 'Light, papers and phone',
		lead: 'Light, papers and calls affect your eyes and neck.'
	},
	safety: { short: 'Safety', title: 'Safety', lead: 'A minute’s look under the table.' },
	second: {
		short: 'Moving',
		title: 'A second position, and moving',
		lead: 'No position is good for long, however good your desk is.'
	},
	discomfort: {
		short: 'Body',
		title: 'Your discomfort',
		lead: 'In the last seven days. Tap the figure, or use the list. If nothing hurts, continue.'
	},
	house: {
		short: 'House',
		title: 'Items at home',
		lead: 'Sturdy items for under your screen, keyboard and feet, and soft ones for the seat. Leave out anything you need elsewhere.'
	}
};

export const redFlagTexts = {
	emergencyTitle: 'Emergency signs',
	emergencyLead: 'In the last few days. If now, call for help.',
	urgentTitle: 'Last few days: signs for a doctor today',
	urgentLead: '',
	distressTitle: 'About you',
	distressLead: 'If yes, we show where to find help.',
	professionalTitle: 'Last few days: signs for a doctor',
	professionalLead: '',
	none: 'None of these',
	noneDone: 'None of these: noted',
	noneOfOthers: 'None of the others',
	noneOfOthersDone: 'None of the others: noted',
	missing: 'Answer each of these, or tap “None of these”.',
	yes: 'Yes',
	no: 'No',
	signs: {
		'chest-pain': 'Chest pain or pressure, or pain into arm or jaw',
		'sudden-breathlessness': 'Sudden trouble breathing',
		'sudden-one-sided-weakness': 'Sudden weakness or numbness on one side, drooping face, trouble speaking',
		'sudden-worst-headache': 'Sudden headache, the worst ever, or with fever and stiff neck',
		'sudden-loss-of-sight': 'Sudden loss of sight or double vision',
		'saddle-numbness':
			'Back pain with numbness between the legs, trouble passing or holding water, or both legs weak or numb',
		'thoughts-of-ending-life': 'Have you had thoughts of ending your life?',
		'new-weakness': 'New weakness: things drop, or a foot drags',
		'one-calf-swollen': 'One calf swollen, warm and sore',
		'back-pain-with-fever': 'Back pain with fever, unexplained weight loss or after cancer',
		'clumsy-hands': 'New clumsy hands or unsteady walking',
		'wakes-at-night': 'Numbness or tingling that wakes you',
		'numbness-stays': 'Numbness or tingling that stays',
		'runs-down-a-limb': 'Pain down an arm or leg',
		'does-not-ease': 'Pain that doesn’t ease despite changes',
		'after-injury': 'Pain after a fall, blow or injury',
		'worst-at-night': 'Back pain worst at night in bed'
	} satisfies Readonly<Record<RedFlag, string>>,
	today: {
		title: 'See a doctor today',
		lead: 'You reported:',
		weakness: 'weakness where it hurts',
		does: (number: string) =>
			`Call your doctor or an urgent-care line today. If it gets worse quickly, call ${number} or your local emergency number. Until a doctor has looked at it, don’t lift anything heavy and don’t exercise.`
	},
	coordinatorKnows:
		'Your coordinator knows about the warning sign you reported. Please see a doctor. Easy steps are fine, but nothing that hurts or that you have to force.',
	stopTitle: 'Stop here, and call for help now.',
	call: (number: string) => `Call ${number}`,
	callElsewhere:
		'Or call your local emergency number. Abroad, that’s the number of the country you’re in. 112 works from most mobile phones.'
};

/** What exercises and advice take into account. */
export const precautionTexts = {
	question: 'Pregnancy, surgery, dizziness, flexible joints, one arm?',
	why: 'Optional: exercises and advice allow for it.',
	options: {
		pregnant: 'Pregnancy',
		'recent-surgery': 'Recent surgery',
		dizzy: 'Dizziness',
		hypermobile: 'Very flexible joints'
	} satisfies Record<Precaution, string>,
	arms: { 'right-only': 'Only my right arm', 'left-only': 'Only my left arm' }
};

export const fieldTexts = {
	unit: 'Lengths in',
	stature: 'Your height without shoes',
	handSpan: 'Your hand-span',
	heel: 'Soles of your work shoes',
	sex: 'Body proportions to estimate with',
	hand: 'Writing hand',
	pointer: 'Mouse hand',
	lenses: 'Glasses at the screen',
	back: 'Which movement relieves your back?',
	wrists: 'How are your wrists?',
	arms: 'Arms',
	drawnAs: 'How the drawing shows you',
	posture: 'At this place you',
	by: 'You measure with',
	surfaceHeight: 'Floor to the top of the table',
	surfaceThickness: 'Thickness of the table’s edge',
	surfaceDepth: 'Depth, front to back',
	surfaceKind: 'What do you work at?',
	surfaceMoves: 'Does its height adjust?',
	surfaceLow: 'Lowest top',
	surfaceHigh: 'Highest top',
	seatHeight: 'Floor to the top of the empty seat',
	seatKind: 'What do you sit on?',
	seatGive: 'How far it sinks when you sit',
	seatDepth: 'Depth, front edge to backrest',
	seatMoves: 'Does its height adjust?',
	seatLow: 'Lowest seat',
	seatHigh: 'Highest seat',
	backrest: 'Does it have a backrest?',
	lumbar: 'Does the backrest fill the hollow of your low back?',
	armrest: 'Armrests?',
	armrestHeight: 'Armrest above the seat',
	castors: 'On castors?',
	footBar: 'Does it have a bar or ring for the feet?',
	footBarHeight: 'Floor to the top of that bar',
	tray: 'Is the keyboard on a tray under the table?',
	trayHeight: 'Floor to the top of the tray',
	trayThickness: 'Thickness of the tray',
	bodyBy: 'How you measure yourself',
	popliteal: 'Floor to the hollow of the knee',
	thigh: 'Seat to the top of the thigh',
	sittingElbow: 'Seat to the underside of the elbow',
	sittingEye: 'Seat to the corner of the eye',
	buttockPopliteal: 'Back of the seat to the hollow of the knee',
	standingElbow: 'Floor to the underside of the elbow',
	standingEye: 'Floor to the corner of the eye',
	screenKind: 'You look at',
	topAboveBase: 'Top of the display above what it stands on',
	visibleHeight: 'Height of the display',
	baseLong: 'Its foot or base, side to side',
	baseShort: 'Its foot or base, front to back',
	screenSize: 'Its size, corner to corner',
	screenMoves: 'Does the monitor’s height adjust?',
	hurts: 'Does anything hurt?',
	hasThings: 'Can you spare anything at home?',
	route: 'Length of the questionnaire',
	screenLow: 'Lowest top of the display',
	screenHigh: 'Highest top of the display',
	distance: 'Eyes to screen',
	keysKind: 'You type on',
	homeRow: 'Height of the keyboard above the table',
	keysLong: 'Keyboard, side to side',
	keysShort: 'Keyboard, front to back',
	mouse: 'You point with',
	letterSize: 'Which of these letters is as tall as those in your usual text?',
	city: 'Which of these cities is nearest to you?',
	windowFaces: 'Which way does the window face?'
};

export const hintTexts = typed<Readonly<Partial<Record<LengthFieldName | ChoiceFieldName, string>>>>({
	stature: '',
	drawnAs: 'Changes only the drawing.',
	seatHeight: 'Measure it while no one sits on it.',
	letterSize:
		'Hold your phone beside your screen. Set its scale once under “No tape?” for letters of true size.',
	city: 'Only to work out where the sun stands. Skip it if you like.',
	windowFaces: 'A compass on a phone tells.',
	sex: 'We use this only to estimate what you don’t measure.',
	surfaceHeight: 'A straight line down from the top, at the front.',
	surfaceThickness: 'Include any rail or drawer where your legs go.',
	seatDepth: '',
	popliteal: 'Sit barefoot with your feet flat. Measure from the floor to the crease behind the knee.',
	thigh: 'Sit upright on something hard. Measure from the seat to the highest point of your thigh.',
	sittingElbow:
		'Shoulders down, upper arm hanging, forearm level. Measure from the seat, pressed down, to the underside of the elbow.',
	sittingEye: 'Sit tall and look straight ahead. Measure from the seat to a book held level at your eye.',
	buttockPopliteal: 'Sit all the way back. Measure from the backrest to the crease behind the knee.',
	standingElbow: 'Stand barefoot, upper arm hanging, forearm level.',
	standingEye: 'Stand tall and barefoot, and look straight ahead.',
	topAboveBase: 'Open a laptop as you use it. Measure from the table to the top of the display.',
	baseLong: 'For a laptop, the laptop itself.',
	distance: 'As you usually sit.',
	homeRow: 'To the middle row of keys.',
	bodyBy: 'It’s easier with someone’s help.'
});

/** How much a self-assessment asks. */
export const questionnaireModeTexts: { readonly short: string; readonly complete: string } = {
	short: `Short: what could change the result, about ${PROMISED_MINUTES.short} minutes`,
	complete: `Complete: everything, about ${PROMISED_MINUTES.complete} minutes`
};

/** Labels of the usual lengths to tap; null where the length says enough. */
export const pickTexts: {
	readonly heel: readonly string[];
	readonly seatGive: readonly string[];
	readonly surfaceThickness: null;
} = {
	heel: ['Barefoot or socks', 'Slippers', 'Shoes', 'Thick soles'],
	seatGive: ['Hard: not at all', 'Firm: a finger', 'Soft: two fingers', 'Very soft: a fist'],
	surfaceThickness: null
};

export const optionTexts = {
	unit: { cm: 'centimetres', in: 'inches', mm: 'millimetres' },
	sex: { unstated: 'Average of both', female: 'Women’s', male: 'Men’s' },
	hand: { right: 'Right', left: 'Left' },
	pointer: { same: 'The same hand', right: 'Right', left: 'Left' },
	lenses: {
		none: 'None',
		'single-vision': 'Single vision',
		bifocal: 'Bifocal',
		progressive: 'Progressive',
		trifocal: 'Trifocal or for the middle distance'
	},
	back: {
		any: 'Nothing special',
		'eased-by-arching': 'Arching backwards',
		'eased-by-rounding': 'Rounding forwards'
	},
	arms: { both: 'Both', 'right-only': 'The right only', 'left-only': 'The left only' },
	wrists: { well: 'Fine', troubled: 'Sore or sensitive' },
	drawnAs: {
		standard: 'On a chair, or standing',
		wheelchair: 'In a wheelchair',
		'without-near-arm': 'Without the near arm',
		'without-near-leg': 'Without the near lower leg'
	},
	posture: { sitting: 'Sit', standing: 'Stand' },
	by: {
		tape: 'Tape measure',
		'paper-ruler': 'Paper ruler',
		'a4-sheets': 'A4 sheets',
		'hand-span': 'Hand-span',
		guess: 'By eye'
	},
	bodyBy: {
		tape: 'Tape measure',
		'paper-ruler': 'Paper ruler',
		'a4-sheets': 'A4 sheets',
		'hand-span': 'Hand-span',
		guess: 'By eye'
	},
	surfaceKind: {
		table: 'A table',
		desk: 'A desk',
		worktop: 'A worktop',
		'ironing-board': 'An ironing board',
		'coffee-table': 'A coffee table'
	},
	surfaceMoves: { no: 'No', yes: 'Yes' },
	seatKind: {
		chair: 'A chair',
		stool: 'A stool or bench',
		ball: 'A ball',
		wheelchair: 'My wheelchair',
		sofa: 'A sofa or armchair',
		bed: 'A bed',
		saddle: 'A saddle seat',
		kneeling: 'A kneeling chair',
		floor: 'The floor'
	},
	seatMoves: { no: 'No', yes: 'Yes' },
	backrest: { yes: 'Yes', no: 'No' },
	lumbar: { no: 'No', yes: 'Yes' },
	armrest: { no: 'No', yes: 'Yes' },
	castors: { no: 'No', yes: 'Yes' },
	footBar: { no: 'No', yes: 'Yes' },
	tray: { no: 'No', yes: 'Yes' },
	screenKind: { laptop: 'A laptop', monitor: 'A monitor' },
	hurts: { yes: 'Yes', no: 'No' },
	hasThings: { yes: 'Yes', no: 'No' },
	route: { short: 'Short', complete: 'Complete' },
	screenSize: {
		'not-known': 'I don’t know',
		'13': '13 inches',
		'14': '14 inches',
		'16': '15 to 16 inches',
		'17': '17 inches',
		'22': '22 inches',
		'24': '24 inches',
		'27': '27 inches',
		'32': '32 inches or more'
	},
	screenMoves: { no: 'No', yes: 'Yes' },
	keysKind: { separate: 'A separate keyboard', 'built-in': 'The laptop’s keyboard' },
	mouse: { separate: 'A mouse', touchpad: 'A touchpad' },
	letterSize: {
		'not-known': 'I don’t know',
		'1.2': '1.2 mm',
		'1.5': '1.5 mm',
		'1.8': '1.8 mm',
		'2.1': '2.1 mm',
		'2.5': '2.5 mm',
		'3': '3 mm',
		'3.5': '3.5 mm',
		'4': '4 mm',
		'5': '5 mm'
	},
	windowFaces: {
		'not-known': 'I don’t know',
		n: 'North',
		ne: 'North-east',
		e: 'East',
		se: 'South-east',
		s: 'South',
		sw: 'South-west',
		w: 'West',
		nw: 'North-west'
	},
	city: cityNames
};

export const issueTexts = {
	missing: 'Please fill this in.',
	cant: 'Can’t measure it now',
	standsIn: (length: string) =>
		`Then we’ll use a usual ${length}, and call everything that depends on it unsure.`,
	'not-a-length': (example: string) => `We can’t read this as a length. Write it like ${example}.`,
	negative: 'A length can’t be less than zero.',
	range: (low: string, high: string) => `This should be between ${low} and ${high}.`,
	meant: (read: string, meant: string) => `That reads as ${read}. Did you mean ${meant}?`,
	use: (meant: string) => `Use ${meant}`,
	'range-order': 'The highest is lower than the lowest. Please check both.',
	'outside-range': 'Its current height is outside its lowest and highest. Please measure all three again.',
	'not-a-count': (most: number) => `Please enter a whole number from 0 to ${most}.`,
	unusual: (read: string) => `${read} is unusual. If it’s right, continue.`,
	estimate: (length: string, sd: string) => `Estimated ${length}, give or take ${sd}`
};

export const thingTexts = {
	names: {
		book: 'Hardback book',
		ream: 'Ream of paper',
		binder: 'Ring binder',
		'board-game': 'Board game',
		'sturdy-box': 'Sturdy box',
		'light-box': 'Light box',
		'step-stool': 'Step stool',
		pillow: 'Pillow',
		cushion: 'Cushion',
		towel: 'Towel',
		blanket: 'Blanket',
		bolster: 'Bolster or roller'
	} satisfies Readonly<Record<HouseholdKind, string>>,
	notes: typed<Readonly<Partial<Record<HouseholdKind, string>>>>({
		'sturdy-box': 'It mustn’t give when you press on it.',
		'light-box': 'A shoe box or parcel gives way: only for papers, never under a screen, a keyboard or feet.',
		'step-stool': 'Length, width, and height on the floor.',
		towel: 'Length, width, thickness of one layer.',
		blanket: 'Length, width, thickness of one layer.',
		pillow: 'For the seat or the back only.',
		cushion: 'For the seat or the back only.',
		binder: 'Tilts a keyboard; never in a stack.'
	}),
	devices: 'Any of these unused at home?',
	deviceNames: {
		keyboard: 'Keyboard',
		mouse: 'Mouse',
		screen: 'Screen',
		television: 'Television',
		tablet: 'Tablet',
		headset: 'Headset'
	} satisfies Readonly<Record<DeviceAtHome, string>>,
	shelf: 'Which items can you spare at home?',
	more: 'More items',
	sizes: 'Name and size',
	nothing: 'Nothing to spare',
	add: (name: string) => `Add: ${name}`,
	label: 'Your name for it',
	count: 'How many',
	sides: { a: 'Length', b: 'Width', c: 'Height' },
	remove: (name: string) => `Remove: ${name}`,
	pile: 'About how high is the pile?',
	none: 'Tap what you have.'
};
