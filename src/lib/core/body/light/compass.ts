/** The eight compass directions, clockwise from north: which way a window faces. */
export const COMPASS = ['n', 'ne', 'e', 'se', 's', 'sw', 'w', 'nw'] as const;

/** One of {@link COMPASS}. */
export type Compass = (typeof COMPASS)[number];

/** Degrees clockwise from north. */
export function compassBearing(wind: Compass): number {
	return (COMPASS.indexOf(wind) * 360) / COMPASS.length;
}
