import type { Corner, HouseholdItem, SittingStyle } from '../corner';
import type { RegionReport, RedFlag } from '../discomfort';
import { sameDocument } from '../same-document';
import { cornerFromAnswers } from './corner-from-answers';
import { discomfortFromAnswers } from './discomfort-answers';
import type { Answers } from './fields';
import { measuredRiseField } from './household-things';
import { redFlagsOf } from './checklist-fields';

/** What was made of answers when they were sent. */
export interface SubmittedState {
	readonly corner: Corner;
	readonly discomfort: readonly RegionReport[] | null;
	readonly signs: readonly RedFlag[];
}

/** Things as they were given: what was learnt of a pad is no change of the person's, and counts from the next plan on. */
function asTold(items: readonly HouseholdItem[], answers: Answers): unknown[] {
	return items.map((item) => {
		if (!answers[measuredRiseField(Number(item.id.slice(1)))]) return item;
		const [, ...sides] = [...item.size].sort((a, b) => a - b);
		return { ...item, size: sides };
	});
}

/** Whether answers say something else now than when they were sent, so that a plan made of them is an older one. */
export function answersChangedSince(
	{ corner, discomfort, signs }: SubmittedState,
	answers: Answers,
	way: SittingStyle
): boolean {
	const now = cornerFromAnswers(answers, way).corner;
	const told = discomfortFromAnswers(answers);
	if (!now || told.issues.length > 0) return true;
	const document = (made: Corner) => ({ ...made, household: asTold(made.household, answers) });
	return !(
		sameDocument(document(now), document(corner)) &&
		sameDocument(told.reports, discomfort) &&
		sameDocument(redFlagsOf(answers), signs)
	);
}
