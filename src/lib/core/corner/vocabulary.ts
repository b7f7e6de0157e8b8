/** Picks the body proportions of an estimate, and nothing else. */
export const SEXES = ['unstated', 'female', 'male'] as const;

/** A hand: the one that writes, or the one that uses the mouse. */
export const HANDS = ['right', 'left'] as const;

/** One of {@link HANDS}. */
export type Hand = (typeof HANDS)[number];

/** What the person looks through at the screen. */
export const LENSES = ['none', 'single-vision', 'bifocal', 'progressive', 'trifocal'] as const;

/** What the person looks through at the screen. */
export type Lenses = (typeof LENSES)[number];

/** Which movement relieves the back. */
export const BACK_RELIEF = ['any', 'eased-by-arching', 'eased-by-rounding'] as const;

/** Whether the wrists are troubled. */
export const WRISTS = ['well', 'troubled'] as const;

/** The arms that someone works with. */
export const WORKING_ARMS = ['both', 'right-only', 'left-only'] as const;

/** One of {@link WORKING_ARMS}. */
export type WorkingArms = (typeof WORKING_ARMS)[number];

/** What exercises and advice have to allow for, beside what hurts. */
export const PRECAUTIONS = ['pregnant', 'recent-surgery', 'dizzy', 'hypermobile'] as const;

/** One of {@link PRECAUTIONS}. */
export type Precaution = (typeof PRECAUTIONS)[number];

/** The schools a result can be judged by; see `guidance/sitting-styles.ts`. */
export const SITTING_STYLES = ['upright', 'open', 'forearms-down', 'active'] as const;

/** One of {@link SITTING_STYLES}. */
export type SittingStyle = (typeof SITTING_STYLES)[number];

/** Sitting or standing. */
export const POSTURES = ['sitting', 'standing'] as const;

/** What one sits on. A document of version 1 has no word for it and means a chair; version 2 doesn't know the last three. */
export const SEAT_KINDS = [
	'chair',
	'stool',
	'ball',
	'wheelchair',
	'sofa',
	'bed',
	'saddle',
	'kneeling',
	'floor'
] as const;

/** Those that a document of version 2 knows. */
export const SEAT_KINDS_OF_VERSION_2 = [
	'chair',
	'stool',
	'ball',
	'wheelchair',
	'sofa',
	'bed'
] as const satisfies readonly (typeof SEAT_KINDS)[number][];

/** One of {@link SEAT_KINDS}. */
export type SeatKind = (typeof SEAT_KINDS)[number];

/** What one works at. Up to version 2 it is a table. */
export const SURFACE_KINDS = ['table', 'desk', 'worktop', 'ironing-board', 'coffee-table'] as const;

/** One of {@link SURFACE_KINDS}. */
export type SurfaceKind = (typeof SURFACE_KINDS)[number];

/** How a length can be taken; it decides how sure the length is. */
export const MEASURING_METHODS = ['tape', 'paper-ruler', 'a4-sheets', 'card', 'hand-span', 'guess'] as const;

/** One of {@link MEASURING_METHODS}. */
export type MeasuringMethod = (typeof MEASURING_METHODS)[number];

/** The body lengths the checks use, measured barefoot. */
export const BODY_LENGTHS = [
	'popliteal',
	'sittingElbow',
	'sittingEye',
	'thigh',
	'buttockPopliteal',
	'standingElbow',
	'standingEye'
] as const;

/** One of {@link BODY_LENGTHS}. */
export type BodyLengthName = (typeof BODY_LENGTHS)[number];

/** Kinds of screen. */
export const SCREEN_KINDS = ['laptop', 'monitor'] as const;

/** A keyboard of its own, or the laptop's. */
export const KEYBOARD_KINDS = ['separate', 'built-in'] as const;

/** What points. */
export const MOUSE_KINDS = ['separate', 'touchpad'] as const;

/** The kinds of household stock that the plan knows how to use. */
export const HOUSEHOLD_KINDS = [
	'book',
	'ream',
	'binder',
	'board-game',
	'sturdy-box',
	'light-box',
	'step-stool',
	'pillow',
	'cushion',
	'towel',
	'blanket',
	'bolster'
] as const;

/** One of {@link HOUSEHOLD_KINDS}. */
export type HouseholdKind = (typeof HOUSEHOLD_KINDS)[number];
