/** The result for a small letter at a distance. */
export interface Legibility {
	/** Visual angle of the letter, arc minutes. */
	readonly arcMinutes: number;
	readonly state: 'too-small' | 'readable' | 'good';
	/** Zoom in percent that makes the letter good, in steps of 5; 100 where it is already. */
	readonly zoomPercent: number;
	/** Height of the letter at that zoom, mm. */
	readonly wantedMm: number;
}

/**
 * Visual angles of a small letter's x-height: at least 11 arc minutes, ideally 14. ISO 9241-303:2011 asks for 16, and 20 to 22, for
 * capitals (from memory); an x is about 0.7 of a capital.
 */
export const LETTER_ARC_MINUTES = { least: 11, good: 14 } as const;

/** Step in which programs zoom, percent. Our assumption. */
const ZOOM_STEP_PERCENT = 5;

const ARC_MINUTES_PER_RADIAN = (180 * 60) / Math.PI;

/**
 * The visual angle of a letter, arc minutes: `2 atan(h / 2v)`.
 * @param letterMm height of the letter on the screen
 * @param distanceMm from the eye to the screen
 */
export function letterAngle(letterMm: number, distanceMm: number): number {
	return 2 * Math.atan(letterMm / (2 * distanceMm)) * ARC_MINUTES_PER_RADIAN;
}

/** Height of a letter with a given visual angle, mm: the inverse of {@link letterAngle}. */
export function letterHeight(arcMinutes: number, distanceMm: number): number {
	return 2 * distanceMm * Math.tan(arcMinutes / ARC_MINUTES_PER_RADIAN / 2);
}

/**
 * Checks whether a small letter (an x, without ascender or descender, as in running text) can be read at a distance, and the zoom that
 * makes it so. The rule of the trade: enlarge the text, never lean in.
 * @param letterMm height of the letter as measured on the screen, mm; easiest as a line of ten divided by ten
 * @param distanceMm from the eye to the screen, mm
 */
export function checkLegibility(letterMm: number, distanceMm: number): Legibility {
	const arcMinutes = letterAngle(letterMm, distanceMm);
	const { least, good } = LETTER_ARC_MINUTES;
	const state = arcMinutes < least ? 'too-small' : arcMinutes < good ? 'readable' : 'good';
	const wanted = letterHeight(good, distanceMm);
	const exact = (100 * wanted) / letterMm;
	// A tiny tolerance, so that rounding does not send a letter of exactly the ideal size one step up.
	const zoom = Math.ceil(exact / ZOOM_STEP_PERCENT - 1e-9) * ZOOM_STEP_PERCENT;
	return {
		arcMinutes,
		state,
		zoomPercent: arcMinutes >= good ? 100 : Math.max(100, zoom),
		wantedMm: arcMinutes >= good ? letterMm : wanted
	};
}
