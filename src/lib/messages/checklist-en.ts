import type {
	AnswerId,
	ChecklistCaution,
	FindingId,
	HouseholdFix,
	ItemId,
	ShopFix,
	WalkStation
} from '$lib/core/checklist';

/** The words of one question. */
export interface ItemTexts<I extends ItemId> {
	readonly question: string;
	/** Why it matters. */
	readonly why: string;
	/** How to look. */
	readonly look: string;
	readonly answers: Readonly<Record<AnswerId<I>, string>>;
}

/** The words of the checklist in one language. */
export interface ChecklistTexts {
	readonly stations: Readonly<Record<WalkStation, string>>;
	readonly items: { readonly [I in ItemId]: ItemTexts<I> };
	readonly findings: Readonly<Record<FindingId, string>>;
	readonly household: Readonly<Record<HouseholdFix, string>>;
	readonly shop: Readonly<Record<ShopFix, string>>;
	readonly cautions: Readonly<Record<ChecklistCaution, string>>;
}

/** The checklist in English. Facts: common practice. */
export const checklistEn: ChecklistTexts = {
	stations: {
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
	},
	items: {
		place: {
			question: 'Where do you work most?',
			why: 'On a bed or a sofa the legs lie stretched out, the back rounds and the neck bends. No cushion mends that.',
			look: 'Think of the place where you spend most hours, not the best one.',
			answers: {
				table: 'At a table or desk',
				worktop: 'At a worktop or bar',
				'bed-or-sofa': 'On a bed or sofa',
				wherever: 'Wherever there is room'
			}
		},
		walkway: {
			question: 'Do people walk past behind you or over your cables?',
			why: 'People walking behind you make you tense, and a cable on a walkway is a trip hazard.',
			look: 'Picture the room at its busiest hour.',
			answers: { 'out-of-the-way': 'No, I am out of the way', 'people-pass': 'Yes, often' }
		},
		socket: {
			question: 'Is a wall socket within reach?',
			why: 'Long cables are a trip hazard.',
			look: 'Follow your charger’s cable to the wall.',
			answers: { 'in-reach': 'Yes', 'across-the-room': 'No, the cable crosses the room' }
		},
		quiet: {
			question: 'Is it quiet enough to think?',
			why: 'Noise makes people tense their neck and press their jaw.',
			look: 'Listen for a minute.',
			answers: { quiet: 'Mostly', 'often-disturbed': 'Often not' }
		},
		window: {
			question: 'Where is the window as you look at the screen?',
			why: 'From the side daylight is kind. Ahead it dazzles; from behind it lies on the screen.',
			look: 'Sit as you work and point at the brightest window.',
			answers: {
				side: 'At my side',
				none: 'There is none',
				ahead: 'Ahead of me',
				behind: 'Behind me'
			}
		},
		sun: {
			question: 'Does the sun reach your face or the screen at some hour?',
			why: 'An hour of sun on the screen is an hour of squinting.',
			look: 'The bearing of the window and the time of the year decide; low sun in winter comes in furthest.',
			answers: { never: 'Never', 'at-some-hour': 'At some hour' }
		},
		chair: {
			question: 'What do you sit on?',
			why: 'A back that is never held tires. A ball is for an hour, not for a day.',
			look: '',
			answers: { chair: 'A chair with a back', stool: 'A stool or bench', ball: 'A ball' }
		},
		'whole-foot': {
			question: 'Is your whole foot down?',
			why: 'Hanging feet pull at the thighs and the low back.',
			look: 'Sit all the way back in the shoes you work in. Both heels down, without stretching?',
			answers: {
				'both-flat': 'Both feet flat',
				'toes-only': 'Only the toes',
				hanging: 'They hang'
			}
		},
		'behind-the-knee': {
			question: 'What fits between the seat’s edge and the back of your knee?',
			why: 'An edge behind the knee presses on vessels and nerves: legs go numb.',
			look: 'Sit all the way back and slide your fingers in.',
			answers: {
				'two-fingers-to-a-fist': 'Two fingers to a fist',
				'more-than-a-fist': 'More than a fist',
				touches: 'Nothing, it touches'
			}
		},
		'crossed-legs': {
			question: 'Do you often sit with legs crossed or folded under you?',
			why: 'It is no fault. It is your body’s signal to get up.',
			look: 'Notice it during one call.',
			answers: { seldom: 'Seldom', often: 'Often' }
		},
		'all-the-way-back': {
			question: 'Do you sit all the way back?',
			why: 'A backrest only helps if you lean on it.',
			look: 'After ten minutes of work: does your low back touch?',
			answers: { 'all-the-way': 'Yes', 'front-of-the-seat': 'No, towards the front' }
		},
		shoulders: {
			question: 'Where are your shoulders as you type?',
			why: 'Raised or rolled shoulders work all day without doing anything.',
			look: 'From the side: ear over shoulder, shoulder over hip. A mirror or a second person helps.',
			answers: {
				'down-and-open': 'Down and open',
				'rolled-forward': 'Rolled forward',
				raised: 'Raised'
			}
		},
		even: {
			question: 'Is your weight even?',
			why: 'Leaning on one armrest or one hip bends the back sideways.',
			look: 'Feel both sit bones. Nose, shoulders, hips, knees and feet point one way.',
			answers: { even: 'Even', 'one-side': 'More on one side' }
		},
		'neck-rest': {
			question: 'Do you lean back as you work?',
			why: 'Leaning back is good. The neck then wants something behind it.',
			look: 'Lean as you like to: is your head held?',
			answers: {
				upright: 'No, I sit upright',
				'leans-back-held': 'Yes, and my neck is held',
				'leans-back-free': 'Yes, with my neck free'
			}
		},
		'armrest-use': {
			question: 'When do your arms lie on the armrests?',
			why: 'Armrests are for the pauses. Typing on them lifts the shoulders or pins the elbows.',
			look: '',
			answers: { 'in-pauses': 'In pauses', never: 'Never', 'while-typing': 'While I type' }
		},
		wrist: {
			question: 'Is your wrist straight as you type?',
			why: 'A wrist bent up narrows the room for the nerve. Slightly down is bearable, up is not.',
			look: 'Stop in the middle of a word and look from the side, then from above.',
			answers: {
				straight: 'Straight',
				'a-little-down': 'A little down',
				up: 'Bent up',
				sideways: 'Bent to the side'
			}
		},
		edge: {
			question: 'Does an edge press on your wrist or forearm?',
			why: 'A hard edge on the wrist makes fingers tingle. The forearm is carried evenly, from elbow to wrist.',
			look: 'Look for a red line on the skin after an hour.',
			answers: { nothing: 'No', presses: 'Yes' }
		},
		'keyboard-feet': {
			question: 'Are the little feet at the back of the keyboard folded out?',
			why: 'They bend the wrist up. The keyboard lies flat, or slopes away from you.',
			look: 'Lift the back edge and look under it.',
			answers: { 'folded-in': 'Folded in', none: 'It has none', out: 'Folded out' }
		},
		'palm-rest': {
			question: 'Do you lean on a palm rest?',
			why: 'It is for the pauses. Leaned on while typing, it presses where the nerve runs.',
			look: '',
			answers: {
				none: 'I have none',
				'in-pauses': 'In pauses',
				'while-typing': 'While I type'
			}
		},
		'keyboard-place': {
			question: 'How close is the keyboard?',
			why: 'A far keyboard draws arms and back forward.',
			look: 'Elbows at the body, shoulders down: do your fingers meet the middle row?',
			answers: { close: 'Close', 'far-back': 'I reach for it' }
		},
		'eyes-on-keys': {
			question: 'Where do you look as you type?',
			why: 'Looking at the keys bends your neck all day.',
			look: '',
			answers: { 'on-the-screen': 'At the screen', 'on-the-keys': 'Often at the keys' }
		},
		'mouse-place': {
			question: 'Where is your mouse?',
			why: 'An arm held out to a far mouse aches from the shoulder to the hand.',
			look: 'Take the mouse: is your elbow beside your body?',
			answers: { 'beside-the-keys': 'Right beside the keys', 'arm-stretched': 'I stretch for it' }
		},
		'mouse-level': {
			question: 'Is the mouse level with the keyboard?',
			why: 'Two levels make one shoulder work higher than the other.',
			look: '',
			answers: { 'same-level': 'Yes', 'other-level': 'No' }
		},
		'mouse-drift': {
			question: 'Does the mouse wander off during the day?',
			why: 'Mice drift outwards, and the shoulder follows.',
			look: 'Look where it is at the end of the day.',
			answers: { stays: 'It stays', drifts: 'It drifts outwards' }
		},
		'pointing-hand': {
			question: 'How does the hand that points feel in the evening?',
			why: 'One hand does it all. It may be spared: the other can learn in a week.',
			look: '',
			answers: { fresh: 'Like the other one', tired: 'Tired or sore' }
		},
		'laptop-hours': {
			question: 'How long at a time do you type on the laptop itself?',
			why: 'A laptop can’t be right at both ends: the screen is too low or the keys are too high.',
			look: '',
			answers: { 'under-half-an-hour': 'Less than half an hour', longer: 'Longer' }
		},
		'lean-in': {
			question: 'Do you lean in to read?',
			why: 'If text can’t be read at an arm’s length, the text grows, not the neck.',
			look: 'Read your smallest usual text while your back touches the chair.',
			answers: { seldom: 'Seldom', often: 'Often' }
		},
		screens: {
			question: 'How many screens do you look at?',
			why: 'With two, it matters which one you turn to.',
			look: '',
			answers: { one: 'One', two: 'Two or more' }
		},
		ahead: {
			question: 'Is the screen straight ahead?',
			why: 'A turned neck tires within the hour.',
			look: 'Nose, shoulders, hips, knees and feet point one way: at the screen.',
			answers: { straight: 'Straight ahead', 'to-one-side': 'To one side' }
		},
		'main-screen': {
			question: 'Where is the screen that you use most?',
			why: 'The one used most stands ahead, the other beside it. Used alike, the seam is ahead and both turn in.',
			look: 'Count for ten minutes where you look.',
			answers: {
				'main-ahead': 'Straight ahead',
				'both-alike-seam-ahead': 'I use both alike, the seam is ahead',
				'main-to-one-side': 'To one side'
			}
		},
		tilt: {
			question: 'Is the screen square to your line of sight?',
			why: 'A screen that leans the wrong way catches the lamp and makes the chin rise.',
			look: 'Hold a mirror flat on it: you see your own eyes.',
			answers: { 'square-to-the-eye': 'Yes', 'leans-away-or-down': 'No' }
		},
		'tips-head-back': {
			question: 'Do you tip your head back to read through the lower part of your lenses?',
			why: 'All day with the chin up is a sore neck. The screen goes lower and leans back.',
			look: 'Close your eyes, sit tall, open them: can you read without moving the head?',
			answers: { no: 'No', yes: 'Yes' }
		},
		reflections: {
			question: 'Do you see reflections in the screen?',
			why: 'Eyes work hard to look through a reflection, and heads turn to dodge it.',
			look: 'Switch the screen off and look into it.',
			answers: { none: 'No', some: 'Yes' }
		},
		brightness: {
			question: 'How bright is the screen beside the room?',
			why: 'Eyes tire between a bright and a dark thing.',
			look: 'Hold a sheet of white paper beside it: the two should look alike.',
			answers: { 'like-the-room': 'Alike', 'lamp-bright': 'It shines like a lamp', 'too-dim': 'It is dim' }
		},
		'eye-test': {
			question: 'When were your eyes tested last?',
			why: 'Larger text first, then new glasses. Never lean in.',
			look: '',
			answers: { 'two-years': 'Within two years', longer: 'Longer ago, or never' }
		},
		lamp: {
			question: 'On which side is your lamp when you write by hand?',
			why: 'On the writing side your hand shades what you write.',
			look: 'Hold a pen over the paper: where does the shadow fall?',
			answers: {
				'other-side': 'Away from the writing hand',
				'no-paper-work': 'I don’t write by hand',
				'writing-side': 'On the side of the writing hand'
			}
		},
		'only-light': {
			question: 'Is the screen sometimes the only light?',
			why: 'The pupil opens for the room and the screen dazzles it.',
			look: '',
			answers: { no: 'No', yes: 'Yes' }
		},
		evening: {
			question: 'What light do you work in late?',
			why: 'Warmer light in the evening lets you sleep.',
			look: 'Most screens can turn warmer by the clock.',
			answers: { warm: 'Warm', 'no-evenings': 'I don’t work late', cold: 'Cold and bright' }
		},
		papers: {
			question: 'Where do papers lie that you type from?',
			why: 'Flat beside the keys they bend and turn the neck with every line.',
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
		'phone-reading': {
			question: 'How do you read on your phone?',
			why: 'A head bent over a lap weighs on the neck several times over.',
			look: '',
			answers: { 'at-eye-height': 'Raised to my eyes', seldom: 'Seldom', 'in-the-lap': 'Down in my lap' }
		},
		headphones: {
			question: 'What do you listen with?',
			why: 'Over the ear is kinder than in it, and quieter at the same loudness.',
			look: '',
			answers: { 'over-the-ear': 'Over the ear', none: 'Without', 'in-the-ear': 'In the ear, for hours' }
		},
		cables: {
			question: 'Where do the cables run?',
			why: 'A cable at the feet is a fall, and pulls a screen off its stack.',
			look: 'Look under the table.',
			answers: { 'out-of-the-way': 'Out of the way', 'at-the-feet': 'At my feet, or across the floor' }
		},
		strips: {
			question: 'Where is your multi-way socket plugged in?',
			why: 'One strip in another overheats. One multi-way socket goes into one wall socket.',
			look: 'Follow the cable to the wall.',
			answers: { 'into-the-wall': 'Into the wall', none: 'I have none', 'into-another': 'Into another one' }
		},
		stacks: {
			question: 'Do your stacks stand firm?',
			why: 'What wobbles falls, with the screen on it.',
			look: 'Take the screen off and push each stack with your hand.',
			answers: { none: 'I have none', firm: 'Firm', wobble: 'One wobbles' }
		},
		vents: {
			question: 'Are the laptop’s vents free?',
			why: 'Cloth over a vent makes heat, and heat makes fire.',
			look: 'Feel where the warm air comes out.',
			answers: { free: 'Free', covered: 'On cloth, or covered' }
		},
		wiped: {
			question: 'When did you wipe keyboard and mouse?',
			why: 'Hands go from them to the face.',
			look: '',
			answers: { 'this-month': 'This month', 'long-ago': 'Long ago' }
		},
		'second-spot': {
			question: 'Is there a place where you can work standing?',
			why: 'However good the set-up, nobody stays well in one position. A worktop, a chest of drawers or an ironing board will do.',
			look: 'Hands at elbow height, screen at eye height: the same two heights.',
			answers: { yes: 'Yes', no: 'No' }
		},
		'standing-time': {
			question: 'How long do you stand?',
			why: 'Standing still for long is as bad as sitting still.',
			look: '',
			answers: { 'in-turns': 'In turns with sitting', 'all-day': 'All day' }
		},
		'standing-weight': {
			question: 'How do you stand?',
			why: 'All the weight on one leg bends the hips.',
			look: '',
			answers: { even: 'Even, or one foot ahead', 'one-leg': 'Mostly on one leg' }
		},
		'get-up': {
			question: 'How often do you get up?',
			why: 'The next position is the best one.',
			look: '',
			answers: {
				'every-half-hour': 'Every half hour',
				'every-hour': 'Every hour',
				seldom: 'Seldom'
			}
		},
		'far-look': {
			question: 'How often do you look far away?',
			why: 'Near work keeps a small muscle in the eye tense, and a staring eye dries.',
			look: 'Every 20 minutes, about 6 m away, for 20 seconds, and blink.',
			answers: { often: 'Several times an hour', seldom: 'Seldom' }
		},
		calls: {
			question: 'Where do you take calls?',
			why: 'Calls are for walking.',
			look: '',
			answers: { 'on-my-feet': 'On my feet', 'no-calls': 'I have none', seated: 'Seated' }
		},
		signal: {
			question: 'What makes you move?',
			why: 'Pain comes late. Move before it.',
			look: '',
			answers: { 'by-plan': 'A plan, a clock, a habit', 'when-it-hurts': 'When something hurts' }
		}
	},
	findings: {
		'bed-or-sofa': 'Work on a bed or sofa',
		'on-walkway': 'The spot is on a walkway',
		'far-from-socket': 'No wall socket in reach',
		noisy: 'Noise',
		'shallow-desk': 'The table is not deep enough',
		'window-ahead': 'Facing the window',
		'window-behind': 'The window is behind',
		'sun-on-screen': 'Sun on face or screen',
		'ball-chair': 'A ball instead of a chair',
		'seat-too-high': 'The seat is too high for the feet',
		'seat-too-low': 'The seat is too low for the knees',
		'feet-hanging': 'Feet not fully down',
		'thigh-pressed': 'No room over the thighs',
		'edge-behind-knee': 'The seat’s edge presses behind the knee',
		'thigh-unsupported': 'The seat is too short for the thighs',
		'crossed-legs': 'Legs crossed or folded',
		'no-backrest': 'Nothing holds the back',
		'not-all-the-way-back': 'Not sitting all the way back',
		'no-low-back-support': 'The low back is not filled',
		'shoulders-rolled': 'Shoulders rolled forward',
		'shoulders-raised': 'Shoulders raised',
		'leans-to-one-side': 'Weight on one side',
		'neck-unsupported': 'Neck free while leaning back',
		'keys-too-high': 'The keys are too high',
		'keys-too-low': 'The keys are too low',
		'armrest-too-high': 'Armrests lift the shoulders',
		'armrest-too-low': 'Armrests are too low to carry',
		'armrest-meets-table': 'Armrests meet the table',
		'armrest-while-typing': 'Typing on the armrests',
		'wrist-bent-up': 'Wrist bent up',
		'wrist-bent-sideways': 'Wrist bent to the side',
		'hard-edge': 'A hard edge on wrist or forearm',
		'keyboard-feet-out': 'Keyboard propped up at the back',
		'palm-rest-while-typing': 'Leaning on the palm rest while typing',
		'keyboard-far': 'The keyboard is too far away',
		'looks-at-keys': 'Looking at the keys',
		'mouse-far': 'The mouse is too far away',
		'mouse-other-level': 'Mouse and keys on two levels',
		'mouse-drifts': 'The mouse drifts outwards',
		'mouse-hand-tired': 'The pointing hand is tired',
		'laptop-alone': 'Laptop without a keyboard of its own',
		'screen-too-low': 'The screen is too low',
		'screen-too-high': 'The screen is too high',
		'screen-too-near': 'The screen is too near',
		'screen-too-far': 'The screen is too far away',
		'text-too-small': 'The text is too small',
		'screen-not-ahead': 'The screen is not straight ahead',
		'second-screen-aside': 'The main screen is at the side',
		'screen-tilt': 'The screen is tilted wrongly',
		'head-tips-back': 'Head tipped back to read',
		glare: 'Reflections in the screen',
		brightness: 'Brightness unlike the room',
		'eyes-untested': 'Eyes not tested for long',
		'lamp-side': 'The lamp is on the writing side',
		'screen-is-only-light': 'The screen is the only light',
		'cold-evening-light': 'Cold light in the evening',
		'papers-flat': 'Papers flat on the table',
		'phone-at-shoulder': 'Phone between ear and shoulder',
		'phone-in-lap': 'Phone read in the lap',
		'headphones-in-ear': 'Headphones in the ear for hours',
		'cables-in-the-way': 'Cables at the feet',
		'chained-strips': 'Multi-way sockets in a chain',
		'stack-wobbles': 'A stack wobbles',
		'vents-covered': 'Vents covered',
		'unwiped-keys': 'Keyboard and mouse not wiped',
		'no-second-posture': 'No second posture',
		'stands-still': 'Standing still all day',
		'weight-on-one-leg': 'Standing on one leg',
		'sits-long': 'Sitting long at a time',
		'no-far-look': 'No look into the distance',
		'calls-seated': 'Calls taken seated',
		'waits-for-pain': 'Moving only when it hurts'
	},
	household: {
		'move-to-table': 'Work at a table, a worktop or a chest of drawers. Keep bed and sofa for leisure.',
		'turn-out-of-walkway': 'Turn the table, or move it, so that nobody passes behind you.',
		'move-near-socket': 'Move the spot towards a wall socket.',
		'quieter-room': 'Shut the door, agree on hours, or take the quieter room for thinking.',
		'screen-over-the-edge':
			'Pull the table off the wall and sit farther back. The foot of the screen stays whole on the table.',
		'stack-under-feet': 'Put books, reams or a sturdy box under both feet, the widest at the bottom.',
		'slope-of-books': 'Lean one book on another for a sloped footrest.',
		'pads-on-seat': 'Lay a folded towel, blanket or cushion on the whole seat.',
		'pads-off-seat': 'Take padding off the seat.',
		'blocks-under-table':
			'Raise the table on feet made for it, with a hollow that each leg stands in. On loose blocks a table walks off.',
		'fill-behind-back':
			'Fill behind your back with a pillow or a rolled towel until the edge is free of your knees.',
		'get-up': 'Get up: a glass of water, one flight of stairs.',
		'sit-all-the-way-back': 'Slide all the way back until the backrest touches.',
		'middle-of-the-ball': 'Sit on the middle of the ball, not its front, and not all day.',
		'rolled-towel': 'Roll a towel, hold it with bands or tape, and put it in the hollow just above the belt.',
		'jacket-with-pocket':
			'Hang a jacket over the chair and put the towel through its pocket: it stays at any height.',
		'chair-with-a-back': 'Take a chair with a back for the long hours.',
		'shoulders-down':
			'Let the shoulders drop and the upper arms hang, then bring keys and mouse to the hands.',
		'sit-in-the-middle': 'Sit on both sit bones and let go of the armrest.',
		'roll-behind-neck': 'Put a small roll or a travel cushion behind your neck.',
		'raise-seat-feed-feet':
			'Raise the seat until the elbow is right, then give the feet back what the seat took.',
		'stack-under-keys': 'Put the keyboard on a flat, firm stack.',
		'keyboard-feet-in': 'Fold in the feet at the back of the keyboard.',
		'binder-under-keyboard': 'Turn a ring binder round under the keyboard, so that it slopes away from you.',
		'towel-over-edge': 'Fold a towel over the edge.',
		'rest-in-pauses': 'Rest in the pauses and float while you type.',
		'take-armrests-off': 'Lower the armrests. Take them off only if the chair’s instructions show how.',
		'pad-armrest': 'Tie a folded towel round the armrest.',
		'light-on-keys': 'Let a lamp light the keys, and learn two keys a day by touch.',
		'mouse-beside-keyboard': 'Draw keyboard and mouse in: elbows at the body, mouse right beside the keys.',
		'tape-a-square': 'Mark the mouse’s square with masking tape, and bring it home when it leaves.',
		'stack-under-mouse': 'Put the mouse on a stack as high as the keyboard’s.',
		'change-mouse-hand': 'Use the other hand for the mouse in the mornings.',
		'stack-under-screen': 'Put the screen on books or a sturdy box, firm when pushed.',
		'take-from-stack': 'Take from the stack under the screen.',
		'half-height-half-hour':
			'Raise the laptop half-way and work in spells of at most half an hour, moving between places.',
		'move-screen': 'Move the screen to an arm’s length.',
		'enlarge-text': 'Enlarge the text until you can read it leaning back.',
		'screen-straight-ahead': 'Put the screen you use most straight ahead of the keys.',
		'turn-with-the-body': 'Turn with the whole body; castors help.',
		'tilt-screen': 'Tilt the screen until it is square to your line of sight.',
		'lower-and-lean-back': 'Lower the screen and lean it back, up to about 20°.',
		'turn-desk': 'Turn the table so that the window is at your side.',
		'draw-curtain': 'Draw a curtain or a blind in the bright hours.',
		'match-brightness': 'Match the screen to a sheet of white paper beside it.',
		'lamp-other-side': 'Put the lamp on the side away from your writing hand.',
		'light-the-room': 'Light a lamp in the room, not behind the screen only.',
		'warmer-in-the-evening': 'Let the screen turn warmer in the evening.',
		'paper-stand': 'Make a stand by the screen of a pad, a clip and toy bricks.',
		loudspeaker: 'Use a headset or the loudspeaker.',
		'raise-the-phone': 'Raise the phone to your eyes, elbow on the other arm.',
		'headphones-over-ears': 'Wear headphones over the ear, quietly.',
		'cables-to-the-wall': 'Lead the cables along the wall and tie them under the table.',
		'one-strip-one-socket': 'Plug the multi-way socket straight into the wall, one into one.',
		'rebuild-wider': 'Build it again, wider and lower, the largest at the bottom.',
		'vents-free': 'Stand the laptop on something hard and flat.',
		'wipe-keys': 'Wipe keyboard and mouse with a damp cloth, switched off.',
		'standing-spot': 'Choose a worktop or a chest of drawers and give it the same two heights.',
		'change-over': 'Change between sitting and standing, a couple of hours of each.',
		'split-stance': 'One foot ahead, or one on a low stool, and change.',
		'break-plan': 'Plan breaks by the clock, with something to do in them.',
		'look-far': 'Every 20 minutes look about 6 m away for 20 seconds, and blink.',
		'walk-calls': 'Walk while you talk.',
		'move-before-it-hurts': 'Move by the clock, not by the ache.',
		optician: 'Have your eyes tested, and say how far away your screen is.'
	},
	shop: {
		'keyboard-and-mouse': 'A separate keyboard and mouse',
		footrest: 'A footrest that can be set',
		'seat-cushion': 'A firm seat cushion',
		monitor: 'A monitor on a stand that moves',
		'another-surface': 'A table of another height, or one that moves',
		chair: 'A chair that can be set',
		headset: 'A headset',
		'desk-lamp': 'A desk lamp',
		'paper-holder': 'A paper holder',
		'vertical-mouse': 'A vertical mouse or a touchpad, as a change',
		'power-strip': 'A multi-way socket with a longer lead',
		'sit-stand-converter': 'A stand that raises keys and screen for standing'
	},
	cautions: {
		'stable-stack':
			'Push the stack with your hand before anything goes on it. Widest at the bottom, nothing breakable in it.',
		'nobody-on-stack': 'For feet at rest. Nobody stands on a stack.',
		'no-castors': 'Nothing on castors under a stack.',
		'thin-padding': 'Thin padding only, or the seat rocks.',
		'never-under-screen': 'Nothing soft under a screen, ever.',
		electricity: 'One multi-way socket into one wall socket; cables off the walkway.',
		vents: 'Nothing with a vent is wrapped in cloth.',
		'half-hour': 'This is a compromise: spells of at most half an hour.',
		'stop-at-pain': 'Stop at pain. A stretch is felt and never hurts.',
		'standing-still': 'Standing still for long is as bad as sitting still.',
		'clinician-first':
			'Tingling that wakes you, stays or comes with weakness: see a clinician. This guides, it does not diagnose.'
	}
};
