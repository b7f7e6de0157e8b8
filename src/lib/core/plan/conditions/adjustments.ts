/** Adjustments that another one could undo. */
const ADJUSTMENTS = [
	'raise-seat',
	'lower-seat',
	'raise-feet',
	'lower-feet',
	'raise-surface',
	'lower-surface',
	'raise-keys',
	'lower-keys',
	'raise-screen',
	'lower-screen',
	'screen-away',
	'screen-nearer'
] as const;

/** One of {@link ADJUSTMENTS}. */
export type Adjustment = (typeof ADJUSTMENTS)[number];

/** Pairs that undo each other. */
const OPPOSITES: readonly (readonly [Adjustment, Adjustment])[] = [
	['raise-seat', 'lower-seat'],
	['raise-feet', 'lower-feet'],
	['raise-surface', 'lower-surface'],
	['raise-keys', 'lower-keys'],
	['raise-screen', 'lower-screen'],
	['screen-away', 'screen-nearer']
];

/** Whether two adjustments undo each other. */
export function conflictsWith(a: Adjustment, b: Adjustment): boolean {
	return OPPOSITES.some(([x, y]) => (a === x && b === y) || (a === y && b === x));
}
