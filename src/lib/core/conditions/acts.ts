/** Acts that another act could undo. */
export const ACTS = [
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

/** One of {@link ACTS}. */
export type Act = (typeof ACTS)[number];

/** Pairs that undo each other. */
const OPPOSITES: readonly (readonly [Act, Act])[] = [
	['raise-seat', 'lower-seat'],
	['raise-feet', 'lower-feet'],
	['raise-surface', 'lower-surface'],
	['raise-keys', 'lower-keys'],
	['raise-screen', 'lower-screen'],
	['screen-away', 'screen-nearer']
];

/** Whether two acts undo each other. */
export function undoes(a: Act, b: Act): boolean {
	return OPPOSITES.some(([x, y]) => (a === x && b === y) || (a === y && b === x));
}
