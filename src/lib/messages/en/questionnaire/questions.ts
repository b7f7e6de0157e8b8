import type { AnswerId, ItemId } from '$lib/core/questionnaire/checklist/item-ids';
import type { ChecklistStation } from '$lib/core/questionnaire/checklist/stations';
import { SITS_FULLY_BACK, AT_STANDING_SPOT } from '$lib/core/plan/conditions/fact-groups';
import type { WordsByFacts } from '../../words-by-facts';

/** The words of one question. */
export interface ItemTexts<I extends ItemId> {
	readonly question: WordsByFacts;
	/** Why it matters. */
	readonly why: WordsByFacts;
	/** How to look. */
	readonly look: WordsByFacts;
	readonly answers: Readonly<Record<AnswerId<I>, string>>;
}

/** Names of the stations. */
export const stationNames: Readonly<Record<ChecklistStation, string>> = {
	spot: 'The spot',
	feet: 'Feet and seat',
	back: 'Back and shoulders',
	hands: 'Elbows, keys and wrists',
	mouse: 'Mouse',
	screen: 'Screen',
	light: 'Light and papers',
	sound: 'Sound and phone',
	safety: 'Safety',
	second: 'A second posture',
	moving: 'Moving'
};

/** The questions of the checklist, of every version. Facts: common practice. */
export const questionTexts: { readonly [I in ItemId]: ItemTexts<I> } = {
	place: {
		question: 'Where do you work most?',
		why: 'On a bed or sofa your legs lie flat, your back rounds and your neck bends. No cushion fixes that.',
		look: 'Think of the place where you spend most hours, not the best one.',
		answers: {
			table: 'At a table or desk',
			worktop: 'At a worktop or bar',
			'bed-or-sofa': 'On a bed or sofa',
			wherever: 'Wherever there is room'
		}
	},
	'work-surface': {
		question: 'What do you work at?',
		why: 'A place of your own can be set up once and stay that way.',
		look: 'Think of the place where you spend most hours, not the best one.',
		answers: {
			table: 'A table or desk',
			worktop: 'A worktop or bar',
			'low-table': 'A low table',
			lap: 'My lap',
			'no-fixed-place': 'Wherever there is room'
		}
	},
	walkway: {
		question: 'Do people walk past behind you or over your cables?',
		why: 'People walking behind you make you tense. A cable across a walkway is a trip hazard.',
		look: 'Picture the room at its busiest hour.',
		answers: { 'out-of-the-way': 'No', 'people-pass': 'Yes' }
	},
	socket: {
		question: 'Is a wall socket within reach?',
		why: 'Long cables are a trip hazard.',
		look: 'Follow your charger’s cable to the wall.',
		answers: { 'in-reach': 'Yes', 'across-the-room': 'No' }
	},
	quiet: {
		question: 'Is it quiet enough to think?',
		why: 'Noise makes people tense their necks and clench their jaws.',
		look: 'Listen for a minute.',
		answers: { quiet: 'Mostly', 'often-disturbed': 'Often not' }
	},
	window: {
		question: 'Where is the window as you look at the screen?',
		why: 'Daylight from the side is easy on the eyes. From ahead it dazzles; from behind it reflects in the screen.',
		look: 'Sit as you work and point at the brightest window.',
		answers: { side: 'At my side', none: 'There is none', ahead: 'Ahead of me', behind: 'Behind me' }
	},
	'window-clock': {
		question: 'If 12 o’clock is straight ahead, where is the brightest window?',
		why: 'Daylight from the side is easy on the eyes. From ahead it dazzles; from behind it reflects in the screen.',
		look: 'Look at your screen and picture a clock lying on the desk.',
		answers: {
			none: 'No window',
			'at-12': '12, straight ahead',
			'at-1': '1',
			'at-2': '2',
			'at-3': '3, to my right',
			'at-4': '4',
			'at-5': '5',
			'at-6': '6, behind me',
			'at-7': '7',
			'at-8': '8',
			'at-9': '9, to my left',
			'at-10': '10',
			'at-11': '11'
		}
	},
	sun: {
		question: 'Does the sun reach your face or the screen at some hour?',
		why: 'An hour of sun on the screen is an hour of squinting.',
		look: 'Low winter sun comes in furthest.',
		answers: { never: 'Never', 'at-some-hour': 'At some hour' }
	},
	chair: {
		question: 'What do you sit on?',
		why: 'A back without support tires. A ball is fine for an hour, not for a day.',
		look: '',
		answers: { chair: 'A chair with a back', stool: 'A stool or bench', ball: 'A ball' }
	},
	'whole-foot': {
		question: 'Is your whole foot down?',
		why: 'Dangling feet pull at your thighs and low back.',
		look: [
			{
				holds: SITS_FULLY_BACK,
				text: 'Sit all the way back in the shoes you work in. Are both heels down without stretching?'
			},
			{
				holds: {},
				text: 'Sit as you work, in the shoes you work in. Are both heels down without stretching?'
			}
		],
		answers: { 'both-flat': 'Both feet flat', 'toes-only': 'Only the toes', hanging: 'They dangle' }
	},
	footplates: {
		question: 'Do your feet stay on the footplates as you work?',
		why: 'Feet that slide off pull the whole body forward.',
		look: 'Look after half an hour of typing.',
		answers: { 'on-the-plates': 'They stay', 'slide-off': 'They slide off' }
	},
	'behind-the-knee': {
		question: 'What fits between the front edge of the seat and the back of your knee?',
		why: 'An edge behind the knee presses on vessels and nerves, and legs go numb.',
		look: [
			{
				holds: SITS_FULLY_BACK,
				text: 'Sit all the way back and slide your fingers in.'
			},
			{ holds: {}, text: 'Sit as you work and slide your fingers in.' }
		],
		answers: {
			'two-fingers-to-a-fist': 'Two fingers to a fist',
			'more-than-a-fist': 'More than a fist',
			touches: 'Nothing, it touches'
		}
	},
	'crossed-legs': {
		question: 'Do you often sit with your legs crossed or folded under you?',
		why: 'That isn’t a fault. It’s your body asking you to get up.',
		look: 'Notice it during one call.',
		answers: { seldom: 'Seldom', often: 'Often' }
	},
	'ball-hours': {
		question: 'How long at a time do you sit on the ball?',
		why: 'A ball keeps you moving. Without a back it also tires you.',
		look: '',
		answers: { 'an-hour-at-most': 'An hour at most', longer: 'Longer' }
	},
	'all-the-way-back': {
		question: 'Do you sit all the way back?',
		why: 'A backrest only helps if you lean on it.',
		look: 'After ten minutes of work, does your low back touch it?',
		answers: { 'all-the-way': 'Yes', 'front-of-the-seat': 'No, towards the front' }
	},
	shoulders: {
		question: 'Where are your shoulders as you type?',
		why: 'Raised or rolled shoulders work all day for nothing.',
		look: 'From the side: ear over shoulder, shoulder over hip. Ask someone, or use a mirror.',
		answers: { 'down-and-open': 'Down and open', 'rolled-forward': 'Rolled forward', raised: 'Raised' }
	},
	even: {
		question: 'Is your weight even?',
		why: 'Leaning on one armrest or one hip bends your back sideways.',
		look: [
			{
				holds: AT_STANDING_SPOT,
				text: 'Nose, shoulders, hips, knees and feet all point one way.'
			},
			{ holds: {}, text: 'Feel both sit bones. Nose, shoulders, hips, knees and feet all point one way.' }
		],
		answers: { even: 'Even', 'one-side': 'More on one side' }
	},
	'neck-rest': {
		question: 'Do you lean back as you work?',
		why: [
			{
				holds: { way: ['open'] },
				text: 'This way of sitting leans back. Your neck then needs something behind it.'
			},
			{ holds: {}, text: 'Some lean back and some don’t. If you do, your neck needs something behind it.' }
		],
		look: 'Lean the way you like to. Is your head supported?',
		answers: {
			upright: 'No, I sit upright',
			'leans-back-held': 'Yes, and my neck is supported',
			'leans-back-free': 'Yes, with nothing behind my neck'
		}
	},
	'armrest-use': {
		question: 'When do your arms lie on the armrests?',
		why: [
			{
				holds: { way: ['open'] },
				text: 'Leaning back, armrests may carry your arms as you type. Other schools keep them for the pauses.'
			},
			{
				holds: { way: ['forearms-down'] },
				text: 'In this way of sitting the table carries your arms. Other schools use armrests, in the pauses.'
			},
			{
				holds: {},
				text: 'Here armrests are for the pauses: typing on them lifts the shoulders. Other schools differ.'
			}
		],
		look: '',
		answers: { 'in-pauses': 'In pauses', never: 'Never', 'while-typing': 'While I type' }
	},
	'armrest-place': {
		question: 'Where are the armrests when you sit?',
		why: 'Armrests far apart draw the elbows away from the body.',
		look: 'Let your upper arms hang. Do the elbows land on them?',
		answers: { 'beside-the-body': 'Right beside my body', 'out-to-the-side': 'Out to the side' }
	},
	wrist: {
		question: 'Is your wrist straight as you type?',
		why: 'A wrist bent up squeezes the nerve. Slightly down is all right; up isn’t.',
		look: 'Stop in the middle of a word. Look from the side, then from above.',
		answers: {
			straight: 'Straight',
			'a-little-down': 'A little down',
			up: 'Bent up',
			sideways: 'Bent to the side'
		}
	},
	edge: {
		question: 'Does an edge press on your wrist or forearm?',
		why: 'A hard edge on the wrist makes fingers tingle.',
		look: 'Look for a red line on the skin after an hour.',
		answers: { nothing: 'No', presses: 'Yes' }
	},
	'keyboard-feet': {
		question: 'Are the little feet at the back of the keyboard folded out?',
		why: 'They bend your wrists up. The keyboard should lie flat or slope away from you.',
		look: 'Lift the back edge and look under it.',
		answers: { 'folded-in': 'Folded in', none: 'It has none', out: 'Folded out' }
	},
	'palm-rest': {
		question: 'Do you lean on a palm rest?',
		why: 'It’s for the pauses. Leaning on it while typing presses where the nerve runs.',
		look: '',
		answers: { none: 'I don’t have one', 'in-pauses': 'In pauses', 'while-typing': 'While I type' }
	},
	'keyboard-place': {
		question: 'How close is the keyboard?',
		why: 'A keyboard far away draws your arms and back forward.',
		look: 'Elbows at your body, shoulders down: do your fingers reach the middle row?',
		answers: { close: 'Close', 'far-back': 'I reach for it' }
	},
	'eyes-on-keys': {
		question: 'Where do you look as you type?',
		why: 'Looking at the keys bends your neck all day.',
		look: '',
		answers: { 'on-the-screen': 'At the screen', 'on-the-keys': 'Often at the keys' }
	},
	lap: {
		question: 'Could the keyboard lie on your lap for a while?',
		why: 'If the table is too high, the lap may be just right.',
		look: '',
		answers: { 'would-work': 'Yes', 'would-not': 'No' }
	},
	'mouse-place': {
		question: 'Where is your mouse?',
		why: 'An arm stretched out to the mouse aches from shoulder to hand.',
		look: 'Take hold of the mouse. Is your elbow beside your body?',
		answers: { 'beside-the-keys': 'Right beside the keys', 'arm-stretched': 'I stretch for it' }
	},
	'mouse-level': {
		question: 'Is the mouse level with the keyboard?',
		why: 'If they differ in height, one shoulder works higher than the other.',
		look: '',
		answers: { 'same-level': 'Yes', 'other-level': 'No' }
	},
	'mouse-drift': {
		question: 'Does the mouse wander off during the day?',
		why: 'Mice drift outwards, and the shoulder follows.',
		look: 'See where it is at the end of the day.',
		answers: { stays: 'It stays', drifts: 'It drifts outwards' }
	},
	'side-table': {
		question: 'Is there a small table that could stand beside you?',
		why: 'A mouse on a side table stays in reach where the desk has no room.',
		look: 'A nightstand or a stool will do.',
		answers: { 'there-is-one': 'Yes', none: 'No' }
	},
	'pointing-hand': {
		question: 'How does the hand you point with feel in the evening?',
		why: 'One hand does all of it. The other can learn within a week.',
		look: '',
		answers: { fresh: 'Like the other one', tired: 'Tired or sore' }
	},
	'laptop-hours': {
		question: 'How long at a time do you type on the laptop itself?',
		why: 'On a laptop either the screen is too low or the keys are too high.',
		look: '',
		answers: { 'under-half-an-hour': 'Less than half an hour', longer: 'Longer' }
	},
	'lean-in': {
		question: 'Do you lean in to read?',
		why: 'If you can’t read at arm’s length, make the text bigger. Don’t lean in.',
		look: 'Sit back and read your smallest usual text.',
		answers: { seldom: 'Seldom', often: 'Often' }
	},
	'read-sitting-back': {
		question: 'Sit as you plan to sit. How do you read your smallest usual text?',
		why: 'If you can’t read at arm’s length, make the text bigger. Don’t lean in.',
		look: 'Read three lines aloud without moving your head.',
		answers: { easily: 'Easily', 'lean-in': 'I lean in', squint: 'I squint' }
	},
	screens: {
		question: 'How many screens do you look at?',
		why: 'With two, it matters which one you turn to.',
		look: '',
		answers: { one: 'One', two: 'Two or more' }
	},
	'second-kind': {
		question: 'What is the second screen?',
		why: 'A laptop lying flat beside a monitor pulls your head down to one side.',
		look: '',
		answers: {
			monitor: 'A monitor',
			'laptop-raised': 'A laptop, raised',
			'laptop-flat': 'A laptop, flat on the table',
			tablet: 'A tablet or phone, lying down'
		}
	},
	'screen-share': {
		question: 'How do you share your time between them?',
		why: 'The one you use most belongs straight ahead.',
		look: 'Count for ten minutes where you look.',
		answers: { 'one-most': 'Mostly one of them', 'both-alike': 'Both about the same' }
	},
	ahead: {
		question: 'Is the screen straight ahead?',
		why: 'A turned neck tires within the hour.',
		look: 'Nose, shoulders, hips and knees all point at the screen.',
		answers: { straight: 'Straight ahead', 'to-one-side': 'To one side' }
	},
	'main-screen': {
		question: 'Where is the screen that you use most?',
		why: 'Put the one you use most straight ahead. If you use both alike, put the gap between them ahead.',
		look: 'Count for ten minutes where you look.',
		answers: {
			'main-ahead': 'Straight ahead',
			'both-alike-seam-ahead': 'I use both alike, with the gap ahead',
			'main-to-one-side': 'To one side'
		}
	},
	turning: {
		question: 'How do you turn to the other screen?',
		why: 'Turning only your head, all day, is hard on the neck.',
		look: '',
		answers: { 'whole-body': 'With my whole body', 'head-only': 'With my head only' }
	},
	tilt: {
		question: 'Does the screen face your eyes squarely?',
		why: 'A screen that leans the wrong way catches the lamp and makes you lift your chin.',
		look: 'Hold a mirror flat against it. You should see your own eyes.',
		answers: { 'square-to-the-eye': 'Yes', 'leans-away-or-down': 'No' }
	},
	'tips-head-back': {
		question: 'Do you tip your head back to read through the lower part of your lenses?',
		why: 'A raised chin all day makes a sore neck. Lower the screen and lean it back.',
		look: 'Close your eyes, sit tall, open them. Can you read without moving your head?',
		answers: { no: 'No', yes: 'Yes' }
	},
	reflections: {
		question: 'Do you see reflections in the screen?',
		why: 'Eyes work hard to see past a reflection, and heads turn to dodge it.',
		look: 'Switch the screen off and look into it.',
		answers: { none: 'No', some: 'Yes' }
	},
	brightness: {
		question: 'How bright is the screen compared with the room?',
		why: 'Eyes tire when they keep moving between bright and dark.',
		look: 'Hold a sheet of white paper beside it. The two should look alike.',
		answers: {
			'like-the-room': 'About the same',
			'lamp-bright': 'It shines like a lamp',
			'too-dim': 'It’s dim'
		}
	},
	'eye-test': {
		question: 'When did you last have your eyes tested?',
		why: 'First larger text, then new glasses. Never lean in.',
		look: '',
		answers: { 'two-years': 'Within two years', longer: 'Longer ago, or never' }
	},
	lamp: {
		question: 'On which side is your lamp when you write by hand?',
		why: 'On your writing side, your hand shades what you write.',
		look: 'Hold a pen over the paper. Where does the shadow fall?',
		answers: {
			'other-side': 'Away from my writing hand',
			'no-paper-work': 'I don’t write by hand',
			'writing-side': 'On the side of my writing hand'
		}
	},
	'only-light': {
		question: 'Is the screen sometimes the only light?',
		why: 'In the dark your pupils open wide, and the screen dazzles them.',
		look: '',
		answers: { no: 'No', yes: 'Yes' }
	},
	evening: {
		question: 'What light do you work in late?',
		why: 'Warmer light in the evening helps you sleep.',
		look: 'Most screens can turn warmer by the clock.',
		answers: { warm: 'Warm', 'no-evenings': 'I don’t work late', cold: 'Cold and bright' }
	},
	air: {
		question: 'Does a heater, a fan or an open window blow air at your face?',
		why: 'Moving air dries your eyes.',
		look: '',
		answers: { still: 'No', 'at-my-face': 'Yes' }
	},
	papers: {
		question: 'Where do you keep papers that you type from?',
		why: 'Flat beside the keys, they bend and turn your neck with every line.',
		look: '',
		answers: {
			'on-a-stand': 'On a stand by the screen',
			'no-papers': 'I have none',
			flat: 'Flat on the table'
		}
	},
	phone: {
		question: 'How do you hold long calls?',
		why: 'A phone between ear and shoulder bends the neck and lifts the shoulder at once.',
		look: '',
		answers: {
			'headset-or-loudspeaker': 'By headset or loudspeaker',
			seldom: 'I have none',
			'between-ear-and-shoulder': 'Between ear and shoulder'
		}
	},
	'phone-side': {
		question: 'Where does your phone lie?',
		why: 'The hand that writes stays free if the other one takes the phone.',
		look: '',
		answers: { 'other-hand': 'By the hand that doesn’t write', 'writing-hand': 'By the hand that writes' }
	},
	ear: {
		question: 'Which ear do you listen with?',
		why: 'Always the same ear means always leaning the same way.',
		look: '',
		answers: { changes: 'Both, or now one and now the other', 'always-the-same': 'Always the same' }
	},
	'phone-reading': {
		question: 'How do you read on your phone?',
		why: 'A head bent over the lap weighs heavily on the neck.',
		look: '',
		answers: { 'at-eye-height': 'Raised to my eyes', seldom: 'Seldom', 'in-the-lap': 'Down in my lap' }
	},
	headphones: {
		question: 'What do you listen with?',
		why: 'Many find headphones over the ear gentler over hours. Others do well with small ones, kept quiet.',
		look: '',
		answers: { 'over-the-ear': 'Over the ear', none: 'Nothing', 'in-the-ear': 'In the ear, for hours' }
	},
	cables: {
		question: 'Where do the cables run?',
		why: 'A cable at your feet can trip you, and pull a screen off its stack.',
		look: 'Look under the table.',
		answers: { 'out-of-the-way': 'Out of the way', 'at-the-feet': 'At my feet, or across the floor' }
	},
	strips: {
		question: 'Where is your power strip plugged in?',
		why: 'One strip plugged into another can overheat. Plug each one into a wall socket.',
		look: 'Follow the cable to the wall.',
		answers: { 'into-the-wall': 'Into the wall', none: 'I have none', 'into-another': 'Into another strip' }
	},
	stacks: {
		question: 'Do your stacks stand firm?',
		why: 'A stack that wobbles can fall, with the screen on it.',
		look: 'Take the screen off and push each stack with your hand.',
		answers: { none: 'I have none', firm: 'Firm', wobble: 'One wobbles' }
	},
	vents: {
		question: 'Are the laptop’s vents clear?',
		why: 'Cloth over a vent traps heat, and that can start a fire.',
		look: 'Feel where the warm air comes out.',
		answers: { free: 'Clear', covered: 'On cloth, or covered' }
	},
	wiped: {
		question: 'When did you last wipe your keyboard and mouse?',
		why: 'Hands go from them to your face.',
		look: '',
		answers: { 'this-month': 'This month', 'long-ago': 'Long ago' }
	},
	'second-spot': {
		question: [
			{ holds: AT_STANDING_SPOT, text: 'Is there a place where you can sit and work too?' },
			{ holds: {}, text: 'Is there a place where you can work standing?' }
		],
		why: 'However good the set-up, no one stays well in one position.',
		look: [
			{ holds: AT_STANDING_SPOT, text: 'A table with a chair: hands at elbow height again.' },
			{ holds: {}, text: 'A worktop, a chest of drawers or an ironing board will do.' }
		],
		answers: { yes: 'Yes', no: 'No' }
	},
	'standing-time': {
		question: 'How do you spend the day standing?',
		why: 'Standing still for long is as bad as sitting still.',
		look: '',
		answers: { 'in-turns': 'In turns with sitting', 'all-day': 'I stand all day' }
	},
	'standing-weight': {
		question: 'How do you stand?',
		why: 'All your weight on one leg tilts the hips.',
		look: '',
		answers: { even: 'Even, or one foot ahead', 'one-leg': 'Mostly on one leg' }
	},
	'standing-legs': {
		question: 'How do you stand?',
		why: 'All your weight on one leg tilts the hips. Locked knees tire the back.',
		look: 'Look down after ten minutes.',
		answers: {
			even: 'On both feet',
			'split-stance': 'One foot ahead, in turns',
			'one-knee-on-a-stool': 'One foot or knee on a stool, in turns',
			'one-leg': 'Mostly on one leg',
			locked: 'With my knees locked'
		}
	},
	'get-up': {
		question: [
			{ holds: AT_STANDING_SPOT, text: 'How often do you walk about or sit down?' },
			{ holds: {}, text: 'How often do you get up?' }
		],
		why: 'Your best position is the next one.',
		look: '',
		answers: { 'every-half-hour': 'Every half hour', 'every-hour': 'Every hour', seldom: 'Seldom' }
	},
	'weight-shift': {
		question: 'How often do you shift your weight, lean and move your arms?',
		why: 'Your best position is the next one. The skin under you needs the change too.',
		look: '',
		answers: { 'every-half-hour': 'Every half hour or more', seldom: 'Seldom' }
	},
	'soft-seat-hours': {
		question: 'How long at a time do you work there?',
		why: 'A soft seat lets the back sink and the neck bend.',
		look: '',
		answers: { 'under-half-an-hour': 'Less than half an hour', longer: 'Longer' }
	},
	'far-look': {
		question: 'How often do you look into the distance?',
		why: 'Close work keeps a small muscle in the eye tense, and staring dries the eye.',
		look: 'Every 20 minutes, look about 6 m away for 20 seconds, and blink.',
		answers: { often: 'Several times an hour', seldom: 'Seldom' }
	},
	calls: {
		question: 'Where do you take calls?',
		why: 'Calls are a chance to walk.',
		look: '',
		answers: { 'on-my-feet': 'On my feet', 'no-calls': 'I have none', seated: 'Seated' }
	},
	signal: {
		question: 'What makes you move?',
		why: 'Pain comes late. Move before it does.',
		look: '',
		answers: { 'by-plan': 'A plan, a clock, a habit', 'when-it-hurts': 'When something hurts' }
	}
};
