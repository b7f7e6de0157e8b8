import {
	ALL_THE_WAY_BACK,
	AT_A_TABLE,
	FEET_DOWN,
	GETS_UP,
	HOLLOW_IS_FILLED,
	IN_A_WHEELCHAIR,
	LEANING,
	LOW_LENSES,
	OWN_KEYBOARD,
	OWN_MOUSE,
	OWN_MOUSE_TWO_HANDS,
	STANDING,
	TWO_HANDS,
	WITH_ARMRESTS,
	type Act,
	type Holds
} from '../conditions';

/** Where a fix holds, and the act that it is, as far as another could undo it. */
export interface FixRule {
	readonly holds: Holds;
	readonly act: Act | null;
}

const fix = (holds: Holds = {}, act: Act | null = null): FixRule => ({ holds, act });

/** What can be done at home, with what is there; the words are the catalogue's. Common practice. */
export const HOUSEHOLD_FIXES = {
	'move-to-table': fix(),
	'turn-out-of-walkway': fix(),
	'move-near-socket': fix(),
	'quieter-room': fix(),
	'screen-over-the-edge': fix(AT_A_TABLE, 'screen-away'),
	'stack-under-feet': fix(FEET_DOWN, 'raise-feet'),
	'fill-behind-back': fix({ seat: ['chair'], backrest: ['yes'] }),
	'sit-all-the-way-back': fix(ALL_THE_WAY_BACK),
	'get-up': fix(GETS_UP),
	'middle-of-the-ball': fix(),
	'rolled-towel': fix({ seat: ['chair'], backrest: ['yes'], ...HOLLOW_IS_FILLED }),
	'jacket-with-pocket': fix({ seat: ['chair'], backrest: ['yes'], ...HOLLOW_IS_FILLED }),
	'chair-with-a-back': fix(),
	'shoulders-down': fix(),
	'sit-in-the-middle': fix(),
	'roll-behind-neck': fix(LEANING),
	'keyboard-feet-in': fix(OWN_KEYBOARD),
	'towel-over-edge': fix(),
	'rest-in-pauses': fix(),
	'take-armrests-off': fix({ ...WITH_ARMRESTS, seat: ['chair'] }),
	'ask-the-fitter': fix(IN_A_WHEELCHAIR),
	'table-over-armrests': fix({ ...WITH_ARMRESTS, seat: ['wheelchair'] }),
	'pad-armrest': fix(WITH_ARMRESTS),
	'light-on-keys': fix(),
	'mouse-beside-keyboard': fix(OWN_MOUSE),
	'tape-a-square': fix(OWN_MOUSE),
	'stack-under-mouse': fix(OWN_MOUSE),
	'change-mouse-hand': fix(OWN_MOUSE_TWO_HANDS),
	'half-height-half-hour': fix({ keys: ['built-in'] }),
	'enlarge-text': fix(),
	'screen-straight-ahead': fix(),
	'turn-with-the-body': fix(),
	'tilt-screen': fix(),
	'lower-and-lean-back': fix(LOW_LENSES, 'lower-screen'),
	'turn-desk': fix(),
	'draw-curtain': fix(),
	'match-brightness': fix(),
	'lamp-other-side': fix(),
	'light-the-room': fix(),
	'warmer-in-the-evening': fix(),
	'turn-draught-away': fix(),
	'paper-stand': fix(),
	loudspeaker: fix(),
	'raise-the-phone': fix(),
	'headphones-over-ears': fix(),
	'cables-to-the-wall': fix(),
	'one-strip-one-socket': fix(),
	'rebuild-wider': fix(),
	'vents-free': fix(),
	'wipe-keys': fix(),
	'standing-spot': fix(GETS_UP),
	'change-over': fix(GETS_UP),
	'split-stance': fix(STANDING),
	'break-plan': fix(),
	'look-far': fix(),
	'walk-calls': fix(GETS_UP),
	'move-before-it-hurts': fix(),
	optician: fix(),
	'one-fixed-spot': fix(),
	'half-hour-on-soft-seat': fix(),
	'back-on-the-plates': fix(IN_A_WHEELCHAIR),
	'armrests-in': fix(WITH_ARMRESTS),
	'keys-nearer': fix(OWN_KEYBOARD),
	'move-screen-away': fix(OWN_KEYBOARD, 'screen-away'),
	'move-screen-nearer': fix(OWN_KEYBOARD, 'screen-nearer'),
	'raise-second-screen': fix(),
	'phone-on-other-side': fix(TWO_HANDS),
	'change-ears': fix(),
	'soften-knees': fix(STANDING),
	'knee-on-a-stool': fix(STANDING),
	'shift-weight': fix(IN_A_WHEELCHAIR)
} as const satisfies Record<string, FixRule>;

/** Name of something that can be done at home. */
export type HouseholdFix = keyof typeof HOUSEHOLD_FIXES;

/** Where a fix holds, and the act that it is. */
export function fixRule(id: HouseholdFix): FixRule {
	return HOUSEHOLD_FIXES[id];
}

/** Where a thing is any use. */
const SHOP_HOLDS: Readonly<Partial<Record<ShopFix, Holds>>> = {
	footrest: FEET_DOWN,
	'foot-bar': FEET_DOWN,
	'seat-cushion': FEET_DOWN,
	chair: FEET_DOWN,
	'keyboard-and-mouse': { keys: ['built-in'] },
	'vertical-mouse': OWN_MOUSE,
	'sit-stand-converter': GETS_UP
};

/** Where something to borrow or buy is any use. */
export function shopHolds(thing: ShopFix): Holds {
	return SHOP_HOLDS[thing] ?? {};
}

/** What is borrowed from friends or the office before it is bought. */
export const SHOP_FIXES = [
	'keyboard-and-mouse',
	'footrest',
	'foot-bar',
	'seat-cushion',
	'monitor',
	'another-surface',
	'chair',
	'headset',
	'desk-lamp',
	'paper-holder',
	'vertical-mouse',
	'power-strip',
	'sit-stand-converter'
] as const;

/** One of {@link SHOP_FIXES}. */
export type ShopFix = (typeof SHOP_FIXES)[number];

/** What has to be watched where the risk is. */
export type ChecklistCaution =
	| 'stable-stack'
	| 'nobody-on-stack'
	| 'no-castors'
	| 'thin-padding'
	| 'never-under-screen'
	| 'electricity'
	| 'vents'
	| 'half-hour'
	| 'stop-at-pain'
	| 'standing-still'
	| 'clinician-first'
	| 'fitted-chair';
