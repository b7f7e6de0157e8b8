import type { Body } from '../body';
import { checkIdsOf, keysOverSurfaceMm, undersideOverSurfaceMm, type CheckId } from '../checks';
import type { Corner } from '../corner';
import { bandsFor, distanceOutsideBand, forearmsOnSurface, narrowBand, type Band } from '../guidance';
import { checkWeightsFor, CHECK_WEIGHTS } from './weights';

/** What a plan costs. */
export interface Cost {
	/** Misfit: the sum over the checks of weight x {@link costOfDistance}. */
	readonly W: number;
	readonly pieces: number;
	/** Sum of base weight x distance in mm of knee, elbow and eye from their ideals. */
	readonly D: number;
}

/** Up to this distance a misfit counts by its square, mm; beyond, so that one hopeless gap does not drown the others, in a straight line. Our assumption. */
const SQUARE_UP_TO_MM = 40;

/** What a value so far outside its guarded band costs, before it is weighed: convex, and smooth where the square ends. */
export function costOfDistance(mm: number): number {
	return mm <= SQUARE_UP_TO_MM ? mm * mm : 2 * SQUARE_UP_TO_MM * mm - SQUARE_UP_TO_MM ** 2;
}

/**
 * The cost of heights, packed into one whole number that compares as `W`, then `D`, and adds part by part: `D` below 2^17 and `W` below 2^23
 * by the bounds of the corner document.
 */
export type HeightCost = number;

const ONE_W: HeightCost = 2 ** 17;

/** The misfit in a packed cost. */
export const costInHeights = (cost: HeightCost): number => Math.floor(cost / ONE_W);

/** The distance from the ideals in a packed cost. */
export const distanceFromIdeal = (cost: HeightCost): number => cost % ONE_W;

function costOf(band: Band, weight: number, base: number): (valueMm: number) => HeightCost {
	const inner = narrowBand(band);
	return (value) => {
		const fromIdeal = band.ideal === null ? 0 : Math.abs(value - band.ideal);
		return weight * costOfDistance(distanceOutsideBand(inner, value)) * ONE_W + base * fromIdeal;
	};
}

/**
 * The checks as functions of heights. With `s` the seat under the person and `u` the surface above it, each value depends on one sum only,
 * which is what makes the plan separable.
 */
export interface Heights<T> {
	/** Of `s` less what is under the feet. */
	readonly knee: (seatOverFeetMm: number) => T;
	/** Of `u` plus the stack under the keys. */
	readonly elbow: (keysBaseMm: number) => T;
	/** Of `u` plus the stack under the screen, for the best `topAboveBase` that the screen can take. */
	readonly eye: (screenBaseMm: number) => T;
	/** Of `u`. */
	readonly thigh: (surfaceOverSeatMm: number) => T;
}

/** Values and costs of the checks of a corner by its heights. */
export interface HeightCosts extends Heights<HeightCost> {
	readonly standing: boolean;
	/** The values of the checks, mm; the same as `checkValues`. */
	readonly values: Heights<number>;
	/** The best `topAboveBase` over that base. */
	readonly screenTop: (screenBaseMm: number) => number;
}

/** Builds the {@link HeightCosts} of a corner. Standing, `s` is 0, `u` is the surface's height. */
export function heightCosts(corner: Corner, body: Body): HeightCosts {
	const { person, spot } = corner;
	const standing = spot.posture === 'standing';
	const bands = bandsFor(corner);
	const judged = checkIdsOf(corner);
	const weights = checkWeightsFor(corner);
	const elbowMm = standing ? body.standingElbow.mm + person.heel : body.sittingElbow.mm;
	const eyeMm = standing ? body.standingEye.mm + person.heel : body.sittingEye.mm;
	const homeRow = forearmsOnSurface(corner) ? 0 : spot.keys.homeRow;
	const [keysOver, underside] = [keysOverSurfaceMm(corner), undersideOverSurfaceMm(corner)];
	const [lowestTop, highestTop] = spot.screen.range ?? [spot.screen.topAboveBase, spot.screen.topAboveBase];
	const ideal = bands.eye.ideal ?? bands.eye.low;
	// The ideal lies inside the guarded band, so the reachable top nearest to it is best for W and for D.
	const screenTop = (base: number) => Math.min(highestTop, Math.max(lowestTop, ideal + eyeMm - base));
	const values: Heights<number> = {
		knee: (seatOverFeet) => seatOverFeet - body.popliteal.mm - person.heel,
		elbow: (keysBase) => elbowMm - homeRow - keysOver - keysBase,
		eye: (screenBase) => screenBase + screenTop(screenBase) - eyeMm,
		thigh: (over) => over + underside - body.thigh.mm
	};
	const costs = (id: CheckId) => {
		const cost = costOf(bands[id], weights[id], CHECK_WEIGHTS[id]);
		return judged.includes(id) ? (mm: number) => cost(values[id](mm)) : () => 0;
	};
	return {
		standing,
		values,
		screenTop,
		knee: costs('knee'),
		elbow: costs('elbow'),
		eye: costs('eye'),
		thigh: costs('thigh')
	};
}
