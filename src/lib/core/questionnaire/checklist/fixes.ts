import {
	SITS_FULLY_BACK,
	AT_A_TABLE,
	FEET_ON_FLOOR,
	CAN_STAND_UP,
	LUMBAR_IS_SUPPORTED,
	IN_A_WHEELCHAIR,
	HAS_BACKREST,
	LOW_LENSES,
	OWN_KEYBOARD,
	OWN_MOUSE,
	OWN_MOUSE_TWO_HANDS,
	AT_STANDING_SPOT,
	TWO_HANDS,
	WITH_ARMRESTS
} from '../../plan/conditions/fact-groups';
import type { Adjustment } from '../../plan/conditions/adjustments';
import type { FactCondition } from '../../plan/conditions/fact-condition';

/** Whom a fix suits, and its adjustment, as far as another could undo it. */
export interface FixRule {
	readonly holds: FactCondition;
	readonly act: Adjustment | null;
}

const fix = (holds: FactCondition = {}, act: Adjustment | null = null): FixRule => ({ holds, act });

/** What can be done with household items; the wording is in the message catalogue. Common practice. */
export const HOUSEHOLD_FIXES = {
	'move-to-table': fix(),
	'turn-out-of-walkway': fix(),
	'move-near-socket': fix(),
	'quieter-room': fix(),
	'screen-over-the-edge': fix(AT_A_TABLE, 'screen-away'),
	'stack-under-feet': fix(FEET_ON_FLOOR, 'raise-feet'),
	'fill-behind-back': fix({ seat: ['chair'], backrest: ['yes'] }),
	'sit-all-the-way-back': fix(SITS_FULLY_BACK),
	'get-up': fix(CAN_STAND_UP),
	'middle-of-the-ball': fix(),
	'rolled-towel': fix({ seat: ['chair'], backrest: ['yes'], ...LUMBAR_IS_SUPPORTED }),
	'jacket-with-pocket': fix({ seat: ['chair'], backrest: ['yes'], ...LUMBAR_IS_SUPPORTED }),
	'chair-with-a-back': fix(),
	'shoulders-down': fix(),
	'sit-in-the-middle': fix(),
	'roll-behind-neck': fix(HAS_BACKREST),
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
	'standing-spot': fix(CAN_STAND_UP),
	'change-over': fix(CAN_STAND_UP),
	'split-stance': fix(AT_STANDING_SPOT),
	'break-plan': fix(),
	'look-far': fix(),
	'walk-calls': fix(CAN_STAND_UP),
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
	'soften-knees': fix(AT_STANDING_SPOT),
	'knee-on-a-stool': fix(AT_STANDING_SPOT),
	'shift-weight': fix(IN_A_WHEELCHAIR)
} as const satisfies Record<string, FixRule>;

/** Id of a household fix. */
export type HouseholdFix = keyof typeof HOUSEHOLD_FIXES;

/** Every household fix. */
export const HOUSEHOLD_FIX_IDS = Object.keys(HOUSEHOLD_FIXES) as readonly HouseholdFix[];

/** Whom a fix suits, and its adjustment. */
export function fixRule(id: HouseholdFix): FixRule {
	return HOUSEHOLD_FIXES[id];
}

/** Whom an item to buy helps. */
const SHOP_HOLDS: Readonly<Partial<Record<PurchaseFix, FactCondition>>> = {
	footrest: FEET_ON_FLOOR,
	'foot-bar': FEET_ON_FLOOR,
	'seat-cushion': FEET_ON_FLOOR,
	chair: FEET_ON_FLOOR,
	'keyboard-and-mouse': { keys: ['built-in'] },
	'vertical-mouse': OWN_MOUSE,
	'sit-stand-converter': CAN_STAND_UP
};

/** Whether something to borrow or buy is of any use. */
export function isPurchaseUseful(thing: PurchaseFix): FactCondition {
	return SHOP_HOLDS[thing] ?? {};
}

/** What is borrowed from friends or the office before it is bought. */
export const PURCHASE_FIXES = [
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

/** One of {@link PURCHASE_FIXES}. */
export type PurchaseFix = (typeof PURCHASE_FIXES)[number];

/** What to be careful about. */
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
