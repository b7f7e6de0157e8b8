import {
	SITS_FULLY_BACK,
	AT_A_TABLE,
	FEET_ON_FLOOR,
	CAN_STAND_UP,
	IN_A_WHEELCHAIR,
	KEYBOARD_IS_CLOSE,
	HAS_BACKREST,
	ON_A_SOFT_SEAT,
	OWN_KEYBOARD,
	OWN_MOUSE,
	AT_STANDING_SPOT,
	WITH_ARMRESTS
} from '../../plan/conditions/fact-groups';
import { checklistItem, type ChecklistItem } from './item';
import { ITEMS_1 } from './items-1';

type Id1 = (typeof ITEMS_1)[number]['id'];

/** A question as version 1 asks it. */
function as1<I extends Id1>(id: I): Extract<(typeof ITEMS_1)[number], { readonly id: I }> {
	return ITEMS_1.find((one) => one.id === id) as Extract<(typeof ITEMS_1)[number], { readonly id: I }>;
}

const CHAIR = { seat: ['chair'] } as const;
const TWO_SCREENS = { 'item:screens': ['two'] } as const;

/** Direction of the window on a clock face with 12 straight ahead; only straight ahead and straight behind are wrong. */
const ON_THE_CLOCK = {
	none: null,
	'at-12': 'window-ahead',
	'at-1': null,
	'at-2': null,
	'at-3': null,
	'at-4': null,
	'at-5': null,
	'at-6': 'window-behind',
	'at-7': null,
	'at-8': null,
	'at-9': null,
	'at-10': null,
	'at-11': null
} as const;

/** The possible window directions, as hours. */
const WINDOW_CLOCK_HOURS = Object.keys(ON_THE_CLOCK).filter((hour) => hour !== 'none');

/**
 * The questions of version 2. The seat type comes from the workstation document, and questions depend on it; what is measured is not asked.
 * Common practice.
 */
