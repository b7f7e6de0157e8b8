import { FINDING_IDS, isOfSafety, VERSIONS, type FindingId } from '../checklist';
import { STEP_PLACES, type StepPlace } from '../plan/step-places';
import type { Renewed } from './asked-again';
import type { Answers } from './fields';

/** What can have been put in place by an earlier self-assessment: a step of the plan, or a problem that was put right. */
export type InPlace = StepPlace | FindingId;

/** Name of the field that says whether something is still in place. */
export function stillField(what: InPlace): `still.${InPlace}` {
	return `still.${what}`;
}

/** Problems that questions about safety show: these are asked anew each time, and the answer decides. */
const ASKED_ANEW: ReadonlySet<string> = new Set(
	VERSIONS.flatMap(({ items }) => items)
		.filter(isOfSafety)
		.flatMap(({ answers }) => answers.flatMap(({ finding }) => finding ?? []))
);

/** Problems of which it is asked whether they are still put right. */
export const LASTING_FINDINGS: readonly FindingId[] = FINDING_IDS.filter((id) => !ASKED_ANEW.has(id));

/** Everything that may be asked about. */
export const IN_PLACE: readonly InPlace[] = [...STEP_PLACES, ...LASTING_FINDINGS];

/** What the person says is there no more. What was not answered is still there: it was shown so. */
export function goneSince(answers: Answers): ReadonlySet<string> {
	return new Set(IN_PLACE.filter((what) => answers[stillField(what)] === 'no'));
}

/** Steps that go with what is another one now. */
const GOES_WITH: Readonly<Record<Renewed, readonly StepPlace[]>> = {
	place: STEP_PLACES,
	chair: ['seat', 'feet', 'back'],
	devices: ['keys', 'mouse', 'screen', 'distance', 'tilt'],
	glasses: []
};

/** The fields that say so of the steps that went with what was renewed. */
export function goneWith(renewed: readonly Renewed[]): Record<string, 'no'> {
	return Object.fromEntries(renewed.flatMap((one) => GOES_WITH[one].map((step) => [stillField(step), 'no'])));
}
