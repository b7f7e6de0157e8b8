/** How to roll a towel or blanket to a thickness. Lengths in mm. */
export interface TowelRoll {
	/** How often the towel is first folded in half across its width; each fold doubles the rolled layers. */
	readonly folds: number;
	/** How much of the towel's length is rolled up; the rest hangs behind the chair or is held by bands. */
	readonly rolledLength: number;
	readonly diameter: number;
	/** Width of the finished roll. */
	readonly width: number;
	/** False where even the whole towel, folded as often as allowed, stays thinner than needed. */
	readonly reaches: boolean;
}

/** A towel folded more than twice before rolling makes a hard, lumpy roll that springs open. Our working assumption. */
const MOST_FOLDS = 2;

/** A narrower roll presses on one point of the back, mm. Our working assumption. */
const NARROWEST_ROLL_MM = 200;

/**
 * Diameter of a roll of cloth, mm. Its cross-section equals that of the flat cloth, `L d = π D² / 4`, so `D = 2 sqrt(L d / π)`. Holds from
 * about three turns on; air between the layers makes a loose roll thicker.
 * @param lengthMm rolled length of the cloth
 * @param layerMm thickness of what is rolled
 */
export function towelRollDiameter(lengthMm: number, layerMm: number): number {
	return 2 * Math.sqrt((lengthMm * layerMm) / Math.PI);
}

/** Length of cloth that rolls up to a diameter, mm; the inverse of {@link towelRollDiameter}. */
export function rolledLengthFor(diameterMm: number, layerMm: number): number {
	return (Math.PI * diameterMm ** 2) / (4 * layerMm);
}

/**
 * How to roll a towel to fill a hollow: with the fewest folds that reach the thickness, and no more of its length than needed.
 * @param wantedMm thickness needed, mm, above 0
 * @param size length, width and thickness of one layer, mm
 */
export function towelRollFor(wantedMm: number, size: readonly [number, number, number]): TowelRoll {
	const [length, width, layer] = [Math.max(size[0], size[1]), Math.min(size[0], size[1]), size[2]];
	for (let folds = 0; ; folds += 1) {
		const thickness = layer * 2 ** folds;
		const most = towelRollDiameter(length, thickness);
		const last = folds === MOST_FOLDS || width / 2 ** (folds + 1) < NARROWEST_ROLL_MM;
		if (most < wantedMm && !last) continue;
		const reaches = most >= wantedMm;
		const rolled = reaches ? rolledLengthFor(wantedMm, thickness) : length;
		return {
			folds,
			rolledLength: Math.round(rolled),
			diameter: Math.round(Math.min(most, wantedMm)),
			width: Math.floor(width / 2 ** folds),
			reaches
		};
	}
}
