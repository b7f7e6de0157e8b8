/** The judgement of a small letter at a distance. */
export interface Legibility {
	/** Angle under which the letter is seen, arc minutes. */
	readonly arcMinutes: number;
	readonly state: 'too-small' | 'readable' | 'good' | 'large';
	/** Zoom in percent that makes the letter good, in steps of 5; 100 where it is. */
	readonly zoomPercent: number;
	/** Height the letter then has, mm. */
	readonly wantedMm: number;
}

/**
 * 16 arc minutes at least, 20 to 22 preferred. Source: ISO 9241-303:2011, from memory.
 */
export const LETTER_ARC_MINUTES = { least: 16, good: 20, preferred: 22 } as const;

/** Programs zoom in steps; smaller ones than this nobody sets, percent. Ours. */
const ZOOM_STEP_PERCENT = 5;

const ARC_MINUTES_PER_RADIAN = (180 * 60) / Math.PI;

/**
 * The angle under which a letter is seen, arc minutes: `2 atan(h / 2v)`.
 *
 * @param letterMm height of the letter on the screen
 * @param distanceMm from the eye to the screen
 */
export function letterAngle(letterMm: number, distanceMm: number): number {
	return 2 * Math.atan(letterMm / (2 * distanceMm)) * ARC_MINUTES_PER_RADIAN;
}

/** Height of a letter that is seen under an angle, mm: the inverse of {@link letterAngle}. */
export function letterHeight(arcMinutes: number, distanceMm: number): number {
	return 2 * distanceMm * Math.tan(arcMinutes / ARC_MINUTES_PER_RADIAN / 2);
}

/**
 * Judges whether a small letter (an x, without stalk or tail, as it is read all day) can be read at a distance, and the
 * zoom that gets there. The rule of the trade: enlarge the text, never lean in.
 *
 * @param letterMm height of the letter as measured on the screen, mm; easily taken as a line of ten divided by ten
 * @param distanceMm from the eye to the screen, mm
 */
export function checkLegibility(letterMm: number, distanceMm: number): Legibility {
	const arcMinutes = letterAngle(letterMm, distanceMm);
	const { least, good, preferred } = LETTER_ARC_MINUTES;
	const states = [
		['too-small', arcMinutes < least],
		['readable', arcMinutes < good],
		['good', arcMinutes <= preferred]
	] as const;
	const wanted = letterHeight(good, distanceMm);
	const exact = (100 * wanted) / letterMm;
	// A hair of tolerance, so that a letter of exactly 20 minutes is not sent one step up by rounding.
	const zoom = Math.ceil(exact / ZOOM_STEP_PERCENT - 1e-9) * ZOOM_STEP_PERCENT;
	return {
		arcMinutes,
		state: states.find(([, holds]) => holds)?.[0] ?? 'large',
		zoomPercent: arcMinutes >= good ? 100 : Math.max(100, zoom),
		wantedMm: arcMinutes >= good ? letterMm : wanted
	};
}
