import { bodyMethodSd, bodyOf, METHOD_SD, type Body } from '../body';
import type { Corner } from '../corner';
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

/** A fall smaller than this is rounding, not a reason to fetch a tape. */
const NO_FALL = 1e-12;

function tapeSd(name: MeasurableLengthName): number {
	return name === 'seat' || name === 'surface' || name === 'thickness'
		? METHOD_SD.tape
		: bodyMethodSd('tape');
}

/** The one length that lets the sum of u over these checks fall farthest, taken with a tape; null where none does. */
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
 * The one length most worth taking with a tape now: the one that lets the sum of {@link verdictUncertainty} over all checks of the posture
 * fall farthest, its value unchanged. Equal falls: the first in the document's order.
 *
 * @param checks the results for this corner as it stands
 * @returns null where nothing is unsure or no tape would help
 */
export function measureNext(
	corner: Corner,
	checks: readonly CheckResult[],
	body: Body = bodyOf(corner)
): MeasurableLengthName | null {
	return checks.some(({ verdict }) => verdict === 'unsure') ? mostTelling(corner, checks, body) : null;
}

/** From this standard deviation on a number is shown as "about" so much, mm. */
const ABOUT_FROM_MM = 15;

/** Whether a check's number is to be shown as "about" so much. */
export function isApproximate({ sd }: Pick<CheckResult, 'sd'>): boolean {
	return sd > ABOUT_FROM_MM;
}

/** What would make a check surer. */
export interface MeasurementGain {
	/** The length worth taking with a tape for this check, where that is worth saying; null where no tape would help. */
	readonly measure: MeasurableLengthName | null;
	/** Unsure, with all its lengths taken by tape: fine if it feels fine, and measuring again would tell no more. */
	readonly isAtEdge: boolean;
}

/** What would make each check of a corner surer. */
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
