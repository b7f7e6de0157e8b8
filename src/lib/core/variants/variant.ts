import type { CheckId, CheckResult } from '../checks';

/** Another way to the same end, worked out beside the plan. */
export const VARIANT_IDS = [
	'another-spot',
	'keyboard-on-lap',
	'mouse-on-side-table',
	'wedge',
	'sloped-books',
	'jacket-roll',
	'recline',
	'high-chair',
	'knee-on-stool',
	'move-about'
] as const;

/** One of {@link VARIANT_IDS}. */
export type VariantId = (typeof VARIANT_IDS)[number];

/** Numbers that the words of a variant need: lengths in mm, angles in degrees. */
export type VariantNumbers = Readonly<
	Partial<
		Record<
			| 'fromMm'
			| 'toMm'
			| 'standingFromMm'
			| 'standingToMm'
			| 'riseMm'
			| 'edgeMm'
			| 'feetMm'
			| 'lowerMm'
			| 'nearerMm'
			| 'degrees',
			number
		>
	>
>;

/** A variant that is offered. */
export interface Variant {
	readonly id: VariantId;
	/** What of the household it takes, by what it is called. */
	readonly labels: readonly string[];
	readonly numbers: VariantNumbers;
	/** The checks that it changes, as they are with it. */
	readonly after: readonly CheckResult[];
	/** Checks that the plan leaves off or unsure and that fit with it. */
	readonly closes: readonly CheckId[];
}
