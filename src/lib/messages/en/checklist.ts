import type {
	CauseId,
	ChecklistCaution,
	FindingId,
	HouseholdFix,
	ItemId,
	ShopFix,
	WalkStation
} from '$lib/core/checklist';
import type { ByFacts } from '../words-for';
import { causes, findings } from './findings';
import { cautions, household, shop } from './fixes';
import { questions, stations, type ItemTexts } from './questions';
import { variants } from './variants';

/** The words of the checklist, of what it finds and of what is done about it, in one language. */
export interface ChecklistTexts {
	readonly stations: Readonly<Record<WalkStation, string>>;
	readonly items: { readonly [I in ItemId]: ItemTexts<I> };
	readonly findings: Readonly<Record<FindingId, string>>;
	readonly causes: Readonly<Record<CauseId, (where: string) => string>>;
	readonly household: Readonly<Record<HouseholdFix, ByFacts>>;
	readonly shop: Readonly<Record<ShopFix, string>>;
	readonly cautions: Readonly<Record<ChecklistCaution, string>>;
	readonly variants: typeof variants;
}

/** The checklist in English. Facts: common practice. */
export const checklistEn: ChecklistTexts = {
	stations,
	items: questions,
	findings,
	causes,
	household,
	shop,
	cautions,
	variants
};
