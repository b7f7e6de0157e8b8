/** Top of a laptop's picture over the table as it stands open, mm: what most have. Our assumption. */
const LAPTOP_TOP_MM = 220;

/** A lower stack than this is not worth building, mm. */
const LEAST_RISE_MM = 20;

/**
 * How far a laptop that stands beside the main screen is raised, so that its top comes to the eye as the other's does; 0 where that is next to
 * nothing. Told as "about": the laptop itself is not measured.
 *
 * @param surfaceMm height of the table @param eyeMm height of the eye
 */
export function secondScreenRaise(surfaceMm: number, eyeMm: number): number {
	const rise = eyeMm - surfaceMm - LAPTOP_TOP_MM;
	return rise < LEAST_RISE_MM ? 0 : Math.round(rise / 10) * 10;
}
