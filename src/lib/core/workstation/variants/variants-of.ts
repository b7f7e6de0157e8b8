import type { FindingId } from '../../questionnaire/checklist/findings';
import type { Corner } from '../corner/corner';
import type { Plan } from '../../plan/plan-corner';
import { highChair } from './high-chair';
import { keyboardOnLap, mouseOnSideTable } from './lap';
import { anotherSpot, moveAbout } from './places';
import { recline } from './recline';
import { jacketRoll } from './jacket-roll';
import { kneeOnStool } from './knee-on-stool';
import { slopedBooks } from './sloped-books';
import { variantBase, type VariantBase } from './variant-base';
import type { Variant } from './variant';
import { wedge } from './wedge';

/** Every variant in display order: a better place first. */
const MAKERS: readonly ((base: VariantBase) => Variant | null)[] = [
	anotherSpot,
	keyboardOnLap,
	mouseOnSideTable,
	wedge,
	slopedBooks,
	jacketRoll,
	recline,
	highChair,
	kneeOnStool,
	moveAbout
];

/**
 * Alternatives to the plan, each computed for this person: those that close what stays open, or that a finding calls for. Cost: some checks
 * of one workstation; no search.
 * @param plan the plan in use; null where there is none
 * @param answers checklist answers, by question
 */
export function variantsOf(
	corner: Corner,
	plan: Plan | null,
	found: readonly FindingId[],
	answers: Readonly<Partial<Record<string, string>>>
): Variant[] {
	const base = variantBase(corner, plan, found, answers);
	return MAKERS.flatMap((make) => make(base) ?? []);
}