export const ITEMS_2 = [
	checklistItem(
		'spot',
		'work-surface',
		{ table: null, worktop: null, 'low-table': null, lap: null, 'no-fixed-place': 'no-fixed-place' },
		{}
	),
	as1('walkway'),
	as1('socket'),
	as1('quiet'),
	checklistItem('spot', 'window-clock', ON_THE_CLOCK, AT_A_TABLE),
	checklistItem(
		'spot',
		'sun',
		{ never: null, 'at-some-hour': 'sun-on-screen' },
		{ 'item:window-clock': WINDOW_CLOCK_HOURS }
	),

	checklistItem(
		'feet',
		'whole-foot',
		{ 'both-flat': null, 'toes-only': 'feet-hanging', hanging: 'feet-hanging' },
		FEET_ON_FLOOR
	),
	checklistItem(
		'feet',
		'footplates',
		{ 'on-the-plates': null, 'slide-off': 'footplates-off' },
		IN_A_WHEELCHAIR
	),
	checklistItem(
		'feet',
		'behind-the-knee',
		{ 'two-fingers-to-a-fist': null, 'more-than-a-fist': null, touches: 'edge-behind-knee' },
		CHAIR
	),
	checklistItem(
		'feet',
		'crossed-legs',
		{ seldom: null, often: 'crossed-legs' },
		{ seat: ['chair', 'stool', 'ball', 'sofa'] }
	),
	checklistItem('feet', 'ball-hours', { 'an-hour-at-most': null, longer: 'ball-chair' }, { seat: ['ball'] }),

	checklistItem(
		'back',
		'all-the-way-back',
		{ 'all-the-way': null, 'front-of-the-seat': 'not-all-the-way-back' },
		SITS_FULLY_BACK
	),
	as1('shoulders'),
	as1('even'),
	checklistItem(
		'back',
		'neck-rest',
		{ upright: null, 'leans-back-held': null, 'leans-back-free': 'neck-unsupported' },
		HAS_BACKREST
	),

	checklistItem(
		'hands',
		'armrest-use',
		{ 'in-pauses': null, never: null, 'while-typing': 'armrest-while-typing' },
		WITH_ARMRESTS
	),
	checklistItem(
		'hands',
		'armrest-place',
		{ 'beside-the-body': null, 'out-to-the-side': 'armrest-too-wide' },
		WITH_ARMRESTS
	),
	as1('wrist'),
	as1('edge'),
	as1('keyboard-feet'),
	as1('palm-rest'),
	checklistItem(
		'hands',
		'keyboard-place',
		{ close: null, 'far-back': 'keyboard-far' },
		{ ...OWN_KEYBOARD, ...KEYBOARD_IS_CLOSE }
	),
	as1('eyes-on-keys'),
	checklistItem(
		'hands',
		'lap',
		{ 'would-work': null, 'would-not': null },
		{ ...OWN_KEYBOARD, seat: ['chair', 'stool'], armrest: ['no'] }
	),

	as1('mouse-place'),
	as1('mouse-level'),
	as1('mouse-drift'),
	checklistItem('mouse', 'side-table', { 'there-is-one': null, none: null }, { ...OWN_MOUSE, ...AT_A_TABLE }),
	as1('pointing-hand'),

	as1('laptop-hours'),
	checklistItem('screen', 'read-sitting-back', {
		easily: null,
		'lean-in': 'text-too-small',
		squint: 'text-too-small'
	}),
	as1('screens'),
	checklistItem(
		'screen',
		'second-kind',
		{ monitor: null, 'laptop-raised': null, 'laptop-flat': 'second-screen-low', tablet: 'second-screen-low' },
		TWO_SCREENS
	),
	checklistItem('screen', 'screen-share', { 'one-most': null, 'both-alike': null }, TWO_SCREENS),
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
		TWO_SCREENS
	),
	checklistItem('screen', 'turning', { 'whole-body': null, 'head-only': 'turns-head-only' }, TWO_SCREENS),
	as1('tilt'),
	as1('tips-head-back'),
	as1('reflections'),
	as1('brightness'),
	as1('eye-test'),

	as1('lamp'),
	as1('only-light'),
	as1('evening'),
	as1('papers'),

	as1('phone'),
	checklistItem(
		'sound',
		'phone-side',
		{ 'other-hand': null, 'writing-hand': 'phone-on-writing-side' },
		{ 'item:phone': ['headset-or-loudspeaker', 'between-ear-and-shoulder'] }
	),
	checklistItem(
		'sound',
		'ear',
		{ changes: null, 'always-the-same': 'always-one-ear' },
		{ 'item:phone': ['headset-or-loudspeaker', 'between-ear-and-shoulder'] }
	),
	as1('phone-reading'),
	as1('headphones'),

	as1('cables'),
	as1('strips'),
	as1('stacks'),
	as1('vents'),
	as1('wiped'),

	checklistItem(
		'second',
		'second-spot',
		{ yes: null, no: 'no-second-posture' },
		{ seat: ['none', 'chair', 'stool', 'ball'] }
	),
	as1('standing-time'),
	checklistItem(
		'second',
		'standing-legs',
		{
			even: null,
			'split-stance': null,
			'one-knee-on-a-stool': null,
			'one-leg': 'weight-on-one-leg',
			locked: 'knees-locked'
		},
		AT_STANDING_SPOT
	),

	checklistItem(
		'moving',
		'get-up',
		{ 'every-half-hour': null, 'every-hour': null, seldom: 'sits-long' },
		CAN_STAND_UP
	),
	checklistItem(
		'moving',
		'weight-shift',
		{ 'every-half-hour': null, seldom: 'stays-in-one-place' },
		IN_A_WHEELCHAIR
	),
	checklistItem(
		'moving',
		'soft-seat-hours',
		{ 'under-half-an-hour': null, longer: 'long-on-soft-seat' },
		ON_A_SOFT_SEAT
	),
	as1('far-look'),
	checklistItem(
		'moving',
		'calls',
		{ 'on-my-feet': null, 'no-calls': null, seated: 'calls-seated' },
		CAN_STAND_UP
	),
	as1('signal')
] as const satisfies readonly ChecklistItem[];
