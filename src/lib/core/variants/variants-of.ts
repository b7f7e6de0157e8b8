import type { FindingId } from '../checklist';
import type { Corner } from '../corner';
import type { Plan } from '../plan';
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

/** Every variant, in the order in which they are shown: a better spot first. */
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
 * Other ways beside the plan, each worked out for this person: those that close what stays open, or that what was found asks for.
 *
 * Cost: some checks of one corner; nothing is searched.
 *
 * @param plan the plan that is worked on; null where there is none
 * @param answers answers to the checklist, by question
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
