import { FINDING_IDS, type ShippedFindingId } from '../checklist/findings';
import { isSafetyItem } from '../checklist/item';
import { CHECKLIST_VERSIONS } from '../checklist/checklist';
import { STEP_PLACES, type StepPlace } from '../../plan/step-places';
import type { ChangedPart } from './changed-parts';
import type { Answers } from './fields';

/** What an earlier self-assessment may have put in place: a plan step, or a problem that was fixed. */
export type InPlaceItem = StepPlace | ShippedFindingId;

/** Name of the field that says whether something is still in place. */
export function stillInPlaceField(what: InPlaceItem): `still.${InPlaceItem}` {
	return `still.${what}`;
}

/** Problems found by safety questions: these are asked again each time, and the answer decides. */
const ASKED_ANEW: ReadonlySet<string> = new Set(
	CHECKLIST_VERSIONS.flatMap(({ items }) => items)
		.filter(isSafetyItem)
		.flatMap(({ answers }) => answers.flatMap(({ finding }) => finding ?? []))
);

/** Problems that people are asked about again: are they still fixed? */
export const LASTING_FINDINGS: readonly ShippedFindingId[] = FINDING_IDS.filter((id) => !ASKED_ANEW.has(id));

/** Everything that may be asked about. */
export const IN_PLACE_ITEMS: readonly InPlaceItem[] = [...STEP_PLACES, ...LASTING_FINDINGS];

/** What the person says is no longer in place. Unanswered means still in place, since it was shown so. */
export function itemsGone(answers: Answers): ReadonlySet<string> {
	return new Set(IN_PLACE_ITEMS.filter((what) => answers[stillInPlaceField(what)] === 'no'));
}

/** Steps that are lost when a part of the workstation is replaced. */
const GOES_WITH: Readonly<Record<ChangedPart, readonly StepPlace[]>> = {
	place: STEP_PLACES,
	chair: ['seat', 'feet', 'back'],
	devices: ['keys', 'mouse', 'screen', 'distance', 'tilt'],
	glasses: []
};

/** The fields that mark the steps lost with the replaced parts. */
export function fieldsOfItemsGone(renewed: readonly ChangedPart[]): Record<string, 'no'> {
	return Object.fromEntries(
		renewed.flatMap((one) => GOES_WITH[one].map((step) => [stillInPlaceField(step), 'no']))
	);
}
