import { isSafetyItem, CHECKLIST_VERSIONS } from '../checklist';
import type { SetUp } from '../checks';
import { formatLength } from '../length';
import { unitOf, type Answers } from './fields';
import { checklistField } from './checklist-fields';

/** Answers that are asked again each time: how someone feels, what they have carried out, what does not work here. */
const ASKED_ANEW = /^(?:(?:sign|pain|tick|still|out)\.|hurts$)/;

/** Questions about safety: asked again too, since cables and stacks do not stay where they were. */
const SAFETY: ReadonlySet<string> = new Set(
	CHECKLIST_VERSIONS.flatMap(({ items }) => items)
		.filter(isSafetyItem)
		.map(({ id }) => checklistField(id))
);

/**
 * What someone sat on by answers from before that was asked with the seat: drawn in a wheelchair, or on a stool or a ball by version 1 of
 * the checklist. Nothing where the seat has been named, or was a chair.
 */
function seatSaidBefore({ seatKind, drawnAs, ...answers }: Answers): Record<string, string> {
	if (seatKind) return {};
	if (drawnAs === 'wheelchair') return { seatKind: 'wheelchair', drawnAs: 'standard' };
	const chair = answers[checklistField('chair')];
	return chair === 'stool' || chair === 'ball' ? { seatKind: chair } : {};
}

/**
 * The answers that a person finds when they are asked again: those of the last time, with the heights as they stand since. How they feel
 * is asked again, and nothing is chosen for them there.
 *
 * @param setUp the corner as it stands now
 */
export function prefilledAnswers(answers: Answers, setUp: SetUp): Record<string, string> {
	const kept = Object.fromEntries(
		Object.entries(answers).filter(([name]) => !ASKED_ANEW.test(name) && !SAFETY.has(name))
	);
	const unit = unitOf(answers);
	const length = (mm: number) => formatLength(mm, unit, { withUnit: false });
	return {
		...kept,
		...seatSaidBefore(answers),
		...(kept.surfaceHeight ? { surfaceHeight: length(setUp.surface) } : {}),
		...(kept.topAboveBase ? { topAboveBase: length(setUp.screenTopAboveBase) } : {})
	};
}
