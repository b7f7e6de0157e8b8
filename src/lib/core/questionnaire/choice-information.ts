import type { Answers, ChoiceFieldName } from './answers/fields';
import type { PartialCorner } from './answers/partial-checks';
import { regionsOfFinding, type FindingId } from './checklist/findings';
import { checkCorner } from '../workstation/checks/check-corner';
import { SEXES } from '../workstation/corner/vocabulary';
import { worstScoreOfRegions, type Complaints } from './check-information';
import { NO_INFORMATION, type PossibleChange, type InformationValue } from './information-value';

/** Choices that decide which checks there are, how they are judged, or what a plan may do: asked of everyone. */
const ALWAYS: Readonly<Partial<Record<ChoiceFieldName, readonly PossibleChange[]>>> = {
	lenses: ['verdict', 'step'],
	posture: ['verdict', 'step'],
	by: ['verdict'],
	surfaceMoves: ['step'],
	seatKind: ['verdict', 'step'],
	seatMoves: ['step'],
	backrest: ['step'],
	castors: ['step'],
	footBar: ['verdict', 'step'],
	screenKind: ['verdict', 'step'],
	keysKind: ['verdict', 'step'],
	mouse: ['step'],
	screenSize: ['verdict', 'step'],
	screenMoves: ['step']
};

/** Choices that change a range or a step, if a region is sore that these findings affect. */
const STEPS_WHERE_SORE: Readonly<Partial<Record<ChoiceFieldName, readonly FindingId[]>>> = {
	back: ['no-backrest'],
	lumbar: ['no-low-back-support']
};

/** Choices about what is looked at if a region is sore that these findings affect. */
const WHERE_SORE: Readonly<Partial<Record<ChoiceFieldName, readonly FindingId[]>>> = {
	hand: ['mouse-hand-tired'],
	pointer: ['mouse-hand-tired'],
	wrists: ['troubled-wrists'],
	armrest: ['armrest-too-high', 'armrest-meets-table']
};

/** Whether the body proportions used for estimates change a check's verdict. */
function sexDecides({ corner }: PartialCorner): boolean {
	const verdicts = SEXES.map((sex) =>
		checkCorner({ ...corner, person: { ...corner.person, sex } })
			.map(({ verdict }) => verdict)
			.join()
	);
	return new Set(verdicts).size > 1;
}

/**
 * The value of a chosen answer.
 * @param partial the workstation as far as it is known; null without the stature
 */
export function choiceInformationValue(
	name: ChoiceFieldName,
	answers: Answers,
	partial: PartialCorner | null,
	complaints: Complaints
): InformationValue {
	const changes = ALWAYS[name];
	if (changes) return { changes, worth: 1 };
	if (name === 'sex')
		return partial && sexDecides(partial) ? { changes: ['verdict'], worth: 0.15 } : NO_INFORMATION;
	const steps = worstScoreOfRegions(
		complaints,
		(STEPS_WHERE_SORE[name] ?? []).flatMap((finding) => regionsOfFinding(finding))
	);
	if (steps > 0) return { changes: ['verdict', 'step'], worth: 0.2 + steps * 0.5 };
	const sore = worstScoreOfRegions(
		complaints,
		(WHERE_SORE[name] ?? []).flatMap((finding) => regionsOfFinding(finding))
	);
	return sore > 0 ? { changes: ['order'], worth: sore * 0.5 } : NO_INFORMATION;
}
