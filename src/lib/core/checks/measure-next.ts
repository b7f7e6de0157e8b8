import { bodyMethodSd, bodyOf, METHOD_SD, type Body } from '../body';
import type { Corner } from '../corner';
import {
	checkSd,
	measurableParts,
	measurableSd,
	MEASURABLE_ORDER,
	type MeasurableName
} from './check-uncertainty';
import type { CheckResult } from './check-corner';
import { probabilityInBand } from './verdict';

/** A fall smaller than this is rounding, not a reason to fetch a tape. */
const NO_FALL = 1e-12;

function tapeSd(name: MeasurableName): number {
	return name === 'seat' || name === 'surface' || name === 'thickness'
		? METHOD_SD.tape
		: bodyMethodSd('tape');
}

/** Sum of p(1-p) over the checks: how undecided they are together. */
function undecided(
	corner: Corner,
	checks: readonly CheckResult[],
	sdOf: (name: MeasurableName) => number
): number {
	return checks.reduce((sum, check) => {
		const p = probabilityInBand(check, check.value, checkSd(corner, check.id, sdOf));
		return sum + p * (1 - p);
	}, 0);
}

/**
 * The one length most worth taking with a tape now: of all lengths in the checks that are `unsure`, the one
 * that lets the sum of p(1-p) over all checks fall farthest. Equal falls: the first in the document's order.
 *
 * @param checks the results for this corner as it stands
 * @returns null where nothing is unsure or no tape would help
 */
export function measureNext(
	corner: Corner,
	checks: readonly CheckResult[],
	body: Body = bodyOf(corner)
): MeasurableName | null {
	const asked = new Set(
		checks.filter((c) => c.verdict === 'unsure').flatMap((c) => measurableParts(corner, c.id))
	);
	const now = (name: MeasurableName) => measurableSd(corner, body, name);
	const before = undecided(corner, checks, now);
	let best: MeasurableName | null = null;
	let largest = NO_FALL;
	for (const name of MEASURABLE_ORDER) {
		if (!asked.has(name) || tapeSd(name) >= now(name)) continue;
		const fall = before - undecided(corner, checks, (n) => (n === name ? tapeSd(n) : now(n)));
		if (fall > largest + NO_FALL) [best, largest] = [name, fall];
	}
	return best;
}
