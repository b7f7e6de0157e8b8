import type { CheckId } from '../checks';
import type { Corner } from '../corner';
import type { Region } from '../discomfort/regions';

/** How much each check counts by itself. Our assumption: the hands first, since they are at it all day, then the thighs' room. */
export const CHECK_WEIGHTS: Readonly<Record<CheckId, number>> = { knee: 2, elbow: 5, eye: 2, thigh: 3 };

/** The regions that a height bears on. Common practice. */
const TIED: Readonly<Record<CheckId, readonly Region[]>> = {
	knee: ['low-back', 'hip-thigh', 'knee', 'ankle-foot'],
	elbow: ['neck', 'shoulder', 'upper-back', 'elbow', 'wrist-hand'],
	eye: ['neck', 'upper-back', 'head', 'eyes'],
	thigh: []
};

/** A check counts so many times where something tied to it is sore. Our assumption. */
const SORE_COUNTS = 2;

/** How much each check counts for this person: more where a region that it bears on is sore. */
export function checkWeightsFor({
	person: { sore = [] }
}: Pick<Corner, 'person'>): Readonly<Record<CheckId, number>> {
	const of = (id: CheckId) =>
		CHECK_WEIGHTS[id] * (TIED[id].some((region) => sore.includes(region)) ? SORE_COUNTS : 1);
	return { knee: of('knee'), elbow: of('elbow'), eye: of('eye'), thigh: of('thigh') };
}
