import { isSafetyItem } from '../checklist/item';
import { CHECKLIST_VERSIONS } from '../checklist/checklist';
import type { SetUp } from '../../workstation/checks/set-up';
import { formatLength } from '../../body/length/format-length';
import { unitOf, type Answers } from './fields';
import { checklistField } from './checklist-fields';

/** Answers asked again each time: how someone feels, what they carried out, what does not work here, and what the organisation asks. */
const ASKED_ANEW = /^(?:(?:sign|pain|tick|still|out)\.|check\.own-|hurts$)/;

/** Safety questions are asked again too, since cables and stacks move. */
const SAFETY: ReadonlySet<string> = new Set(
	CHECKLIST_VERSIONS.flatMap(({ items }) => items)
		.filter(isSafetyItem)
		.map(({ id }) => checklistField(id))
);

/**
 * The seat type from answers given before it was a question of its own: drawn as a wheelchair, or a stool or ball in version 1 of the
 * checklist. Empty where the seat was named or is a chair.
 */
function seatSaidBefore({ seatKind, drawnAs, ...answers }: Answers): Record<string, string> {
	if (seatKind) return {};
	if (drawnAs === 'wheelchair') return { seatKind: 'wheelchair', drawnAs: 'standard' };
	const chair = answers[checklistField('chair')];
	return chair === 'stool' || chair === 'ball' ? { seatKind: chair } : {};
}

/**
 * The answers a person finds when they are asked again: last time's, with the heights as set since. Discomfort and warning signs are asked
 * again, with nothing preselected.
 * @param setUp the workstation as it is now
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
