/** Key of this device's screen scale; it says nothing about a person, and survives a withdrawal. */
const KEY = 'easy-corner-screen-scale';

/** CSS defines 96 px per inch; screens differ, which is why a card is held against them. */
export const CSS_PX_PER_MM = 96 / 25.4;

/** Pixels per millimetre of this screen as calibrated, or null. */
export function storedScreenScale(device: Storage | null): number | null {
	const scale = Number(device?.getItem(KEY) ?? NaN);
	return Number.isFinite(scale) && scale > 1 && scale < 40 ? scale : null;
}

export function storeScreenScale(device: Storage | null, pixelsPerMm: number): void {
	try {
		device?.setItem(KEY, String(pixelsPerMm));
	} catch {
		// Storage is forbidden: the screen is calibrated again next time.
	}
}
