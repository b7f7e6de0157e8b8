import { isApproximate, type MeasurementGain } from '$lib/core/workstation/checks/measure-next';
import type { ShownCheck } from '$lib/core/workstation/checks/check-corner';
import { distanceOutsideBand } from '$lib/core/body/guidance/band';
import { formatLength } from '$lib/core/body/length/format-length';
import type { LengthUnit } from '$lib/core/body/length/mm';
import type { Catalogue } from '$lib/messages/shapes';

/** What can be said about an unsure check whose value is within its range. */
function unsureWords(certainty: MeasurementGain | undefined, t: Catalogue): string {
	if (certainty?.isAtEdge) return t.checks.atEdge;
	return certainty?.measure ? t.checks.toBeSure(t.measurable[certainty.measure]) : t.checks.unsure;
}

/**
 * A check's result in words: `fits`, `keys 9.4 cm too high`, `keys about 9.4 cm too high`, `perhaps screen 1.2 cm too low`.
 * @param certainty what would make it more certain, where known
 */
export function checkWords(
	check: ShownCheck,
	t: Catalogue,
	unit: LengthUnit,
	certainty?: MeasurementGain
): string {
	const outside = distanceOutsideBand(check, check.value);
	if (check.verdict === 'fits') return t.checks.fits;
	if (outside === 0 || certainty?.isAtEdge) return unsureWords(certainty, t);
	const length = formatLength(outside, unit, { locale: t.locale });
	const words = t.checks.off[check.id][check.value < check.low ? 'low' : 'high'](
		isApproximate(check) ? t.checks.about(length) : length
	);
	return check.verdict === 'off' ? words : t.checks.likely(words);
}

/** What to measure to make a check more certain, in words; empty where no tape measurement would help or none is needed. */
export function surerWords(check: ShownCheck, certainty: MeasurementGain | undefined, t: Catalogue): string {
	const isSaid = check.verdict === 'unsure' && distanceOutsideBand(check, check.value) === 0;
	return certainty?.measure && !isSaid ? t.checks.surer(t.measurable[certainty.measure]) : '';
}

/** Everything a gap mark shows, as text. */
export function checkText(
	check: ShownCheck,
	t: Catalogue,
	unit: LengthUnit,
	certainty?: MeasurementGain
): string {
	const length = (mm: number) => formatLength(mm, unit, { locale: t.locale });
	const band = t.checks.band(length(check.low), check.high === null ? null : length(check.high));
	const words = checkWords(check, t, unit, certainty);
	return t.checks.markText(t.checks.names[check.id], words, length(check.value), band);
}
