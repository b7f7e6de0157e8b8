import { bodyMethodSd } from '../body/method-uncertainty';
import { bodyOf } from '../body/body-length';
import { checkCorner } from '../workstation/checks/check-corner';
import { seatRulesOf } from '../workstation/corner/seat-kinds';
import type { Corner } from '../workstation/corner/corner';
import type { MeasuringMethod } from '../workstation/corner/vocabulary';
import { stationRules } from '../workstation/household/stations';
import { neededOverThigh } from './limits';
import { settableRange } from './plan-problem';

/** How much closer to the keyboard a plan could bring the elbow at most, by seat and table together, mm. */
function mostElbowGain(corner: Corner): number {
	const { seat, surface } = corner.spot;
	const range = settableRange(corner);
	const raised = range && seat ? Math.max(0, range[1] - seat.height) : 0;
	const padded = seatRulesOf(corner).takesPads ? stationRules(corner).seat.highestMm : 0;
	const lowered = surface.range ? Math.max(0, surface.height - surface.range[0]) : 0;
	return raised + padded + lowered;
}

/**
 * How much elbow height a plan wins if the thigh is measured, mm. A plan keeps more room above a thigh that is only estimated. Where the
 * keyboard is too high and that room is what stops the seat from rising or the table from sinking, measuring the thigh gives back the
 * difference.
 * @param method how the person measures body lengths
 * @returns 0 where nothing is won
 */
export function elbowWonByThigh(corner: Corner, method: MeasuringMethod): number {
	const checks = checkCorner(corner);
	const elbow = checks.find(({ id }) => id === 'elbow');
	const thigh = checks.find(({ id }) => id === 'thigh');
	if (!elbow || !thigh || elbow.value >= elbow.low) return 0;
	const body = bodyOf(corner);
	const needed = neededOverThigh(body);
	const neededThen = neededOverThigh({ thigh: { ...body.thigh, sd: bodyMethodSd(method), from: method } });
	const wanted = Math.min(elbow.low - elbow.value, mostElbowGain(corner));
	const stopped = wanted - Math.max(0, thigh.value - needed);
	return Math.max(0, Math.min(stopped, needed - neededThen));
}
