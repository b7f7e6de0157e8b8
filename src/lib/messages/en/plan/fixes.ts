import type { ChecklistCaution, HouseholdFix, PurchaseFix } from '$lib/core/questionnaire/checklist/fixes';
import { WITH_ARMRESTS } from '$lib/core/plan/conditions/fact-groups';
import type { WordsByFacts } from '../../words-by-facts';

/** What to do at home. */
export const householdFixTexts: Readonly<Record<HouseholdFix, WordsByFacts>> = {
	'move-to-table': 'Work at a table, a worktop or a chest of drawers. Keep bed and sofa for leisure.',
	'one-fixed-spot': 'Choose one place for the long hours and set it up. Use the others for short spells.',
	'half-hour-on-soft-seat': 'If it has to be here, stay for half an hour at most, then move.',
	'turn-out-of-walkway': 'Turn or move the table so that people don’t walk behind you.',
	'move-near-socket': 'Move closer to a wall socket.',
	'quieter-room': 'Shut the door, agree on hours, or use the quieter room for thinking.',
	'screen-over-the-edge':
		'Pull the table away from the wall and sit farther back. Keep the whole foot of the screen on the table.',
	'stack-under-feet': 'Put books, reams or a sturdy box under both feet, the widest at the bottom.',
	'back-on-the-plates':
		'Bring your feet back onto the plates, heels too. Ask the person who fitted the chair about their height.',
	'fill-behind-back': 'Put a pillow behind your back until the edge is clear of your knees.',
	'get-up': 'Get up: fetch a glass of water, or climb one flight of stairs.',
	'sit-all-the-way-back': 'Slide all the way back until the backrest touches you.',
	'middle-of-the-ball': 'Sit on the middle of the ball, not its front, and not all day.',
	'rolled-towel': 'Roll a towel, tie it, and put it in the hollow just above your belt.',
	'jacket-with-pocket':
		'Hang a jacket over the chair and push the roll through its pocket. It stays at any height.',
	'chair-with-a-back': 'Use a chair with a back for the long hours.',
	'shoulders-down':
		'Let your shoulders drop and your upper arms hang. Then bring keyboard and mouse to your hands.',
	'sit-in-the-middle': [
		{ holds: WITH_ARMRESTS, text: 'Spread your weight evenly and let go of the armrest.' },
		{ holds: {}, text: 'Spread your weight evenly on both sides.' }
	],
	'roll-behind-neck': 'Put a small roll or a travel cushion behind your neck.',
	'keyboard-feet-in': 'Fold in the feet at the back of the keyboard.',
	'towel-over-edge': 'Fold a towel over the edge.',
	'rest-in-pauses': 'Rest in the pauses. Let your hands float while you type.',
	'take-armrests-off': 'Lower the armrests. Take them off only if the chair’s instructions show how.',
	'ask-the-fitter': 'Ask the person who fitted your chair to set the armrests to your elbows.',
	'table-over-armrests':
		'Look for a table with more room under it. Your armrests have to pass below its edge.',
	'armrests-in': 'Move the armrests in if they can be moved. If not, don’t rest on them.',
	'pad-armrest': 'Tie a folded towel around the armrest.',
	'light-on-keys': 'Shine a lamp on the keys, and learn two keys a day by touch.',
	'keys-nearer': 'Pull the keyboard towards you until your elbows hang at your body.',
	'mouse-beside-keyboard': 'Bring the mouse right beside your keyboard, with your elbow at your body.',
	'tape-a-square': 'Mark a square for the mouse with masking tape. Bring it home whenever it leaves.',
	'stack-under-mouse': 'Raise the mouse until it’s level with your keyboard.',
	'change-mouse-hand': 'Use your other hand for the mouse in the mornings.',
	'half-height-half-hour': 'Work in spells of half an hour at most and change places in between.',
	'move-screen-away': 'Push the screen back.',
	'move-screen-nearer': 'Bring the screen nearer.',
	'enlarge-text': 'Enlarge the text until you can read it sitting back.',
	'screen-straight-ahead': 'Put the screen you use most straight behind your keyboard.',
	'raise-second-screen': 'Raise the second screen until its top is level with the first.',
	'turn-with-the-body': [
		{ holds: { castors: ['yes'] }, text: 'Turn with your whole body. Your chair’s castors make that easy.' },
		{ holds: {}, text: 'Turn with your whole body, feet and all.' }
	],
	'tilt-screen': 'Tilt the screen until it faces your eyes squarely.',
	'lower-and-lean-back': 'Lower the screen and lean it back by 10 to 20°.',
	'turn-desk': 'Turn the table so that the window is at your side.',
	'draw-curtain': 'Draw a curtain or blind in the bright hours.',
	'match-brightness': 'Set the screen as bright as a sheet of white paper beside it.',
	'lamp-other-side': 'Put the lamp on the side away from your writing hand.',
	'light-the-room': 'Switch on a lamp that lights the room, not only the wall behind the screen.',
	'warmer-in-the-evening': 'Let the screen turn warmer in the evening.',
	'turn-draught-away': 'Turn the air away from your face, or move out of it. Blink often.',
	'paper-stand': 'Make a stand beside the screen from a pad, a clip and toy bricks.',
	loudspeaker: 'Use a headset or the loudspeaker.',
	'phone-on-other-side': 'Move the phone to the side of the hand that doesn’t write.',
	'change-ears': 'Change ears with every call, or use both.',
	'raise-the-phone': 'Raise the phone to your eyes and rest that elbow on your other arm.',
	'headphones-over-ears': 'Try headphones over the ear, and keep them quiet.',
	'cables-to-the-wall': 'Run the cables along the wall and tie them up under the table.',
	'one-strip-one-socket': 'Plug each power strip straight into a wall socket.',
	'rebuild-wider': 'Build it again, wider and lower, with the largest at the bottom.',
	'vents-free': 'Stand the laptop on something hard and flat.',
	'wipe-keys': 'Switch keyboard and mouse off and wipe them with a damp cloth.',
	'standing-spot': 'Find a worktop or a chest of drawers, with your keyboard at elbow height there too.',
	'change-over':
		'Change between sitting and standing. Experts differ on how much of each, but all agree on changing.',
	'split-stance': 'Put one foot ahead, and change feet.',
	'knee-on-a-stool': 'Rest one foot or knee on a low stool, and change sides.',
	'soften-knees': 'Unlock your knees and let your weight move from foot to foot.',
	'shift-weight': 'Every half hour: lean forward, lean to each side, and move your arms.',
	'break-plan':
		'Plan breaks by the clock, with something to do in them. Experts say every 20 to 60 minutes. 30 suits most people.',
	'look-far': 'Every 20 minutes, look about 6 m away for 20 seconds, and blink.',
	'walk-calls': 'Walk while you talk.',
	'move-before-it-hurts': 'Move by the clock, not by the ache.',
	optician: 'Have your eyes tested, and say how far away your screen is.'
};

