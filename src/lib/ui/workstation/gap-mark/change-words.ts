import type { MeasurementGain } from '$lib/core/workstation/checks/measure-next';
import type { ShownCheck } from '$lib/core/workstation/checks/check-corner';
import { distanceOutsideBand } from '$lib/core/body/guidance/band';
import { formatLength } from '$lib/core/body/length/format-length';
import type { LengthUnit } from '$lib/core/body/length/mm';
import type { Catalogue } from '$lib/messages/shapes';
import { checkWords } from './check-words';

/** A check before and after, in words. */
export interface ChangeWords {
	/** The previous gap, or that it fitted; null where nothing has changed. */
	readonly was: string | null;
	readonly now: string;
	/** Whether it is farther off than before. */
	readonly isWorse: boolean;
}

/**
 * A check before and after: `15.4 cm` → `fits`.
 * @param before null where there is none to compare with
 */
export function changeWords(
	before: ShownCheck | null,
	after: ShownCheck,
	t: Catalogue,
	unit: LengthUnit,
	certainty?: MeasurementGain
): ChangeWords {
	const now = checkWords(after, t, unit, certainty);
	const isSame = before?.value === after.value || (before?.verdict === 'fits' && after.verdict === 'fits');
	if (!before || isSame) return { was: null, now, isWorse: false };
	const [gapWas, gapIs] = [
		distanceOutsideBand(before, before.value),
		distanceOutsideBand(after, after.value)
	];
	const was =
		gapWas > 0
			? formatLength(gapWas, unit, { locale: t.locale })
			: before.verdict === 'fits'
				? t.checks.fits
				: null;
	return { was, now, isWorse: after.verdict !== 'fits' && gapIs > gapWas };
}
