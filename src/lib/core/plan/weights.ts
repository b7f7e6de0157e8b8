import type { CheckId } from '../workstation/checks/check-values';
import type { Corner } from '../workstation/corner/corner';
import type { Region } from '../cases/discomfort/regions';

/** Base weight of each check. Our assumption: the hands come first, since they are in use all day, then thigh clearance. */
export const CHECK_WEIGHTS: Readonly<Record<CheckId, number>> = { knee: 2, elbow: 5, eye: 2, thigh: 3 };

/** The regions that a height affects. Common practice. */
const TIED: Readonly<Record<CheckId, readonly Region[]>> = {
	knee: ['low-back', 'hip-thigh', 'knee', 'ankle-foot'],
	elbow: ['neck', 'shoulder', 'upper-back', 'elbow', 'wrist-hand'],
	eye: ['neck', 'upper-back', 'head', 'eyes'],
	thigh: []
};

/** Factor on a check's weight where a region it affects is sore. Our assumption. */
const SORE_COUNTS = 2;

/** The weight of each check for this person: more where a region that it affects is sore. */
export function checkWeightsFor({
	person: { sore = [] }
}: Pick<Corner, 'person'>): Readonly<Record<CheckId, number>> {
	const of = (id: CheckId) =>
		CHECK_WEIGHTS[id] * (TIED[id].some((region) => sore.includes(region)) ? SORE_COUNTS : 1);
	return { knee: of('knee'), elbow: of('elbow'), eye: of('eye'), thigh: of('thigh') };
}