/** What can be borrowed or bought. */
export const purchaseFixTexts: Readonly<Record<PurchaseFix, string>> = {
	'keyboard-and-mouse': 'a separate keyboard and mouse',
	footrest: 'an adjustable footrest',
	'foot-bar': 'a bar or ring for the feet on a high seat',
	'seat-cushion': 'a firm seat cushion',
	monitor: 'a monitor on an adjustable stand',
	'another-surface': 'a table of another height, or an adjustable one',
	chair: 'an adjustable chair',
	headset: 'a headset',
	'desk-lamp': 'a desk lamp',
	'paper-holder': 'a paper holder',
	'vertical-mouse': 'a vertical mouse or a touchpad, for a change',
	'power-strip': 'a power strip with a longer cable',
	'sit-stand-converter': 'a stand that raises keyboard and screen for standing'
};

/** Cautions, shown next to the risk. */
export const cautionTexts: Readonly<Record<ChecklistCaution, string>> = {
	'stable-stack':
		'Push the stack with your hand before anything goes on it. Widest at the bottom, nothing breakable in it.',
	'nobody-on-stack': 'For resting feet only. Never stand on a stack.',
	'no-castors': 'Nothing on castors under a stack.',
	'thin-padding': 'Thin padding only, or the seat rocks.',
	'never-under-screen': 'Never put anything soft under a screen.',
	electricity: 'One power strip to one wall socket. Keep cables out of walkways.',
	vents: 'Never wrap anything that has vents in cloth.',
	'half-hour': 'This is a compromise: half an hour at a time at most.',
	'stop-at-pain': 'Stop if it hurts. You should feel a stretch, never pain.',
	'standing-still': 'Standing still for long is as bad as sitting still.',
	'clinician-first':
		'Tingling that wakes you, stays, or comes with weakness: see a doctor. This guides; it doesn’t diagnose.',
	'fitted-chair':
		'Your chair is fitted to you. Leave cushion, back and footplates to the person who fitted it.'
};
