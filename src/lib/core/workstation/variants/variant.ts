import type { CheckId } from '../checks/check-values';
import type { CheckResult } from '../checks/check-corner';

/** Alternatives to the plan, computed beside it. */
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

/** Numbers in the text of a variant: lengths in mm, angles in degrees. */
type VariantNumbers = Readonly<
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

/** A variant on offer. */
export interface Variant {
	readonly id: VariantId;
	/** Labels of the household items it uses. */
	readonly labels: readonly string[];
	readonly numbers: VariantNumbers;
	/** The checks it changes, with their results. */
	readonly after: readonly CheckResult[];
	/** Checks that are off or unsure after the plan and fit with it. */
	readonly closes: readonly CheckId[];
}
