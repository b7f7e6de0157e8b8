import { checklistItem, type ChecklistItem } from './item';

const SITTING = { posture: ['sitting'] } as const;
const STANDING = { posture: ['standing'] } as const;
const OWN_KEYBOARD = { keys: ['separate'] } as const;
const OWN_MOUSE = { mouse: ['separate'] } as const;

/**
 * The questions of version 1, station by station from the floor up. Heights, depths and distances are not asked: they come from the
 * workstation document. Common practice.
 */
export const ITEMS_1 = [
	checklistItem('spot', 'place', {
		table: null,
		worktop: null,
		'bed-or-sofa': 'bed-or-sofa',
		wherever: 'bed-or-sofa'
	}),
	checklistItem('spot', 'walkway', { 'out-of-the-way': null, 'people-pass': 'on-walkway' }),
	checklistItem('spot', 'socket', { 'in-reach': null, 'across-the-room': 'far-from-socket' }),
	checklistItem('spot', 'quiet', { quiet: null, 'often-disturbed': 'noisy' }),
	checklistItem('spot', 'window', {
		side: null,
		none: null,
		ahead: 'window-ahead',
		behind: 'window-behind'
	}),

	checklistItem(
		'spot',
		'sun',
		{ never: null, 'at-some-hour': 'sun-on-screen' },
		{ 'item:window': ['side', 'ahead', 'behind'] }
	),

	checklistItem('feet', 'chair', { chair: null, stool: 'no-backrest', ball: 'ball-chair' }, SITTING),
	checklistItem(
		'feet',
		'whole-foot',
		{ 'both-flat': null, 'toes-only': 'feet-hanging', hanging: 'feet-hanging' },
		SITTING
	),
	checklistItem(
		'feet',
		'behind-the-knee',
		{ 'two-fingers-to-a-fist': null, 'more-than-a-fist': null, touches: 'edge-behind-knee' },
		SITTING
	),
	checklistItem('feet', 'crossed-legs', { seldom: null, often: 'crossed-legs' }, SITTING),

	checklistItem(
		'back',
		'all-the-way-back',
		{ 'all-the-way': null, 'front-of-the-seat': 'not-all-the-way-back' },
		{ ...SITTING, backrest: ['yes'] }
	),
	checklistItem('back', 'shoulders', {
		'down-and-open': null,
		'rolled-forward': 'shoulders-rolled',
		raised: 'shoulders-raised'
	}),
	checklistItem('back', 'even', { even: null, 'one-side': 'leans-to-one-side' }),
	checklistItem(
		'back',
		'neck-rest',
		{ upright: null, 'leans-back-held': null, 'leans-back-free': 'neck-unsupported' },
		SITTING
	),

	checklistItem(
		'hands',
		'armrest-use',
		{ 'in-pauses': null, never: null, 'while-typing': 'armrest-while-typing' },
		{ ...SITTING, armrest: ['yes'] }
	),
	checklistItem('hands', 'wrist', {
		straight: null,
		'a-little-down': null,
		up: 'wrist-bent-up',
		sideways: 'wrist-bent-sideways'
	}),
	checklistItem('hands', 'edge', { nothing: null, presses: 'hard-edge' }),
	checklistItem(
		'hands',
		'keyboard-feet',
		{ 'folded-in': null, none: null, out: 'keyboard-feet-out' },
		OWN_KEYBOARD
	),
	checklistItem('hands', 'palm-rest', {
		none: null,
		'in-pauses': null,
		'while-typing': 'palm-rest-while-typing'
	}),
	checklistItem('hands', 'keyboard-place', { close: null, 'far-back': 'keyboard-far' }, OWN_KEYBOARD),
	checklistItem('hands', 'eyes-on-keys', { 'on-the-screen': null, 'on-the-keys': 'looks-at-keys' }),

	checklistItem('mouse', 'mouse-place', { 'beside-the-keys': null, 'arm-stretched': 'mouse-far' }, OWN_MOUSE),
	checklistItem(
		'mouse',
		'mouse-level',
		{ 'same-level': null, 'other-level': 'mouse-other-level' },
		OWN_MOUSE
	),
	checklistItem('mouse', 'mouse-drift', { stays: null, drifts: 'mouse-drifts' }, OWN_MOUSE),
	checklistItem('mouse', 'pointing-hand', { fresh: null, tired: 'mouse-hand-tired' }),

	checklistItem(
		'screen',
		'laptop-hours',
		{ 'under-half-an-hour': null, longer: 'laptop-alone' },
		{ keys: ['built-in'] }
	),
	checklistItem('screen', 'lean-in', { seldom: null, often: 'text-too-small' }),
	checklistItem('screen', 'screens', { one: null, two: null }),
	checklistItem(
		'screen',
		'ahead',
		{ straight: null, 'to-one-side': 'screen-not-ahead' },
		{ 'item:screens': ['one'] }
	),
	checklistItem(
		'screen',
		'main-screen',
		{ 'main-ahead': null, 'both-alike-seam-ahead': null, 'main-to-one-side': 'second-screen-aside' },
		{ 'item:screens': ['two'] }
	),
	checklistItem('screen', 'tilt', { 'square-to-the-eye': null, 'leans-away-or-down': 'screen-tilt' }),
	checklistItem(
		'screen',
		'tips-head-back',
		{ no: null, yes: 'head-tips-back' },
		{ lenses: ['bifocal', 'progressive', 'trifocal'] }
	),
	checklistItem('screen', 'reflections', { none: null, some: 'glare' }),
	checklistItem('screen', 'brightness', {
		'like-the-room': null,
		'lamp-bright': 'brightness',
		'too-dim': 'brightness'
	}),
	checklistItem('screen', 'eye-test', { 'two-years': null, longer: 'eyes-untested' }),

	checklistItem('light', 'lamp', { 'other-side': null, 'no-paper-work': null, 'writing-side': 'lamp-side' }),
	checklistItem('light', 'only-light', { no: null, yes: 'screen-is-only-light' }),
	checklistItem('light', 'evening', { warm: null, 'no-evenings': null, cold: 'cold-evening-light' }),
	checklistItem('light', 'papers', { 'on-a-stand': null, 'no-papers': null, flat: 'papers-flat' }),

	checklistItem('sound', 'phone', {
		'headset-or-loudspeaker': null,
		seldom: null,
		'between-ear-and-shoulder': 'phone-at-shoulder'
	}),
	checklistItem('sound', 'phone-reading', {
		'at-eye-height': null,
		seldom: null,
		'in-the-lap': 'phone-in-lap'
	}),
	checklistItem('sound', 'headphones', {
		'over-the-ear': null,
		none: null,
		'in-the-ear': 'headphones-in-ear'
	}),

	checklistItem('safety', 'cables', { 'out-of-the-way': null, 'at-the-feet': 'cables-in-the-way' }),
	checklistItem('safety', 'strips', { 'into-the-wall': null, none: null, 'into-another': 'chained-strips' }),
	checklistItem('safety', 'stacks', { none: null, firm: null, wobble: 'stack-wobbles' }),
	checklistItem('safety', 'vents', { free: null, covered: 'vents-covered' }, { screen: ['laptop'] }),
	checklistItem('safety', 'wiped', { 'this-month': null, 'long-ago': 'unwiped-keys' }),

	checklistItem('second', 'second-spot', { yes: null, no: 'no-second-posture' }),
	checklistItem('second', 'standing-time', { 'in-turns': null, 'all-day': 'stands-still' }, STANDING),
	checklistItem('second', 'standing-weight', { even: null, 'one-leg': 'weight-on-one-leg' }, STANDING),

	checklistItem('moving', 'get-up', { 'every-half-hour': null, 'every-hour': null, seldom: 'sits-long' }),
	checklistItem('moving', 'far-look', { often: null, seldom: 'no-far-look' }),
	checklistItem('moving', 'calls', { 'on-my-feet': null, 'no-calls': null, seated: 'calls-seated' }),
	checklistItem('moving', 'signal', { 'by-plan': null, 'when-it-hurts': 'waits-for-pain' })
] as const satisfies readonly ChecklistItem[];
