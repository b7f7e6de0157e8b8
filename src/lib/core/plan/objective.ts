import type { Body } from '../body/body-length';
import {
	checkIdsOf,
	keysOverSurfaceMm,
	undersideOverSurfaceMm,
	type CheckId
} from '../workstation/checks/check-values';
import type { Corner } from '../workstation/corner/corner';
import { bandsFor, forearmsOnSurface } from '../body/guidance/sitting-styles';
import { distanceOutsideBand, narrowBand, type Band } from '../body/guidance/band';
import { checkWeightsFor, CHECK_WEIGHTS } from './weights';

/** The cost of a plan. */
export interface Cost {
	/** Misfit: the sum over the checks of weight times {@link costOfDistance}. */
	readonly W: number;
	readonly pieces: number;
	/** Sum of base weight times distance from the ideal, in mm, for knee, elbow and eye. */
	readonly D: number;
}

/**
 * Up to this distance misfit grows with the square, mm; beyond it linearly, so that one hopeless gap does not drown the others. Our
 * assumption.
 */
const SQUARE_UP_TO_MM = 40;

/** The cost of a distance outside the narrowed range, before weighting: convex, and smooth where the square ends. */
export function costOfDistance(mm: number): number {
	return mm <= SQUARE_UP_TO_MM ? mm * mm : 2 * SQUARE_UP_TO_MM * mm - SQUARE_UP_TO_MM ** 2;
}

/**
 * The cost of heights packed into one whole number that compares as `W`, then `D`, and is additive: `D` below 2^17 and `W` below 2^23
 * within the limits of the workstation document.
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
 * The checks as functions of heights. With `s` the seat height under the person and `u` the surface height above it, each value depends on
 * a single sum, which makes the plan separable.
 */
interface Heights<T> {
	/** Of `s` minus what is under the feet. */
	readonly knee: (seatOverFeetMm: number) => T;
	/** Of `u` plus the stack under the keyboard. */
	readonly elbow: (keysBaseMm: number) => T;
	/** Of `u` plus the stack under the screen, at the best `topAboveBase` of that screen. */
	readonly eye: (screenBaseMm: number) => T;
	/** Of `u`. */
	readonly thigh: (surfaceOverSeatMm: number) => T;
}

/** Values and costs of a workstation's checks as functions of heights. */
export interface HeightCosts extends Heights<HeightCost> {
	readonly standing: boolean;
	/** The values of the checks, mm; equal to `checkValues`. */
	readonly values: Heights<number>;
	/** The best `topAboveBase` above that base. */
	readonly screenTop: (screenBaseMm: number) => number;
}

/** Builds the {@link HeightCosts} of a workstation. For standing, `s` is 0 and `u` the height of the surface. */
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
	// The ideal lies inside the narrowed range, so the reachable top nearest to it is best for both W and D.
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
