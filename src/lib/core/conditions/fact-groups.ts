import type { FactCondition } from './fact-condition';

/** Seats whose feet stand on the floor or on what lies there. */
export const FEET_ON_FLOOR = { seat: ['chair', 'stool', 'ball'] } as const satisfies FactCondition;

/** Seats with something to lean on. */
export const HAS_BACKREST = { seat: ['chair', 'wheelchair', 'sofa'] } as const satisfies FactCondition;

/** Everybody whose seat does not say that they stay in it. */
export const CAN_STAND_UP = {
	seat: ['none', 'chair', 'stool', 'ball', 'sofa', 'bed']
} as const satisfies FactCondition;

/** Where the surface is a table, a worktop or the like, and something may stand on it. */
export const AT_A_TABLE = {
	seat: ['none', 'chair', 'stool', 'ball', 'wheelchair']
} as const satisfies FactCondition;

/** A wheelchair, which is fitted to who sits in it. */
export const IN_A_WHEELCHAIR = { seat: ['wheelchair'] } as const satisfies FactCondition;

/** Seats that are for leisure. */
export const ON_A_SOFT_SEAT = { seat: ['sofa', 'bed'] } as const satisfies FactCondition;

/** Ways of sitting that lean on the backrest. */
export const USES_BACKREST = { way: ['upright', 'open', 'forearms-down'] } as const satisfies FactCondition;

/** Where one sits all the way back. */
export const SITS_FULLY_BACK = {
	seat: ['chair'],
	backrest: ['yes'],
	...USES_BACKREST
} as const satisfies FactCondition;

/** Where the hollow of the low back is filled: not where rounding eases the back, nor where one sits at the seat's front with the back free. */
export const LUMBAR_IS_SUPPORTED = {
	...USES_BACKREST,
	back: ['any', 'eased-by-arching']
} as const satisfies FactCondition;

/** Ways that have the keyboard close: with the forearms carried by the table it is pushed back on purpose. */
export const KEYBOARD_IS_CLOSE = { way: ['upright', 'open', 'active'] } as const satisfies FactCondition;

/** A keyboard of its own. */
export const OWN_KEYBOARD = { keys: ['separate'] } as const satisfies FactCondition;

/** Both hands to work with. */
export const TWO_HANDS = { arms: ['both'] } as const satisfies FactCondition;

/** A mouse of its own. */
export const OWN_MOUSE = { mouse: ['separate'] } as const satisfies FactCondition;

/** A mouse of its own, and a second hand for it. */
export const OWN_MOUSE_TWO_HANDS = { ...OWN_MOUSE, ...TWO_HANDS } as const satisfies FactCondition;

/** A seat with armrests. */
export const WITH_ARMRESTS = { armrest: ['yes'] } as const satisfies FactCondition;

/** At a standing spot. */
export const AT_STANDING_SPOT = { posture: ['standing'] } as const satisfies FactCondition;

/** Lenses that are read through at their lower part. */
export const LOW_LENSES = { lenses: ['bifocal', 'progressive'] } as const satisfies FactCondition;
