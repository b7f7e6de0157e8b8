import type { ChecklistTexts } from '../../shapes';
import { causeSentences, findingNames } from './findings';
import { cautionTexts, householdFixTexts, purchaseFixTexts } from '../plan/fixes';
import { questionTexts, stationNames } from './questions';
import { variantTexts } from '../workstation/variants';

/** The checklist in French. */
export const checklistTexts: ChecklistTexts = {
	stations: stationNames,
	items: questionTexts,
	findings: findingNames,
	causes: causeSentences,
	household: householdFixTexts,
	shop: purchaseFixTexts,
	cautions: cautionTexts,
	variants: variantTexts
};
