import type { FactCondition } from './fact-condition';

/** Seats with the feet on the floor or on something lying there. */
export const FEET_ON_FLOOR = { seat: ['chair', 'stool', 'ball'] } as const satisfies FactCondition;

/** Seats with a backrest. */
export const HAS_BACKREST = { seat: ['chair', 'wheelchair', 'sofa'] } as const satisfies FactCondition;

/** Everyone whose seat type does not imply that they stay seated. */
export const CAN_STAND_UP = {
	seat: ['none', 'chair', 'stool', 'ball', 'sofa', 'bed']
} as const satisfies FactCondition;

/** Where the surface is a table, a worktop or similar that can carry things. */
export const AT_A_TABLE = {
	seat: ['none', 'chair', 'stool', 'ball', 'wheelchair']
} as const satisfies FactCondition;

/** A wheelchair, which is fitted to its user. */
export const IN_A_WHEELCHAIR = { seat: ['wheelchair'] } as const satisfies FactCondition;

/** Seats made for leisure. */
export const ON_A_SOFT_SEAT = { seat: ['sofa', 'bed'] } as const satisfies FactCondition;

/** Sitting styles that use the backrest. */
export const USES_BACKREST = { way: ['upright', 'open', 'forearms-down'] } as const satisfies FactCondition;

/** Seats and styles where one sits all the way back. */
export const SITS_FULLY_BACK = {
	seat: ['chair'],
	backrest: ['yes'],
	...USES_BACKREST
} as const satisfies FactCondition;

/** Where the lumbar hollow is filled: not where rounding eases the back, nor where one sits at the front of the seat with the back free. */
export const LUMBAR_IS_SUPPORTED = {
	...USES_BACKREST,
	back: ['any', 'eased-by-arching']
} as const satisfies FactCondition;

/** Sitting styles with the keyboard close: with forearms resting on the table it is pushed back on purpose. */
export const KEYBOARD_IS_CLOSE = { way: ['upright', 'open', 'active'] } as const satisfies FactCondition;

/** A separate keyboard. */
export const OWN_KEYBOARD = { keys: ['separate'] } as const satisfies FactCondition;

/** Works with both hands. */
export const TWO_HANDS = { arms: ['both'] } as const satisfies FactCondition;

/** A separate mouse. */
export const OWN_MOUSE = { mouse: ['separate'] } as const satisfies FactCondition;

/** A separate mouse, and a second hand for it. */
export const OWN_MOUSE_TWO_HANDS = { ...OWN_MOUSE, ...TWO_HANDS } as const satisfies FactCondition;

/** A seat with armrests. */
export const WITH_ARMRESTS = { armrest: ['yes'] } as const satisfies FactCondition;

/** At a standing spot. */
export const AT_STANDING_SPOT = { posture: ['standing'] } as const satisfies FactCondition;

/** Lenses whose lower part is for reading. */
export const LOW_LENSES = { lenses: ['bifocal', 'progressive'] } as const satisfies FactCondition;
