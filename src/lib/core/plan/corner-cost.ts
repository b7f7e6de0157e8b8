import { bodyOf } from '../body';
import { checkIdsOf, checkValues, setUpAsMeasured, type CheckId, type SetUp } from '../workstation/checks';
import type { Corner } from '../workstation/corner';
import { bandsFor, distanceOutsideBand, narrowBand } from '../body/guidance';
import { costOfDistance } from './objective';
import { checkWeightsFor } from './weights';

/**
 * `W` of a workstation with a given set-up: the quantity that plans minimise, so that now and planned compare.
 * @param weights weight of each check; for this person if left out
 */
export function cornerCost(
	corner: Corner,
	setUp: SetUp = setUpAsMeasured(corner),
	weights: Readonly<Record<CheckId, number>> = checkWeightsFor(corner)
): number {
	const values = checkValues(corner, bodyOf(corner), setUp);
	const bands = bandsFor(corner);
	return checkIdsOf(corner).reduce(
		(sum, id) => sum + weights[id] * costOfDistance(distanceOutsideBand(narrowBand(bands[id]), values[id])),
		0
	);
}
