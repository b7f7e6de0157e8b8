/** Height of the top of an open laptop's screen above the table, mm: typical. Our assumption. */
const LAPTOP_TOP_MM = 220;

/** A stack lower than this is not worth building, mm. */
const LEAST_RISE_MM = 20;

/**
 * How far to raise a laptop beside the main screen so that its top is level with the eye like the other's; 0 where that is negligible.
 * Shown as "about", since the laptop itself is not measured.
 * @param surfaceMm height of the table
 * @param eyeMm height of the eye
 */
export function secondScreenRaise(surfaceMm: number, eyeMm: number): number {
	const rise = eyeMm - surfaceMm - LAPTOP_TOP_MM;
	return rise < LEAST_RISE_MM ? 0 : Math.round(rise / 10) * 10;
}
