import { bodyOf } from '../body/body-length';
import { checkIdsOf, checkValues, type CheckId } from '../workstation/checks/check-values';
import { setUpAsMeasured, type SetUp } from '../workstation/checks/set-up';
import type { Corner } from '../workstation/corner/corner';
import { bandsFor } from '../body/guidance/sitting-styles';
import { distanceOutsideBand, narrowBand } from '../body/guidance/band';
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
