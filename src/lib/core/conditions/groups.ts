import type { Holds } from './holds';

/** Seats whose feet stand on the floor or on what lies there. */
export const FEET_DOWN = { seat: ['chair', 'stool', 'ball'] } as const satisfies Holds;

/** Seats with something to lean on. */
export const LEANING = { seat: ['chair', 'wheelchair', 'sofa'] } as const satisfies Holds;

/** Everybody whose seat does not say that they stay in it. */
export const GETS_UP = { seat: ['none', 'chair', 'stool', 'ball', 'sofa', 'bed'] } as const satisfies Holds;

/** Where the surface is a table, a worktop or the like, and something may stand on it. */
export const AT_A_TABLE = { seat: ['none', 'chair', 'stool', 'ball', 'wheelchair'] } as const satisfies Holds;

/** A wheelchair, which is fitted to who sits in it. */
export const IN_A_WHEELCHAIR = { seat: ['wheelchair'] } as const satisfies Holds;

/** Seats that are for leisure. */
export const ON_A_SOFT_SEAT = { seat: ['sofa', 'bed'] } as const satisfies Holds;

/** Ways of sitting that lean on the backrest. */
export const BACK_IS_USED = { way: ['upright', 'open', 'forearms-down'] } as const satisfies Holds;

/** Where one sits all the way back. */
export const ALL_THE_WAY_BACK = {
	seat: ['chair'],
	backrest: ['yes'],
	...BACK_IS_USED
} as const satisfies Holds;

/** Where the hollow of the low back is filled: not where rounding eases the back, nor where one sits at the seat's front with the back free. */
export const HOLLOW_IS_FILLED = {
	...BACK_IS_USED,
	back: ['any', 'eased-by-arching']
} as const satisfies Holds;

/** Ways that have the keyboard close: with the forearms carried by the table it is pushed back on purpose. */
export const KEYS_ARE_CLOSE = { way: ['upright', 'open', 'active'] } as const satisfies Holds;

/** A keyboard of its own. */
export const OWN_KEYBOARD = { keys: ['separate'] } as const satisfies Holds;

/** Both hands to work with. */
export const TWO_HANDS = { arms: ['both'] } as const satisfies Holds;

/** A mouse of its own. */
export const OWN_MOUSE = { mouse: ['separate'] } as const satisfies Holds;

/** A mouse of its own, and a second hand for it. */
export const OWN_MOUSE_TWO_HANDS = { ...OWN_MOUSE, ...TWO_HANDS } as const satisfies Holds;

/** A seat with armrests. */
export const WITH_ARMRESTS = { armrest: ['yes'] } as const satisfies Holds;

/** At a standing spot. */
export const STANDING = { posture: ['standing'] } as const satisfies Holds;

/** Lenses that are read through at their lower part. */
export const LOW_LENSES = { lenses: ['bifocal', 'progressive'] } as const satisfies Holds;
