import type { CauseId } from '$lib/core/questionnaire/checklist/causes';
import type { ChecklistCaution, HouseholdFix, PurchaseFix } from '$lib/core/questionnaire/checklist/fixes';
import type { FindingId } from '$lib/core/questionnaire/checklist/findings';
import type { ItemId } from '$lib/core/questionnaire/checklist/item-ids';
import type { ChecklistStation } from '$lib/core/questionnaire/checklist/stations';
import type { WordsByFacts } from '../../words-by-facts';
import { causeSentences, findingNames } from './findings';
import { cautionTexts, householdFixTexts, purchaseFixTexts } from '../plan/fixes';
import { questionTexts, stationNames, type ItemTexts } from './questions';
import { variantTexts } from '../workstation/variants';

/** The words of the checklist, of what it finds and of what is done about it, in one language. */
export interface ChecklistTexts {
	readonly stations: Readonly<Record<ChecklistStation, string>>;
	readonly items: { readonly [I in ItemId]: ItemTexts<I> };
	readonly findings: Readonly<Record<FindingId, string>>;
	readonly causes: Readonly<Record<CauseId, (where: string) => string>>;
	readonly household: Readonly<Record<HouseholdFix, WordsByFacts>>;
	readonly shop: Readonly<Record<PurchaseFix, string>>;
	readonly cautions: Readonly<Record<ChecklistCaution, string>>;
	readonly variants: typeof variantTexts;
}

/** The checklist in English. Facts: common practice. */
export const checklistEn: ChecklistTexts = {
	stations: stationNames,
	items: questionTexts,
	findings: findingNames,
	causes: causeSentences,
	household: householdFixTexts,
	shop: purchaseFixTexts,
	cautions: cautionTexts,
	variants: variantTexts
};
