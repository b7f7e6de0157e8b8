import type { SetUp } from '../checks';
import { formatLength } from '../length';
import { unitOf, type Answers } from './fields';

/** Answers that are asked anew each time: how somebody feels, what they have carried out, what does not work here. */
const ASKED_ANEW = /^(?:sign|pain|tick|out)\./;

/**
 * The answers that a person finds when they are asked again: those of the last time, with the heights as they stand since. How they feel
 * is asked anew, and nothing is chosen for them there.
 *
 * @param setUp the corner as it stands now
 */
export function prefilledAnswers(answers: Answers, setUp: SetUp): Record<string, string> {
	const kept = Object.fromEntries(Object.entries(answers).filter(([name]) => !ASKED_ANEW.test(name)));
	const unit = unitOf(answers);
	const length = (mm: number) => formatLength(mm, unit, { withUnit: false });
	return {
		...kept,
		...(kept.surfaceHeight ? { surfaceHeight: length(setUp.surface) } : {}),
		...(kept.topAboveBase ? { topAboveBase: length(setUp.screenTopAboveBase) } : {})
	};
}
