import type { CheckId } from '$lib/core/workstation/checks/check-values';
import { formatDegrees } from '$lib/core/body/length/format-degrees';
import { formatLength } from '$lib/core/body/length/format-length';
import type { LengthUnit } from '$lib/core/body/length/mm';
import type { Variant, VariantId } from '$lib/core/workstation/variants/variant';
import { checklistTextsFor } from '../checklist';

/** A variant in words. */
export interface VariantLine {
	readonly id: VariantId;
	readonly name: string;
	readonly how: string;
	/** A caution, shown where the risk is; null where there is none. */
	readonly care: string | null;
	/** Checks that this fixes. */
	readonly closes: readonly CheckId[];
	/** Height of a stool for one knee, mm: drawn as well as described; null for other variants. */
	readonly stoolMm: number | null;
}

/** Variants in words, lengths in the person's unit. */
export function variantLines(variants: readonly Variant[], unit: LengthUnit, locale: string): VariantLine[] {
	const texts = checklistTextsFor(locale).variants;
	const length = (mm: number | undefined) => (mm === undefined ? '' : formatLength(mm, unit, { locale }));
	return variants.map(({ id, labels, numbers, closes }) => {
		const { name, how, care } = texts[id];
		const words = how({
			from: length(numbers.fromMm),
			to: length(numbers.toMm),
			standingFrom: length(numbers.standingFromMm),
			standingTo: length(numbers.standingToMm),
			rise: length(numbers.riseMm),
			edge: length(numbers.edgeMm),
			feet: length(numbers.feetMm),
			lower: length(numbers.lowerMm),
			nearer: length(numbers.nearerMm),
			degrees: numbers.degrees === undefined ? '' : formatDegrees(numbers.degrees),
			things: labels.map((label) => `“${label}”`)
		});
		const stoolMm = id === 'knee-on-stool' ? (numbers.fromMm ?? null) : null;
		return { id, name, how: words, care: care ?? null, closes, stoolMm };
	});
}
