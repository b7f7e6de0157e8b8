/** Selects the body proportions for estimates, and nothing else. */
export const SEXES = ['unstated', 'female', 'male'] as const;

/** A hand: for writing, or for the mouse. */
export const HANDS = ['right', 'left'] as const;

/** One of {@link HANDS}. */
export type Hand = (typeof HANDS)[number];

/** Which lenses the person uses for the screen. */
export const LENSES = ['none', 'single-vision', 'bifocal', 'progressive', 'trifocal'] as const;

/** Which lenses the person uses for the screen. */
export type Lenses = (typeof LENSES)[number];

/** Which movement eases the back. */
export const BACK_RELIEF = ['any', 'eased-by-arching', 'eased-by-rounding'] as const;

/** Whether the wrists hurt. */
export const WRISTS = ['well', 'troubled'] as const;

/** The arms someone works with. */
export const WORKING_ARMS = ['both', 'right-only', 'left-only'] as const;

/** One of {@link WORKING_ARMS}. */
export type WorkingArms = (typeof WORKING_ARMS)[number];

/** What exercises and advice must respect besides discomfort. */
export const PRECAUTIONS = ['pregnant', 'recent-surgery', 'dizzy', 'hypermobile'] as const;

/** One of {@link PRECAUTIONS}. */
export type Precaution = (typeof PRECAUTIONS)[number];

/** The sitting styles by which a workstation can be assessed; see `guidance/sitting-styles.ts`. */
export const SITTING_STYLES = ['upright', 'open', 'forearms-down', 'active'] as const;

/** One of {@link SITTING_STYLES}. */
export type SittingStyle = (typeof SITTING_STYLES)[number];

/** Sitting or standing. */
export const POSTURES = ['sitting', 'standing'] as const;

/** Seat types. Version 1 documents don't name one and mean a chair; version 2 does not know the last three. */
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

/** Seat types of version 2 documents. */
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

/** Kinds of work surface. Up to version 2 it is a table. */
export const SURFACE_KINDS = ['table', 'desk', 'worktop', 'ironing-board', 'coffee-table'] as const;

/** One of {@link SURFACE_KINDS}. */
export type SurfaceKind = (typeof SURFACE_KINDS)[number];

/** Ways of measuring a length, which decide its uncertainty. */
export const MEASURING_METHODS = ['tape', 'paper-ruler', 'a4-sheets', 'card', 'hand-span', 'guess'] as const;

/** One of {@link MEASURING_METHODS}. */
export type MeasuringMethod = (typeof MEASURING_METHODS)[number];

/** Ways of measuring a body length: also from a picture taken from the side, which has its own uncertainty. */
export const BODY_MEASURING_METHODS = [...MEASURING_METHODS, 'photo'] as const;

/** One of {@link BODY_MEASURING_METHODS}. */
export type BodyMeasuringMethod = (typeof BODY_MEASURING_METHODS)[number];

/** Body lengths that the checks use, measured barefoot. */
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

/** A separate keyboard, or the laptop's. */
export const KEYBOARD_KINDS = ['separate', 'built-in'] as const;

/** Kinds of pointing device. */
export const MOUSE_KINDS = ['separate', 'touchpad'] as const;

/** Kinds of household items that plans can use. */
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
