import { bodyOf, type Body } from '../../body/body-length';
import type { Corner } from '../corner/corner';
import { bandsFor } from '../../body/guidance/sitting-styles';
import { distanceOutsideBand, type Band } from '../../body/guidance/band';
import { checkSd, measurableSd } from './check-uncertainty';
import { checkIdsOf, checkValues, type CheckId } from './check-values';
import { setUpAsMeasured, type SetUp } from './set-up';
import { verdictProbabilities, verdictOf, type VerdictProbabilities, type Verdict } from './verdict';

/** The result of one check, all lengths in mm. */
export interface CheckResult extends Band, VerdictProbabilities {
	readonly id: CheckId;
	readonly value: number;
	/** Standard deviation of the value. */
	readonly sd: number;
	readonly verdict: Verdict;
}

/** What a mark and its words show of a check. */
export type ShownCheck = Pick<CheckResult, 'id' | 'verdict' | 'value' | 'low' | 'high' | 'sd'>;

/** A check without what only computations need. */
export const shownCheck = ({ id, verdict, value, low, high, sd }: CheckResult): ShownCheck => ({
	id,
	verdict,
	value,
	low,
	high,
	sd
});

/** How far a check's value lies outside its range, mm; 0 inside. */
export const outsideBand = (check: CheckResult): number => distanceOutsideBand(check, check.value);

/**
 * Runs the height checks of a workstation.
 * @param setUp what is set and built; as measured if left out. Of what is planned, only soft items under the person change the sd.
 */
export function checkCorner(
	corner: Corner,
	setUp: SetUp = setUpAsMeasured(corner),
	body: Body = bodyOf(corner)
): CheckResult[] {
	const values = checkValues(corner, body, setUp);
	const bands = bandsFor(corner);
	return checkIdsOf(corner).map((id) => {
		const band = bands[id];
		const sd = checkSd(corner, id, (name) => measurableSd(corner, body, name), setUp.softs);
		const chances = verdictProbabilities(band, values[id], sd);
		return { id, value: values[id], ...band, sd, ...chances, verdict: verdictOf(chances) };
	});
}
