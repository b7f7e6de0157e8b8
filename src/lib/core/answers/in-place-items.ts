import { FINDING_IDS, isSafetyItem, CHECKLIST_VERSIONS, type FindingId } from '../checklist';
import { STEP_PLACES, type StepPlace } from '../plan/step-places';
import type { ChangedPart } from './changed-parts';
import type { Answers } from './fields';

/** What can have been put in place by an earlier self-assessment: a step of the plan, or a problem that was put right. */
export type InPlaceItem = StepPlace | FindingId;

/** Name of the field that says whether something is still in place. */
export function stillInPlaceField(what: InPlaceItem): `still.${InPlaceItem}` {
	return `still.${what}`;
}

/** Problems that questions about safety show: these are asked again each time, and the answer decides. */
const ASKED_ANEW: ReadonlySet<string> = new Set(
	CHECKLIST_VERSIONS.flatMap(({ items }) => items)
		.filter(isSafetyItem)
		.flatMap(({ answers }) => answers.flatMap(({ finding }) => finding ?? []))
);

/** Problems of which it is asked whether they are still put right. */
export const LASTING_FINDINGS: readonly FindingId[] = FINDING_IDS.filter((id) => !ASKED_ANEW.has(id));

/** Everything that may be asked about. */
export const IN_PLACE_ITEMS: readonly InPlaceItem[] = [...STEP_PLACES, ...LASTING_FINDINGS];

/** What the person says is there no more. What was not answered is still there: it was shown so. */
export function itemsGone(answers: Answers): ReadonlySet<string> {
	return new Set(IN_PLACE_ITEMS.filter((what) => answers[stillInPlaceField(what)] === 'no'));
}

/** Steps that go with what is another one now. */
const GOES_WITH: Readonly<Record<ChangedPart, readonly StepPlace[]>> = {
	place: STEP_PLACES,
	chair: ['seat', 'feet', 'back'],
	devices: ['keys', 'mouse', 'screen', 'distance', 'tilt'],
	glasses: []
};

/** The fields that say so of the steps that went with what was renewed. */
export function fieldsOfItemsGone(renewed: readonly ChangedPart[]): Record<string, 'no'> {
	return Object.fromEntries(
		renewed.flatMap((one) => GOES_WITH[one].map((step) => [stillInPlaceField(step), 'no']))
	);
}
