import { item, type ChecklistItem } from './item';

const SITTING = { posture: ['sitting'] } as const;
const STANDING = { posture: ['standing'] } as const;
const OWN_KEYBOARD = { keys: ['separate'] } as const;
const OWN_MOUSE = { mouse: ['separate'] } as const;

/**
 * The questions of version 1, station by station from the floor up. What is measured is not asked: heights, depths and
 * distances come from the corner document. Common practice.
 */
export const ITEMS_1 = [
	item('spot', 'place', {
		table: null,
		worktop: null,
		'bed-or-sofa': 'bed-or-sofa',
		wherever: 'bed-or-sofa'
	}),
	item('spot', 'walkway', { 'out-of-the-way': null, 'people-pass': 'on-walkway' }),
	item('spot', 'socket', { 'in-reach': null, 'across-the-room': 'far-from-socket' }),
	item('spot', 'quiet', { quiet: null, 'often-disturbed': 'noisy' }),
	item('spot', 'window', {
		side: null,
		none: null,
		ahead: 'window-ahead',
		behind: 'window-behind'
	}),

	item(
		'spot',
		'sun',
		{ never: null, 'at-some-hour': 'sun-on-screen' },
		{ 'item:window': ['side', 'ahead', 'behind'] }
	),

	item('feet', 'chair', { chair: null, stool: 'no-backrest', ball: 'ball-chair' }, SITTING),
	item(
		'feet',
		'whole-foot',
		{ 'both-flat': null, 'toes-only': 'feet-hanging', hanging: 'feet-hanging' },
		SITTING
	),
	item(
		'feet',
		'behind-the-knee',
		{ 'two-fingers-to-a-fist': null, 'more-than-a-fist': null, touches: 'edge-behind-knee' },
		SITTING
	),
	item('feet', 'crossed-legs', { seldom: null, often: 'crossed-legs' }, SITTING),

	item(
		'back',
		'all-the-way-back',
		{ 'all-the-way': null, 'front-of-the-seat': 'not-all-the-way-back' },
		{ ...SITTING, backrest: ['yes'] }
	),
	item('back', 'shoulders', {
		'down-and-open': null,
		'rolled-forward': 'shoulders-rolled',
		raised: 'shoulders-raised'
	}),
	item('back', 'even', { even: null, 'one-side': 'leans-to-one-side' }),
	item(
		'back',
		'neck-rest',
		{ upright: null, 'leans-back-held': null, 'leans-back-free': 'neck-unsupported' },
		SITTING
	),

	item(
		'hands',
		'armrest-use',
		{ 'in-pauses': null, never: null, 'while-typing': 'armrest-while-typing' },
		{ ...SITTING, armrest: ['yes'] }
	),
	item('hands', 'wrist', {
		straight: null,
		'a-little-down': null,
		up: 'wrist-bent-up',
		sideways: 'wrist-bent-sideways'
	}),
	item('hands', 'edge', { nothing: null, presses: 'hard-edge' }),
	item('hands', 'keyboard-feet', { 'folded-in': null, none: null, out: 'keyboard-feet-out' }, OWN_KEYBOARD),
	item('hands', 'palm-rest', { none: null, 'in-pauses': null, 'while-typing': 'palm-rest-while-typing' }),
	item('hands', 'keyboard-place', { close: null, 'far-back': 'keyboard-far' }, OWN_KEYBOARD),
	item('hands', 'eyes-on-keys', { 'on-the-screen': null, 'on-the-keys': 'looks-at-keys' }),

	item('mouse', 'mouse-place', { 'beside-the-keys': null, 'arm-stretched': 'mouse-far' }, OWN_MOUSE),
	item('mouse', 'mouse-level', { 'same-level': null, 'other-level': 'mouse-other-level' }, OWN_MOUSE),
	item('mouse', 'mouse-drift', { stays: null, drifts: 'mouse-drifts' }, OWN_MOUSE),
	item('mouse', 'pointing-hand', { fresh: null, tired: 'mouse-hand-tired' }),

	item(
		'screen',
		'laptop-hours',
		{ 'under-half-an-hour': null, longer: 'laptop-alone' },
		{ keys: ['built-in'] }
	),
	item('screen', 'lean-in', { seldom: null, often: 'text-too-small' }),
	item('screen', 'screens', { one: null, two: null }),
	item('screen', 'ahead', { straight: null, 'to-one-side': 'screen-not-ahead' }, { 'item:screens': ['one'] }),
	item(
		'screen',
		'main-screen',
		{ 'main-ahead': null, 'both-alike-seam-ahead': null, 'main-to-one-side': 'second-screen-aside' },
		{ 'item:screens': ['two'] }
	),
	item('screen', 'tilt', { 'square-to-the-eye': null, 'leans-away-or-down': 'screen-tilt' }),
	item(
		'screen',
		'tips-head-back',
		{ no: null, yes: 'head-tips-back' },
		{ lenses: ['bifocal', 'progressive', 'trifocal'] }
	),
	item('screen', 'reflections', { none: null, some: 'glare' }),
	item('screen', 'brightness', {
		'like-the-room': null,
		'lamp-bright': 'brightness',
		'too-dim': 'brightness'
	}),
	item('screen', 'eye-test', { 'two-years': null, longer: 'eyes-untested' }),

	item('light', 'lamp', { 'other-side': null, 'no-paper-work': null, 'writing-side': 'lamp-side' }),
	item('light', 'only-light', { no: null, yes: 'screen-is-only-light' }),
	item('light', 'evening', { warm: null, 'no-evenings': null, cold: 'cold-evening-light' }),
	item('light', 'papers', { 'on-a-stand': null, 'no-papers': null, flat: 'papers-flat' }),

	item('sound', 'phone', {
		'headset-or-loudspeaker': null,
		seldom: null,
		'between-ear-and-shoulder': 'phone-at-shoulder'
	}),
	item('sound', 'phone-reading', { 'at-eye-height': null, seldom: null, 'in-the-lap': 'phone-in-lap' }),
	item('sound', 'headphones', { 'over-the-ear': null, none: null, 'in-the-ear': 'headphones-in-ear' }),

	item('safety', 'cables', { 'out-of-the-way': null, 'at-the-feet': 'cables-in-the-way' }),
	item('safety', 'strips', { 'into-the-wall': null, none: null, 'into-another': 'chained-strips' }),
	item('safety', 'stacks', { none: null, firm: null, wobble: 'stack-wobbles' }),
	item('safety', 'vents', { free: null, covered: 'vents-covered' }, { screen: ['laptop'] }),
	item('safety', 'wiped', { 'this-month': null, 'long-ago': 'unwiped-keys' }),

	item('second', 'second-spot', { yes: null, no: 'no-second-posture' }),
	item('second', 'standing-time', { 'in-turns': null, 'all-day': 'stands-still' }, STANDING),
	item('second', 'standing-weight', { even: null, 'one-leg': 'weight-on-one-leg' }, STANDING),

	item('moving', 'get-up', { 'every-half-hour': null, 'every-hour': null, seldom: 'sits-long' }),
	item('moving', 'far-look', { often: null, seldom: 'no-far-look' }),
	item('moving', 'calls', { 'on-my-feet': null, 'no-calls': null, seated: 'calls-seated' }),
	item('moving', 'signal', { 'by-plan': null, 'when-it-hurts': 'waits-for-pain' })
] as const satisfies readonly ChecklistItem[];
