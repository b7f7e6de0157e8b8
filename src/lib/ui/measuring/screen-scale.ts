/** Where this device's screen scale is kept; it says nothing about a person, and outlives a withdrawal. */
const KEY = 'easy-corner-screen-scale';

/** CSS says 96 px to the inch; screens differ, which is why a card is held to them. */
export const CSS_PX_PER_MM = 96 / 25.4;

/** Pixels to the millimetre of this screen as it was calibrated, or null. */
export function storedScreenScale(device: Storage | null): number | null {
	const scale = Number(device?.getItem(KEY) ?? NaN);
	return Number.isFinite(scale) && scale > 1 && scale < 40 ? scale : null;
}

/** Keeps the scale of this screen. */
export function storeScreenScale(device: Storage | null, pixelsPerMm: number): void {
	try {
		device?.setItem(KEY, String(pixelsPerMm));
	} catch {
		// Forbidden storage: it is calibrated again next time.
	}
}
