import type { Body } from '../body';
import { bandsFor, distanceOutside, forearmsOnSurface, guarded, type Band } from '../guidance';
import type { Corner } from '../corner';
import { checkIdsOf, type CheckId } from '../checks';

/** How much each check counts. Ours: the hands' and the thighs' room first, since they are paid for all day. */
export const WEIGHT: Readonly<Record<CheckId, number>> = { knee: 2, elbow: 3, eye: 2, thigh: 3 };

/** What a plan costs, compared in this order. */
export interface Cost {
	/** Sum over the checks of weight x squared distance in mm from the guarded band. */
	readonly W: number;
	readonly pieces: number;
	/** Sum of weight x distance in mm of knee, elbow and eye from their ideals. */
	readonly D: number;
}

/**
 * A cost packed into one whole number that compares as W, then pieces, then D, and adds part by part:
 * D below 2^17, pieces below 2^5, W below 2^28 by the bounds of the corner document, 50 bits together.
 */
export type PackedCost = number;

/** One piece, packed. */
export const ONE_PIECE: PackedCost = 2 ** 17;

const ONE_W: PackedCost = 2 ** 22;

/** Packs a cost; see {@link PackedCost}. */
export function packCost({ W, pieces, D }: Cost): PackedCost {
	return W * ONE_W + pieces * ONE_PIECE + D;
}

/** The three parts of a packed cost. */
export function unpackCost(packed: PackedCost): Cost {
	const rest = packed % ONE_W;
	return { W: Math.floor(packed / ONE_W), pieces: Math.floor(rest / ONE_PIECE), D: rest % ONE_PIECE };
}

function costOf(band: Band, weight: number): (valueMm: number) => PackedCost {
	const inner = guarded(band);
	return (value) => {
		const distance = distanceOutside(inner, value);
		const fromIdeal = band.ideal === null ? 0 : Math.abs(value - band.ideal);
		return weight * distance * distance * ONE_W + weight * fromIdeal;
	};
}

/**
 * The costs of the checks as functions of heights. With `s` the seat under the person and `u` the surface above
 * it, each check depends on one sum only, which is what makes the plan separable:
 */
export interface HeightCosts {
	readonly standing: boolean;
	/** Of `s` less the stack under the feet. */
	readonly knee: (seatOverFeetMm: number) => PackedCost;
	/** Of `u` plus the stack under the keys. */
	readonly elbow: (keysBaseMm: number) => PackedCost;
	/** Of `u` plus the stack under the screen, for the best `topAboveBase` that the screen can take. */
	readonly eye: (screenBaseMm: number) => PackedCost;
	/** The best `topAboveBase` over that base. */
	readonly screenTop: (screenBaseMm: number) => number;
	/** Of `u`. */
	readonly thigh: (surfaceOverSeatMm: number) => PackedCost;
}

/** Builds the {@link HeightCosts} of a corner. Standing, `s` is 0, `u` is the surface's height. */
export function heightCosts(corner: Corner, body: Body): HeightCosts {
	const { person, spot } = corner;
	const standing = spot.posture === 'standing';
	const bands = bandsFor(corner);
	const judged = checkIdsOf(corner);
	const elbowMm = standing ? body.standingElbow.mm + person.heel : body.sittingElbow.mm;
	const eyeMm = standing ? body.standingEye.mm + person.heel : body.sittingEye.mm;
	const homeRow = forearmsOnSurface(corner) ? 0 : spot.keys.homeRow;
	const knee = costOf(bands.knee, WEIGHT.knee);
	const elbow = costOf(bands.elbow, WEIGHT.elbow);
	const eye = costOf(bands.eye, WEIGHT.eye);
	const thigh = costOf(bands.thigh, WEIGHT.thigh);
	const [lowestTop, highestTop] = spot.screen.range ?? [spot.screen.topAboveBase, spot.screen.topAboveBase];
	const ideal = bands.eye.ideal ?? bands.eye.low;
	// The ideal lies inside the guarded band, so the reachable top nearest to it is best for W and for D.
	const screenTop = (base: number) => Math.min(highestTop, Math.max(lowestTop, ideal + eyeMm - base));
	return {
		standing,
		knee: !judged.includes('knee')
			? () => 0
			: (seatOverFeet) => knee(seatOverFeet - body.popliteal.mm - person.heel),
		elbow: (keysBase) => elbow(elbowMm - homeRow - keysBase),
		eye: (screenBase) => eye(screenBase + screenTop(screenBase) - eyeMm),
		screenTop,
		thigh: !judged.includes('thigh')
			? () => 0
			: (over) => thigh(over - spot.surface.thickness - body.thigh.mm)
	};
}
