import type { Answers, ChoiceFieldName, PartialCorner } from '../answers';
import { regionsOfFinding, type FindingId } from '../checklist';
import { checkCorner } from '../checks';
import { SEXES } from '../corner';
import { worstScoreOfRegions, type Complaints } from './check-information';
import { NO_INFORMATION, type PossibleChange, type InformationValue } from './information-value';

/** What decides which checks there are, how they are judged, or what a plan may do: asked of everybody. */
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

/** What changes a band or a step, where one of the places hurts that these findings make sore. */
const STEPS_WHERE_SORE: Readonly<Partial<Record<ChoiceFieldName, readonly FindingId[]>>> = {
	back: ['no-backrest'],
	lumbar: ['no-low-back-support']
};

/** What is looked at where one of the places hurts that these findings make sore. */
const WHERE_SORE: Readonly<Partial<Record<ChoiceFieldName, readonly FindingId[]>>> = {
	hand: ['mouse-hand-tired'],
	pointer: ['mouse-hand-tired'],
	wrists: ['troubled-wrists'],
	armrest: ['armrest-too-high', 'armrest-meets-table']
};

/** Whether the proportions that lengths are estimated by change what a check says. */
function sexDecides({ corner }: PartialCorner): boolean {
	const verdicts = SEXES.map((sex) =>
		checkCorner({ ...corner, person: { ...corner.person, sex } })
			.map(({ verdict }) => verdict)
			.join()
	);
	return new Set(verdicts).size > 1;
}

/** What a chosen answer is worth. @param partial the corner as far as it is known; null where the stature is not */
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
	const steps = worstScoreOfRegions(complaints, (STEPS_WHERE_SORE[name] ?? []).flatMap(regionsOfFinding));
	if (steps > 0) return { changes: ['verdict', 'step'], worth: 0.2 + steps * 0.5 };
	const sore = worstScoreOfRegions(complaints, (WHERE_SORE[name] ?? []).flatMap(regionsOfFinding));
	return sore > 0 ? { changes: ['order'], worth: sore * 0.5 } : NO_INFORMATION;
}
