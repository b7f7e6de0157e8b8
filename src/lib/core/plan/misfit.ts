import { bodyOf } from '../body';
import { checkValues, checkIdsOf, setUpAsMeasured, type SetUp } from '../checks';
import type { Corner } from '../corner';
import { bandsFor, distanceOutside, guarded } from '../guidance';
import { WEIGHT } from './objective';

/**
 * `W` of a corner as it is set up: the sum over the checks of weight x squared distance in mm from the guarded band. The
 * same figure that a plan makes least, so that now and planned compare.
 */
export function misfitOf(corner: Corner, setUp: SetUp = setUpAsMeasured(corner)): number {
	const values = checkValues(corner, bodyOf(corner), setUp);
	const bands = bandsFor(corner);
	return checkIdsOf(corner).reduce(
		(sum, id) => sum + WEIGHT[id] * distanceOutside(guarded(bands[id]), values[id]) ** 2,
		0
	);
}
