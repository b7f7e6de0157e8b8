import type { Corner, HouseholdItem } from '../../workstation/corner/corner';
import type { SittingStyle } from '../../workstation/corner/vocabulary';
import type { RegionReport } from '../../cases/discomfort/report';
import type { RedFlag } from '../../cases/discomfort/red-flags';
import { sameDocument } from '../../platform/same-document';
import { cornerFromAnswers } from './corner-from-answers';
import { discomfortFromAnswers } from './discomfort-answers';
import type { Answers } from './fields';
import { measuredRiseField } from './household-things';
import { redFlagsOf } from './checklist-fields';

/** What was made of the answers when they were submitted. */
export interface SubmittedState {
	readonly corner: Corner;
	readonly discomfort: readonly RegionReport[] | null;
	readonly signs: readonly RedFlag[];
}

/** Household items as the person gave them: a learnt pad thickness is no change of theirs, and counts from the next plan on. */
function asTold(items: readonly HouseholdItem[], answers: Answers): unknown[] {
	return items.map((item) => {
		if (!answers[measuredRiseField(Number(item.id.slice(1)))]) return item;
		const [, ...sides] = [...item.size].sort((a, b) => a - b);
		return { ...item, size: sides };
	});
}

/** Whether the answers differ from those submitted, so that the plan made from them is out of date. */
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
