import type { HouseholdKind } from '../corner/vocabulary';

/** Household items that lie under a person in one piece. How far each sinks can be measured; folded cloth gives less than can be stored. */
export const PAD_KINDS = ['pillow', 'cushion'] as const satisfies readonly HouseholdKind[];

/** One of {@link PAD_KINDS}. */
export type PadKind = (typeof PAD_KINDS)[number];

/** Whether a kind of household item is one of {@link PAD_KINDS}. */
export function isPad(kind: HouseholdKind): kind is PadKind {
	return PAD_KINDS.some((pad) => pad === kind);
}
