/** How a towel or blanket is rolled to a wanted thickness. Lengths in mm. */
export interface TowelRoll {
	/** Times the towel is first folded in two across its width; each fold doubles the layers that are rolled. */
	readonly folds: number;
	/** How much of the towel's length is rolled up; the rest hangs behind the chair or is cut off by the bands. */
	readonly rolledLength: number;
	readonly diameter: number;
	/** Width of the finished roll, side to side. */
	readonly width: number;
	/** False where even the whole towel, folded as often as it may be, stays thinner than wanted. */
	readonly reaches: boolean;
}

/**
 * A towel folded more than twice before it is rolled makes a hard, lumpy roll that springs open. Working assumption of
 * ours.
 */
const MOST_FOLDS = 2;

/** A roll narrower than this presses on one point of the back, mm. Our working assumption. */
const NARROWEST_ROLL_MM = 200;

/**
 * Diameter of a roll of cloth, mm: its cross-section is as large as the cloth seen from its edge, `L d = π D² / 4`, so
 * `D = 2 sqrt(L d / π)`. Holds from about three turns on; air between the layers makes a loose roll thicker.
 *
 * @param lengthMm rolled length of the cloth
 * @param layerMm thickness of what is rolled
 */
export function towelRollDiameter(lengthMm: number, layerMm: number): number {
	return 2 * Math.sqrt((lengthMm * layerMm) / Math.PI);
}

/** Length of cloth that rolls to a diameter, mm; the inverse of {@link towelRollDiameter}. */
export function rolledLengthFor(diameterMm: number, layerMm: number): number {
	return (Math.PI * diameterMm ** 2) / (4 * layerMm);
}

/**
 * How to roll a towel so that it fills a hollow: with as few folds as reach the wanted thickness, and no more of its
 * length than that takes.
 *
 * @param wantedMm the thickness that is wanted, mm, above 0
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
