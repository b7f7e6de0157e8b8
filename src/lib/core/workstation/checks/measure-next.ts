import { bodyMethodSd, METHOD_SD } from '../../body/method-uncertainty';
import { bodyOf, type Body } from '../../body/body-length';
import type { Corner } from '../corner/corner';
import {
	checkSd,
	measurableParts,
	measurableSd,
	MEASURABLE_ORDER,
	type MeasurableLengthName
} from './check-uncertainty';
import type { CheckResult } from './check-corner';
import type { CheckId } from './check-values';
import { verdictProbabilities, verdictUncertainty } from './verdict';

/** A decrease below this is rounding, no reason to fetch a tape. */
const NO_FALL = 1e-12;

function tapeSd(name: MeasurableLengthName): number {
	return name === 'seat' || name === 'surface' || name === 'thickness'
		? METHOD_SD.tape
		: bodyMethodSd('tape');
}

/** The length whose tape measurement lowers the summed uncertainty of these checks most; null where none does. */
function mostTelling(
	corner: Corner,
	checks: readonly CheckResult[],
	body: Body
): MeasurableLengthName | null {
	const now = (name: MeasurableLengthName) => measurableSd(corner, body, name);
	const undecided = (sdOf: (name: MeasurableLengthName) => number) =>
		checks.reduce(
			(sum, check) =>
				sum + verdictUncertainty(verdictProbabilities(check, check.value, checkSd(corner, check.id, sdOf))),
			0
		);
	const parts = new Set(checks.flatMap(({ id }) => measurableParts(corner, id)));
	const before = undecided(now);
	let best: MeasurableLengthName | null = null;
	let largest = NO_FALL;
	for (const name of MEASURABLE_ORDER) {
		if (!parts.has(name) || tapeSd(name) >= now(name)) continue;
		const fall = before - undecided((n) => (n === name ? tapeSd(n) : now(n)));
		if (fall > largest + NO_FALL) [best, largest] = [name, fall];
	}
	return best;
}

/**
 * The length most worth measuring by tape now: the one that lowers the sum of {@link verdictUncertainty} over all checks of the posture
 * most, its value unchanged. Ties go to the first in document order.
 * @param checks the results for this workstation as it is now
 * @returns null where nothing is unsure or no tape would help
 */
export function measureNext(
	corner: Corner,
	checks: readonly CheckResult[],
	body: Body = bodyOf(corner)
): MeasurableLengthName | null {
	return checks.some(({ verdict }) => verdict === 'unsure') ? mostTelling(corner, checks, body) : null;
}

/** Standard deviation from which a number is shown as "about", mm. */
const ABOUT_FROM_MM = 15;

/** Whether a check's number is shown as "about". */
export function isApproximate({ sd }: Pick<CheckResult, 'sd'>): boolean {
	return sd > ABOUT_FROM_MM;
}

/** What would make a check more certain. */
export interface MeasurementGain {
	/** The length worth measuring by tape for this check; null where no tape would help enough. */
	readonly measure: MeasurableLengthName | null;
	/** Unsure although all its lengths were measured by tape: fine if it feels fine, and measuring again would not help. */
	readonly isAtEdge: boolean;
}

/** What would make each check of a workstation more certain. */
export type MeasurementGains = Readonly<Partial<Record<CheckId, MeasurementGain>>>;

/** See {@link MeasurementGains}. */
export function measurementGainOf(
	corner: Corner,
	checks: readonly CheckResult[],
	body: Body = bodyOf(corner)
): MeasurementGains {
	return Object.fromEntries(
		checks.map((check): [CheckId, MeasurementGain] => {
			const isTaped = measurableParts(corner, check.id).every(
				(name) => measurableSd(corner, body, name) <= tapeSd(name)
			);
			const isAsked = isApproximate(check) || check.verdict === 'unsure';
			return [
				check.id,
				{
					measure: isAsked ? mostTelling(corner, [check], body) : null,
					isAtEdge: check.verdict === 'unsure' && isTaped
				}
			];
		})
	);
}
