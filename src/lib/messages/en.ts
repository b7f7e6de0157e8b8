import type { Caution, PurchaseId, StepPlace, ThingToDo } from '$lib/core/plan';
import type { HouseholdKind, Way } from '$lib/core/corner';
import type { CheckId, MeasurableName, Verdict } from '$lib/core/checks';
import type { DiscomfortKind, Region, Sign } from '$lib/core/discomfort';

const plural = new Intl.PluralRules('en');

function pieces(n: number): string {
	return plural.select(n) === 'one' ? `${n} piece` : `${n} pieces`;
}

/** English texts of the employee's door, the checks and the steps. Another language is another file of this shape. */
export const en = {
	locale: 'en',
	/** Dates are written day first. */
	dateLocale: 'en-GB',
	product: 'Easy Corner',
	frame: {
		skip: 'Skip to the questions',
		saved: (time: string) => `Saved ${time}`,
		saving: 'Saving …',
		notSaved: 'Not sent yet. Kept on this device and sent as soon as the network is back.',
		refused: 'One answer could not be kept as it is. Write it anew, shorter and in plain letters.',
		ended: 'This link has ended, and nothing more is kept by it. Ask your coordinator for a new one.',
		back: 'Back',
		theme: { light: 'Light', dark: 'Dark', label: 'Colours' },
		textSize: { label: 'Text size', normal: 'normal', large: 'large', larger: 'larger' },
		unitLabel: 'Lengths in',
		unit: { cm: 'centimetres', in: 'inches', mm: 'millimetres' },
		change: 'Change',
		pages: 'Pages',
		contents: 'Contents',
		pageOf: (n: number, of: number) => `${n} of ${of}`
	},
	start: {
		title: (name: string) => `Hello ${name}. Let’s see whether your corner fits you.`,
		lead: 'About twelve minutes with a tape measure. You can stop at any time and go on where you were.',
		linesTitle: 'Before you begin',
		lines: [
			[
				'What',
				'Heights of your table, chair and screen, a few lengths of your body, what you notice at your corner, what hurts, and what you have at home. No photo.'
			],
			['Why', 'To work out what fits you, and which things in your home fix what doesn’t.'],
			['Who', 'You, and the health coordinator who wrote to you. Nobody else: not your manager.'],
			['How long', 'Until you withdraw it here, or you are taken off the coordinator’s list.'],
			['Yours', 'You can look at it, correct it and withdraw it at any time with this link.'],
			[
				'Not',
				'This is guidance for comfort. It is no diagnosis and replaces no clinician; local law comes first.'
			]
		] as readonly (readonly [string, string])[],
		begin: 'I have read this. Begin',
		goOn: 'Go on where I was',
		toPlan: 'To my plan'
	},
	pages: {
		first: {
			short: 'First',
			title: 'Before anything else',
			lead: 'Some signs are for a professional and not for a questionnaire. Is any of these there today?'
		},
		you: { short: 'You', title: 'You', lead: 'So that heights in the room can be compared with yours.' },
		spot: {
			short: 'Spot',
			title: 'The spot and its table',
			lead: 'The place that you work at most, and the surface there. A worktop or a chest of drawers counts if you stand.'
		},
		feet: {
			short: 'Feet',
			title: 'Feet and seat',
			lead: 'Each height rests on the one below, so we begin at the floor. Measure the seat while nobody sits on it.',
			standing: 'You stand at this spot, so there is no seat to measure. Go on.'
		},
		back: {
			short: 'Back',
			title: 'Back and shoulders',
			lead: 'All the way back, low back filled, shoulders down.'
		},
		hands: {
			short: 'Hands',
			title: 'Elbows and keys',
			lead: 'Upper arm hanging, and from there the height that the hands want. The elbow tells most: nobody’s can be guessed.'
		},
		mouse: {
			short: 'Mouse',
			title: 'The mouse',
			lead: 'Beside the keys, at their level, elbow beside the body.'
		},
		screen: {
			short: 'Screen',
			title: 'The screen',
			lead: 'Its height against your eye, then the distance, then tilt and straightness.'
		},
		light: {
			short: 'Light',
			title: 'Light, papers and phone',
			lead: 'What the eyes and the neck put up with.'
		},
		safety: { short: 'Safety', title: 'Safety', lead: 'A minute on your knees under the table.' },
		second: {
			short: 'Moving',
			title: 'A second posture, and moving',
			lead: 'However good the set-up: nobody stays well in one position.'
		},
		discomfort: {
			short: 'Body',
			title: 'Your discomfort',
			lead: 'In the last seven days. Touch the place on the figure, or open it in the list. Nothing at all? Go on.'
		},
		house: {
			short: 'House',
			title: 'What is in the house',
			lead: 'Sturdy things for under screen, keys and feet; soft ones for the seat. Leave out whatever may not be missed.'
		}
	},
	first: {
		emergencyTitle: 'Emergency signs',
		emergencyLead: 'If you have one of these now, stop here and call the emergency number.',
		professionalTitle: 'Signs for a doctor',
		professionalLead:
			'Not an emergency, but not for this tool alone. See a doctor. You can go on here: easy steps are fine, but do nothing that hurts or that you have to force.',
		none: 'None of these',
		noneDone: 'None of these: noted',
		missing: 'Answer each of these, or tap “None of these”.',
		yes: 'Yes',
		no: 'No',
		signs: {
			'chest-pain': 'Pressure or pain in the chest, or pain that goes into arm or jaw',
			'sudden-one-sided-weakness':
				'Sudden weakness or numbness on one side, a drooping face, trouble speaking',
			'sudden-worst-headache': 'A sudden headache, the worst ever, or with fever and a stiff neck',
			'sudden-loss-of-sight': 'Sudden loss of sight, or double vision',
			'saddle-numbness': 'Back pain with numbness between the legs, or loss of bladder or bowel control',
			'wakes-at-night': 'Numbness or tingling that wakes you at night',
			'numbness-stays': 'Numbness or tingling that stays',
			'with-weakness': 'Numbness or tingling with weakness: you drop things, or a foot drags',
			'runs-down-a-limb': 'Pain that runs down an arm or a leg',
			'does-not-ease': 'Pain that does not ease although you have changed things at your desk',
			'after-injury': 'Pain after a fall, a blow or another injury'
		} as Readonly<Record<Sign, string>>,
		told: 'Your coordinator knows about the sign you reported. See a doctor. You can do the easy steps of your plan, but nothing that hurts or that you have to force.',
		stopTitle: 'Stop here, and call for help now.',
		call: (number: string) => `Call ${number}`,
		callElsewhere:
			'Abroad, call the emergency number of the country you are in. 112 works from most mobile phones.',
		stopLead: 'You said that you have this:',
		stopDo: [
			'Call. Say what you feel and since when.',
			'Don’t drive yourself. Unlock the door, and stay with somebody if you can.',
			'Leave your desk as it is. Your answers are kept, and your link works tomorrow too.'
		] as readonly string[],
		stopTold:
			'Your coordinator sees this at the top of their day and will try to reach you. They can’t help in an emergency: the number can. This tool does not diagnose.',
		stopSlip: 'That was a slip of the finger: correct it',
		stopSlipNote: 'Your coordinator still sees that you tapped it, and will ask.',
		stopLater: 'It has been seen to. Go on with the questions'
	},
	discomfort: {
		figure: 'Figure, front and back. The list beside it holds the same places.',
		front: 'front',
		back: 'back',
		places: {
			head: 'Head',
			eyes: 'Eyes',
			neck: 'Neck',
			shoulder: 'Shoulder',
			'upper-back': 'Upper back',
			elbow: 'Elbow',
			'wrist-hand': 'Wrist or hand',
			'low-back': 'Low back',
			'hip-thigh': 'Hip or thigh',
			knee: 'Knee',
			'ankle-foot': 'Ankle or foot'
		} as Readonly<Record<Region, string>>,
		sided: (name: string, side: 'left' | 'right') => `${name}, ${side}`,
		worst: 'At its worst',
		worstEnds: '0 is nothing, 10 the worst you can think of',
		days: 'On how many of the seven days?',
		hinders: 'Does it hinder your work?',
		hindersOptions: { no: 'No', 'a-little': 'A little', much: 'Much' } as Readonly<Record<string, string>>,
		kinds: 'What is it like?',
		kindOptions: {
			ache: 'Ache',
			pain: 'Pain',
			stiffness: 'Stiffness',
			'tingling-or-numbness': 'Tingling or numbness',
			weakness: 'Weakness',
			'tired-or-dry-eyes': 'Tired or dry eyes'
		} as Readonly<Record<DiscomfortKind, string>>,
		none: 'nothing',
		told: (worst: number) => `${worst} of 10`,
		daysMissing: 'On how many days?',
		care: 'From 7 of 10 on, or with numbness, tingling or weakness that stays: see a clinician. This guides, it does not diagnose.'
	},
	nav: {
		next: (page: string) => `Next: ${page}`,
		finish: 'Show my plan',
		fix: (n: number) =>
			plural.select(n) === 'one' ? 'One line needs another look' : `${n} lines need another look`,
		fixLead: 'Everything you typed is kept.'
	},
	fields: {
		unit: 'Lengths in',
		stature: 'Your height without shoes',
		handSpan: 'Your hand-span',
		heel: 'Sole of the shoes you work in',
		sex: 'Body proportions to estimate with',
		hand: 'Writing hand',
		lenses: 'Glasses at the screen',
		back: 'Which movement relieves your back?',
		wrists: 'Your wrists',
		drawnAs: 'How the drawing shows you',
		posture: 'At this spot you',
		by: 'How you measure the furniture',
		surfaceHeight: 'Floor to the top of the table',
		surfaceThickness: 'Thickness of the table’s edge',
		surfaceDepth: 'Depth, front to back',
		surfaceMoves: 'Does its height adjust?',
		surfaceLow: 'Lowest top',
		surfaceHigh: 'Highest top',
		seatHeight: 'Floor to the top of the empty seat',
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
		bodyBy: 'How you measure yourself',
		popliteal: 'Floor to the hollow of the knee',
		thigh: 'Seat to the top of the thigh',
		sittingElbow: 'Seat to the underside of the elbow',
		sittingEye: 'Seat to the corner of the eye',
		buttockPopliteal: 'Back of the seat to the hollow of the knee',
		standingElbow: 'Floor to the underside of the elbow',
		standingEye: 'Floor to the corner of the eye',
		screenKind: 'You look at',
		topAboveBase: 'Top of the picture above what it stands on',
		visibleHeight: 'Height of the picture',
		baseLong: 'Its foot or base, side to side',
		baseShort: 'Its foot or base, front to back',
		screenMoves: 'Does the monitor’s height adjust?',
		screenLow: 'Lowest top of the picture',
		screenHigh: 'Highest top of the picture',
		distance: 'Eye to screen',
		keysKind: 'You type on',
		homeRow: 'Height of the keys above the table',
		keysLong: 'Keyboard, side to side',
		keysShort: 'Keyboard, front to back',
		mouse: 'You point with'
	},
	hints: {
		stature: '',
		heel: '0 if you work in socks',
		drawnAs: 'Changes the drawing and nothing else.',
		sex: 'Picks average proportions for what you don’t measure; nothing else.',
		surfaceHeight: 'A straight line down from the top, at the front.',
		surfaceThickness: 'With any rail or drawer below it, where your legs go.',
		seatGive: 'Press the seat down with a hand, or guess: a hard chair 0.',
		seatDepth: '',
		popliteal: 'Sit, feet flat and barefoot. From the floor to the crease behind the knee.',
		thigh: 'Sit upright. From the hard seat to the highest place of the thigh.',
		sittingElbow:
			'Shoulders down, upper arm hanging, forearm level. From the seat, pressed, to the underside of the elbow.',
		sittingEye: 'Sit tall, look straight ahead. A book held level at the eye helps; from the seat to it.',
		buttockPopliteal: 'Sit all the way back. From the backrest to the crease behind the knee.',
		standingElbow: 'Stand barefoot, upper arm hanging, forearm level.',
		standingEye: 'Stand tall and barefoot, look straight ahead.',
		topAboveBase: 'A laptop: open it as you use it, from the table to the top of the picture.',
		baseLong: 'For a laptop, the laptop itself.',
		distance: 'As you usually sit.',
		homeRow: 'To the middle row of keys.',
		by: 'Sheets of A4 end to end are 29.7 cm each. A hand-span is the last resort.',
		bodyBy: 'Somebody who helps makes it easier.'
	} as Readonly<Partial<Record<string, string>>>,
	options: {
		unit: { cm: 'centimetres', in: 'inches', mm: 'millimetres' },
		sex: { unstated: 'Average of both', female: 'Women’s', male: 'Men’s' },
		hand: { right: 'Right', left: 'Left' },
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
		wrists: { well: 'Well', troubled: 'Sore or troubled' },
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
		surfaceMoves: { no: 'No', yes: 'Yes' },
		seatMoves: { no: 'No', yes: 'Yes' },
		backrest: { yes: 'Yes', no: 'No' },
		lumbar: { no: 'No', yes: 'Yes' },
		armrest: { no: 'No', yes: 'Yes' },
		castors: { no: 'No', yes: 'Yes' },
		screenKind: { laptop: 'A laptop', monitor: 'A monitor' },
		screenMoves: { no: 'No', yes: 'Yes' },
		keysKind: { separate: 'A keyboard of its own', 'built-in': 'The laptop’s keys' },
		mouse: { separate: 'A mouse', touchpad: 'A touchpad' }
	},
	issues: {
		missing: 'Fill this in, please.',
		decides: 'This is the length that decides what is still open: worth measuring well.',
		cant: 'Can’t measure it now',
		standsIn: (length: string) =>
			`Then a usual ${length} stands in, and everything that rests on it is said to be unsure.`,
		'not-a-length': (example: string) => `This can’t be read as a length. Write it like ${example}.`,
		negative: 'A length can’t be below zero.',
		range: (low: string, high: string) => `This should be between ${low} and ${high}.`,
		meant: (read: string, meant: string) => `That reads as ${read}. Did you mean ${meant}?`,
		use: (meant: string) => `Use ${meant}`,
		'range-order': 'The highest is below the lowest.',
		'not-a-count': (most: number) => `A whole number from 0 to ${most}, please.`,
		unusual: (read: string) => `${read} is unusual. Right as it is? Then go on.`,
		estimate: (length: string, sd: string) => `Estimated ${length}, give or take ${sd}`
	},
	things: {
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
		} satisfies Record<HouseholdKind, string> as Readonly<Record<HouseholdKind, string>>,
		notes: {
			'sturdy-box': 'Must not give when you press on it.',
			'light-box': 'Shoe box, parcel: under the screen or the keys, never under feet.',
			'step-stool': 'Length, width, height as it stands.',
			towel: 'Length, width, thickness of one layer.',
			blanket: 'Length, width, thickness of one layer.',
			pillow: 'For the seat or the back only.',
			cushion: 'For the seat or the back only.',
			binder: 'Tilts a keyboard; never in a stack.'
		} as Readonly<Partial<Record<HouseholdKind, string>>>,
		shelf: 'Add from the shelf',
		add: (name: string) => `Add: ${name}`,
		label: 'What you call it',
		count: 'How many',
		sides: { a: 'Length', b: 'Width', c: 'Height' },
		remove: (name: string) => `Take away: ${name}`,
		pile: 'All of them as one pile',
		pileHow: 'Measure the pile once: the height of one follows.',
		none: 'Nothing on the list yet. The more you list, the better the plan; five or six things are plenty.'
	},
	checks: {
		names: { knee: 'Knees', elbow: 'Elbow', eye: 'Screen top', thigh: 'Thigh room' } as Readonly<
			Record<CheckId, string>
		>,
		fits: 'fits',
		unsure: 'not known yet',
		atEdge: 'at the edge: fine if it feels fine',
		about: (length: string) => `about ${length}`,
		toBeSure: (name: string) => `not known yet: measure ${name}`,
		surer: (name: string) => `To be surer, measure ${name}.`,
		/** What a value outside its band says, by the side it lies on. */
		off: {
			knee: {
				low: (mm: string) => `seat ${mm} too low`,
				high: (mm: string) => `feet need ${mm} more under them`
			},
			elbow: { low: (mm: string) => `keys ${mm} too high`, high: (mm: string) => `keys ${mm} too low` },
			eye: { low: (mm: string) => `screen ${mm} too low`, high: (mm: string) => `screen ${mm} too high` },
			thigh: { low: (mm: string) => `${mm} short of room`, high: (mm: string) => `${mm} more than needed` }
		} as Readonly<Record<CheckId, Readonly<Record<'low' | 'high', (length: string) => string>>>>,
		/** Before the gap that there was, and behind one that has grown. */
		was: 'was',
		worse: 'worse',
		verdicts: { fits: 'fits', unsure: 'not sure', off: 'off' } as Readonly<Record<Verdict, string>>,
		likely: (words: string) => `perhaps ${words}`,
		markText: (name: string, words: string, value: string, band: string) =>
			`${name}: ${words}. Value ${value}, good ${band}.`,
		band: (low: string, high: string | null) => (high === null ? `from ${low}` : `from ${low} to ${high}`)
	},
	measurable: {
		popliteal: 'floor to the hollow of the knee',
		sittingElbow: 'seat to elbow',
		sittingEye: 'seat to eye',
		thigh: 'thickness of the thigh',
		buttockPopliteal: 'seat to the hollow of the knee',
		standingElbow: 'floor to elbow, standing',
		standingEye: 'floor to eye, standing',
		seat: 'the seat’s height',
		surface: 'the table’s height',
		thickness: 'the table’s thickness'
	} as Readonly<Record<MeasurableName, string>>,
	section: {
		first: 'At first',
		now: 'Now',
		after: 'After the plan',
		again: 'As measured again',
		choose: 'Show the corner',
		levels: { eye: 'eye', elbow: 'elbow', seat: 'seat' },
		scale: (unit: string) => `To scale. Heights in ${unit} above the floor.`,
		gap: {
			keys: { low: 'keys too high', high: 'keys too low' },
			table: { low: 'table top too high', high: 'table top too low' },
			eye: { low: 'screen too low', high: 'screen too high' },
			knee: { low: 'seat too low', high: 'seat too high' }
		},
		/** What a hatched zone says. */
		zone: {
			elbow: 'Good height for the hands',
			eye: 'Good height for the top of the screen',
			knee: 'Good height for the seat'
		},
		zoneLegend: 'Hatched: where it is good.',
		text: {
			intro: (posture: 'sitting' | 'standing') => `Side view, ${posture} at the corner, to scale.`,
			heights: (list: string) => `Heights above the floor: ${list}.`,
			stack: (place: string, list: string, rise: string) => `${place}: ${list}, together ${rise}.`,
			nothingBuilt: 'Nothing is built.'
		},
		surface: 'table',
		screenTop: 'screen top'
	},
	steps: {
		places: {
			surface: 'Table',
			seat: 'Seat',
			feet: 'Feet',
			back: 'Low back',
			keys: 'Keys',
			mouse: 'Mouse',
			screen: 'Screen'
		} as Readonly<Record<StepPlace, string>>,
		folded: (label: string, layers: string) => `${label}, folded to ${layers} layers`,
		face: (label: string, height: string) => `${label}, stood so that it is ${height} high`,
		rolled: (label: string, roll: { folds: number; length: string; diameter: string }) => {
			const folded = ['', 'folded in two, then ', 'folded in four, then '][roll.folds] ?? '';
			return `${label}, ${folded}rolled ${roll.length} of its length to a roll ${roll.diameter} thick, held with bands`;
		},
		bottomUp: (list: string) => `From the bottom up: ${list}.`,
		/** Furniture is set as it is measured: the seat with nobody on it. */
		set: {
			surface: (h: string) => `Set the top to ${h} above the floor.`,
			seat: (h: string) => `Set the empty seat to ${h} above the floor.`,
			screen: (h: string) => `Set it so that the top edge of the picture is ${h} above the floor.`
		},
		seatPads: 'Lay them flat, all the way back.',
		feet: 'Push it to where your feet rest, both feet flat on it.',
		back: 'In the hollow of your low back, just above the belt.',
		keysFlat: 'Close to you, flat, the feet at its back folded in. Wrists straight.',
		keysStack: 'Put the keyboard on top, the feet at its back folded in. Wrists straight.',
		mouse: 'Put the mouse on top, beside the keyboard and at its level, elbow beside your body.',
		screenOn: 'Put the screen on top.',
		target: {
			surface: (h: string) => `Then the top is at ${h}.`,
			seat: (h: string) => `Under you it is then at ${h}.`,
			feet: (h: string) => `Then your feet stand ${h} above the floor.`,
			keys: (h: string) => `Then the keys are at ${h}.`,
			screen: (h: string) => `Then the top of the picture is at ${h}.`
		} as Readonly<Partial<Record<StepPlace, (height: string) => string>>>,
		check: {
			surface: 'Upper arms hanging: forearms level, hands on the keys.',
			seat: 'Upper arms hanging, shoulders down: hands level with the keys.',
			feet: 'Whole foot down. Water spilt on your lap would run towards the knees.',
			back: 'You feel it without being pushed forward.',
			keys: 'Hands straight on from the forearms, neither up nor down.',
			mouse: 'Same height as the keys, no reaching.',
			screen: 'Looking straight ahead, you meet the top edge of the picture or just above it.'
		} as Readonly<Record<StepPlace, string>>,
		checkLow: (mm: string) =>
			`Looking straight ahead, you look over the screen: its top edge is about ${mm} below your eyes. You read without lifting your chin.`,
		cautions: {
			'push-before-use':
				'Before anything goes on the stack: push it with your hand. If it rocks, build it wider, not higher. Nothing breakable in it.',
			'nobody-stands-on-it': 'For feet at rest only. Nobody stands on it.',
			'pads-rock':
				'Thick padding can rock. If you feel unsteady, take the upper piece away and measure again.',
			'castors-roll': 'This chair rolls: sit down slowly once it is padded.',
			'laptop-vents': 'Keep the laptop’s vents free: nothing soft under it or over it.',
			'compromise-half-hour':
				'A laptop can’t be right for hands and eyes at once. This height is a compromise: work in spells of at most 30 minutes, then move. A separate keyboard is what helps most.'
		} as Readonly<Record<Caution, string>>
	},
	/** Ways of sitting; where practitioners disagree, each is one school's. */
	ways: {
		upright: {
			name: 'Upright: elbows at about a right angle',
			why: 'It is what standards and most practitioners agree on, and kind to tables that can’t be set.'
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
			why: 'The back is free. It is meant for spells, not for the whole day.'
		}
	} as Readonly<Record<Way, { readonly name: string; readonly why: string }>>,
	wayOf: (name: string, why: string) =>
		`Worked out for one way of sitting. ${name}. ${why} Others sit differently: ask your coordinator about it.`,
	ladder: {
		title: 'As much as you like',
		lead: 'Each line says what it gives. Every one is the most that so many things can do.',
		things: {
			seat: 'seat',
			surface: 'table',
			feet: 'something under the feet',
			keys: 'keyboard and mouse',
			screen: 'screen'
		} as Readonly<Record<ThingToDo, string>>,
		thing: (name: string, by: string) => `${name} ${by}`,
		count: (n: number) => (plural.select(n) === 'one' ? 'One thing' : `${words(n)} things`),
		suggested: 'what we suggest',
		show: 'Show this one',
		isShown: 'Shown here',
		other: (n: number, isCloser: boolean) =>
			isCloser ? 'The closest fit' : `With other things${n > 1 ? `, ${n}` : ''}`
	},
	plan: {
		title: (n: number) =>
			plural.select(n) === 'one' ? 'One thing, from the floor up' : `${words(n)} things, from the floor up`,
		titleNone: 'Your corner fits you',
		leadNone: 'Nothing needs building. Look again when something changes: a chair, glasses, a new ache.',
		titleHopeless: 'Nothing at home puts this right yet',
		leadHopeless:
			'List more things in the house, or talk to your coordinator: the missing part can be asked for.',
		lead: (n: number) => `All of it from your home, with ${pieces(n)}.`,
		closes: (closed: number, of: number) =>
			`It closes ${closed} of ${of} ${plural.select(of) === 'one' ? 'gap' : 'gaps'}.`,
		stays: (list: string) => `Still open after it: ${list}.`,
		stoodIn: (list: string) => `Not measured, so usual sizes stand in: ${list}.`,
		estimated: (list: string) => `Estimated from your height, so measure if you can: ${list}.`,
		measureNext: (what: string) => `Worth measuring next: ${what}.`,
		isDone: 'Done',
		isOpen: 'Not done',
		tick: 'Tick each step as you do it.',
		again: 'Measure again',
		another: 'Another plan',
		notHere: 'Doesn’t work here',
		notHereLead: 'Not there, may not be missed, or it wobbles? The plan is worked out again without it.',
		without: (label: string) => `Without: ${label}`,
		leftOut: 'Left out:',
		putBack: (label: string) => `Take back: ${label}`,
		takeAlong: 'Download my data',
		anotherLead: 'Something not there, or it wobbles? These use other things.',
		planN: (n: number) => (n === 1 ? 'The best plan' : `Plan ${n}`),
		checksTitle: 'Your checks',
		nowWords: (words: string) => `now: ${words}`,
		afterWords: (words: string) => `after: ${words}`,
		againWords: (words: string) => `measured again: ${words}`,
		print: 'Print',
		correct: 'Correct my answers',
		sent: 'Your coordinator has your answers.',
		notSent: 'Your coordinator has your earlier answers.',
		behind: 'You changed answers after this plan was made.',
		renew: 'Send the changes and plan again',
		offline:
			'No network just now: this plan was worked out on this device. Everything is kept here and goes to your coordinator as soon as the network is back.',
		solving: 'Working out your plan …',
		withdraw: 'Withdraw my answers',
		alternatives: 'Plans',
		ticked: (n: number, of: number) => `${n} of ${of} steps done`,
		kept: (steps: string) =>
			`This plan is a new one. What you had done and it still asks for stays done: ${steps}.`,
		keptNone: 'This plan is a new one: none of the earlier steps stands in it as it was.',
		workOnThis: 'Work on this plan instead',
		workOnThisNote: 'Steps that are the same in both stay done.',
		workingOn: 'You are working on this one',
		doneTitle: 'All done. Well done.',
		doneLead: 'Measure again now: padding gives way, and a stack can be a book short.',
		askAgain: (day: string) => `We ask you again on ${day}: one minute about how it holds.`,
		askedNow: 'We asked how it holds. Your answer takes one minute.',
		lookAgain: (day: string) => `The next full look is on ${day}.`,
		tellNow: 'Tell us how it holds',
		somethingNew: 'Something is new or has come undone',
		earlier: 'Earlier plans',
		earlierOf: (day: string) => `Given on ${day}`
	},
	open: {
		compromiseTitle: 'A compromise, and said to be one',
		compromise: (stack: string, best: string, keys: string | null, screen: string | null, minutes: number) =>
			[
				`A laptop can’t be right for hands and eyes at once. ${stack === best ? `A stack of ${stack} is the best middle` : `The best middle would be a stack of ${best}; your things make ${stack}`}.`,
				keys && screen
					? `It leaves the keys ${keys} too high and the screen ${screen} too low.`
					: keys
						? `It leaves the keys ${keys} too high.`
						: `It leaves the screen ${screen} too low.`,
				`Work so for at most ${minutes} minutes at a time, then move.`
			].join(' '),
		buyTitle: 'What one purchase would change',
		buyLater:
			'This is still being worked out. The plan above does not wait for it: look here again later today.',
		buyLead: 'Each worked out again with the things at home. Borrow before you buy.',
		buy: {
			'keyboard-and-mouse': 'A separate keyboard and mouse',
			footrest: 'A footrest that can be set',
			'seat-cushion': 'A firm seat cushion',
			monitor: 'A monitor on a stand that moves',
			'another-surface': 'A table whose height can be set'
		} as Readonly<Record<PurchaseId, string>>,
		closesAll: 'Everything would fit.',
		closes: (list: string) => `Closes: ${list}.`,
		leaves: (list: string) => `Leaves: ${list}.`,
		ask: 'Ask for it',
		asked: 'Asked for',
		tied: (regions: string, isFirst: boolean) =>
			`Goes with your ${regions}${isFirst ? ', so it comes first here' : ''}.`,
		besidesTitle: 'Also worth changing',
		off: (length: string) => `by ${length}`,
		notProven: 'So many odd pieces that the search was cut short: a better plan may exist.'
	},
	again: {
		title: 'Measure again',
		lead: 'A pillow looks thicker than it is, a stack is soon a book short. Measure what is there now; the drawing and the verdicts follow. The numbers shown are the planned ones.',
		fields: {
			seatUnder: 'Floor to the seat, with you on it',
			feetOn: 'Floor to what your feet rest on',
			surface: 'Floor to the top of the table',
			keysOn: 'Floor to what the keyboard stands on',
			screenTop: 'Floor to the top of the picture'
		},
		hints: {
			seatUnder: 'Sit as you work; somebody else reads the tape at the side.',
			feetOn: '0 if your feet are on the floor.',
			surface: '',
			keysOn: 'The table itself if it stands on nothing.',
			screenTop: ''
		},
		keep: 'Keep these numbers',
		kept: 'Kept. The drawing shows your corner as measured again.',
		keptHere: 'Kept on this device. It goes to your coordinator as soon as the network is back.'
	},
	spots: {
		title: 'Your spots',
		name: (n: number, posture: 'sitting' | 'standing') => `Spot ${n}, ${posture}`,
		add: 'Add another spot, to sit or to stand at',
		moving: (list: string, isShown: boolean) =>
			isShown
				? `This plan takes along from another spot of yours, each time you change over: ${list}.`
				: `Each thing serves one of your spots here. Better is possible if these move each time you change over: ${list}.`,
		move: 'Show that plan',
		stay: 'Show the plan in which nothing moves'
	},
	/** What the drawing of a station shows: this person where all fits. */
	look: {
		feet: 'Like this: whole foot down, thighs level or running slightly down to the knees, shins upright.',
		back: 'Like this: all the way back, the hollow of the low back filled, shoulders over the hips.',
		hands: 'Like this: upper arm hanging, forearm level, hands straight on from it.',
		safety:
			'Like this: the strip hung under the table and plugged into the wall itself, its cable along a leg, the floor at your feet clear.',
		second:
			'Like this, for a part of the day: your other posture, keys at the elbow again, the picture’s top at the eye.',
		spot: 'Like this, from above: the window at your side, nobody walking past behind you.',
		mouse: 'Like this, from above: the mouse right beside the keys, within the sweep of the forearm.',
		light:
			'Like this, from above: papers by the screen, the lamp away from the writing hand, the phone on that side too.',
		screen: 'Like this: looking level, you meet the top edge of the picture or just above it.'
	} as Readonly<Partial<Record<string, string>>>,
	lookThings: {
		mouse: 'mouse',
		phone: 'phone',
		papers: 'papers',
		lamp: 'lamp',
		keyboard: 'keys'
	} as Readonly<Partial<Record<string, string>>>,
	device: {
		title: 'Go on with the phone',
		lead: 'Measuring is done with the phone in the hand. Point its camera at this square: the same questions open there, with everything you have typed. Both devices keep up with each other.',
		link: 'Go on with the phone',
		alt: 'Square code that holds your personal link',
		care: 'Whoever has this square has your answers: don’t pass it on.'
	},
	measure: {
		title: 'Measuring at home',
		lead: 'A tape is best. Without one, any of these will do; say which you used, and the verdicts say how sure they are.',
		link: 'No tape? Ways to measure',
		toTheWalk: 'To the questions',
		ways: [
			{
				id: 'tape',
				title: 'Tape measure',
				lines: [
					'Straight down to the floor, at the front of the table or seat. Somebody who helps makes body lengths easier.'
				]
			},
			{
				id: 'paper-ruler',
				title: 'Paper ruler, printed',
				lines: [
					'Print at 100 %, without “fit to page”. Hold a bank card to the thick line first: it must be exactly as long.',
					'Cut the four strips, glue each on the tab of the one before: a metre.'
				]
			},
			{
				id: 'a4-sheets',
				title: 'Sheets of A4, end to end',
				lines: [
					'A sheet is 29.7 cm long and 21.0 cm wide (11.69 and 8.27 in). Fold one in half for halves. Choose “A4 sheets” and type how many.'
				]
			},
			{
				id: 'card',
				title: 'A bank card and this screen, for small things',
				lines: [
					'For the thickness of a book or a cushion: set the scale with a card once, this device remembers it.'
				]
			},
			{
				id: 'hand-span',
				title: 'Hand-span, the last resort',
				lines: [
					'Thumb to little finger, spread. Lay it on a sheet of A4 or the paper ruler first and type your span; then count.'
				]
			}
		] as readonly { id: string; title: string; lines: readonly string[] }[],
		printA4: 'Ruler for A4 paper',
		printLetter: 'Ruler for Letter paper',
		rulerTitle: 'Paper ruler',
		rulerLead:
			'Print at 100 %. Hold a bank card to the thick line before you cut: if it is not as long, set the printer’s scale to 100 %.',
		check: 'Check: the long side of a bank card is as long as this line (85.6 mm).',
		cardLabel: 'Make the frame as wide as a bank card',
		cardHow: 'Hold the card to the screen, long side across, and move the slider.',
		cardKept: 'This screen’s scale is kept on this device.',
		cardNot: 'Not set yet: what stands below is a guess.',
		thingLabel: 'Length of a small thing',
		thingHow: 'Hold it to the bar and move the slider until both are as long.',
		sheetsLong: 'Long sides',
		sheetsShort: 'Short sides',
		spans: 'Hand-spans',
		span: 'Your hand-span',
		is: (length: string) => `is ${length}`
	},
	withdraw: {
		title: 'Withdraw your answers?',
		lead: 'Everything that you have given is removed at once: the answers of every self-assessment, your plans, what you reported at check-ins, your requests and messages, and your links. It can’t be undone.',
		stays:
			'What stays: that you were asked and that you withdrew, and what your coordinator wrote down about talks with you.',
		signStays:
			'A warning sign that you reported also stays with your coordinator until they have reached you. We never lose a warning sign.',
		confirm: 'Withdraw everything',
		keep: 'Keep them',
		doneTitle: 'Withdrawn',
		doneLead: 'Your answers are removed and your links have ended. You can close this page.'
	},
	checkIn: {
		title: 'How does it hold?',
		lead: 'About one minute. Nothing here is chosen for you.',
		undoneTitle: 'What you changed',
		undoneLead: 'Tick what has come undone or was taken away. Tick nothing if all of it still stands.',
		undoneNone: 'No step of your plan is ticked yet.',
		discomfortTitle: 'How it feels',
		discomfortLead: 'In the last seven days. Choose for each place; add one if another hurts.',
		noDiscomfort: 'Nothing hurt in the last seven days',
		worst: 'At its worst, from 0 to 10',
		days: 'On how many of the seven days',
		another: 'Another place',
		kinds: 'What is it like?',
		hinders: 'Does it hinder your work?',
		newsTitle: 'Anything new?',
		newsLead: 'Tick what has changed since your plan was made.',
		news: {
			glasses: 'New glasses or contact lenses',
			moved: 'Another room or another table',
			chair: 'Another chair',
			pregnancy: 'A pregnancy',
			other: 'Something else'
		},
		send: 'Send',
		missing: 'Something is still open: the first place is marked.',
		missingDiscomfort: 'Choose a number for each place, or say that nothing hurt.',
		missingDays: 'Say on how many days.',
		doneTitle: 'Thank you',
		doneLead: 'Your coordinator has your answers.',
		doneWell: 'All of it still stands, and nothing is new: there is nothing to do.',
		undoneNext: 'Your plan shows how to put back what has come undone.',
		newsNext:
			'Because of what is new, these are worth a second look. Measure and correct only what is different.',
		newsPage: (title: string) => `Look again: ${title}`,
		otherNext: 'Tell your coordinator in a few words what has changed.',
		plan: 'To my plan'
	},
	messages: {
		title: 'Messages',
		lead: 'Between you and your coordinator. Only coordinators read it, and a clinician if your case is referred to one.',
		left: 'Your self-assessment has ended. You can still read what was written here, and write.',
		none: 'Nothing has been written yet.',
		you: 'You',
		write: 'Write to your coordinator',
		care: 'Not for emergencies: if something can’t wait, call your emergency number.',
		send: 'Send',
		back: 'Back to my corner',
		link: 'Messages',
		requestStates: {
			asked: 'asked for, not decided yet',
			approved: 'approved',
			declined: 'declined',
			sent: 'on its way',
			arrived: 'arrived'
		}
	},
	letter: {
		subject: 'Does your corner fit you? Twelve minutes at home',
		body: (name: string, until: string | null) =>
			[
				`Hello ${name},`,
				'You work from home, so nobody sees whether your table and chair fit you. This short self-assessment works it out: you measure a few heights, and it tells you what to change, with things that you have at home.',
				'It takes about twelve minutes. A tape measure helps; sheets of paper do. No photo is asked for. You can stop and go on later.',
				`${until ? `Please answer by ${until}. ` : ''}Your personal link works for as long as your answers are kept. Please don’t pass it on: it opens them.`,
				'If anything hurts badly, or numbness stays or wakes you at night, don’t wait for this: see a doctor.'
			].join('\n\n'),
		button: 'Begin',
		messageSubject: 'A message about your corner',
		messageBody: (name: string) =>
			[
				`Hello ${name},`,
				'Your coordinator has written to you. Open your personal link to read it and to answer. For your privacy this letter holds no word of it.'
			].join('\n\n'),
		reminderSubject: (subject: string) => `Reminder: ${subject}`,
		reminderBody: (name: string) =>
			[
				`Hello ${name},`,
				'Your self-assessment is still open. What you have typed so far is kept, and you can go on where you were.',
				'If you would rather not, or something is in the way, write that to your coordinator by the same link: that is an answer too.'
			].join('\n\n'),
		checkInSubject: 'How is your corner holding up? One minute',
		checkInBody: (name: string) =>
			[
				`Hello ${name},`,
				'You changed your workplace some weeks ago. Has it held? Your answers take one minute, on your phone or your laptop, by your personal link.'
			].join('\n\n'),
		checkInReminderSubject: 'Reminder: one minute about your corner',
		checkInReminderBody: (name: string) =>
			[
				`Hello ${name},`,
				'We asked how your corner is holding up, and have not heard from you yet. It takes one minute. If it no longer holds, that is worth knowing too.'
			].join('\n\n'),
		planSubject: 'Your plan is waiting for you',
		planBody: (name: string) =>
			[
				`Hello ${name},`,
				'Some weeks ago you got a plan for your workplace, made of things that you have at home. You have not ticked any step of it yet. Your personal link opens it.',
				'If something does not work at your place, say so on the plan: it is made anew without it. Or write to your coordinator there.'
			].join('\n\n'),
		recheckSubject: 'Time for another look at your corner',
		recheckBody: (name: string) =>
			[
				`Hello ${name},`,
				'It has been a while since you measured your workplace. Bodies, glasses and chairs change. Your answers from last time are filled in: check them, and correct what is different now.',
				'Your new personal link opens them. Please don’t pass it on.'
			].join('\n\n'),
		accountSubject: { invitation: 'Your account in Easy Corner', reset: 'Choose another password' },
		accountBody: {
			invitation: (name: string) =>
				[
					`Hello ${name},`,
					'An account was made for you in Easy Corner. Choose a password by the link below; it works for seven days and once.'
				].join('\n\n'),
			reset: (name: string) =>
				[
					`Hello ${name},`,
					'Somebody asked for another password for your account. If that was you, choose it by the link below within two hours. If not, do nothing: your password stays as it is.'
				].join('\n\n')
		}
	},
	faults: {
		title: 'This did not work',
		network: 'The page could not be reached. What you typed is kept on this device.',
		again: 'Try again'
	}
};

const SMALL_NUMBERS = ['No', 'One', 'Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Eight', 'Nine'];

function words(n: number): string {
	return SMALL_NUMBERS[n] ?? String(n);
}
