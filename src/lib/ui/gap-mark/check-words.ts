import { isApproximate, type CheckResult, type MeasurementGain } from '$lib/core/checks';
import { distanceOutsideBand } from '$lib/core/guidance';
import { formatLength, type LengthUnit } from '$lib/core/length';
import type { Catalogue } from '$lib/messages';

/** What can be said of a check that is unsure while its value lies in the band. */
function unsureWords(certainty: MeasurementGain | undefined, t: Catalogue): string {
	if (certainty?.isAtEdge) return t.checks.atEdge;
	return certainty?.measure ? t.checks.toBeSure(t.measurable[certainty.measure]) : t.checks.unsure;
}

/**
 * A check's result in words: `fits`, `keys 9.4 cm too high`, `keys about 9.4 cm too high`, `perhaps screen 1.2 cm too low`.
 *
 * @param certainty what would make it surer, where that is known
 */
export function checkWords(
	check: CheckResult,
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

/** What to measure for a check to be surer, in words; empty where no tape would help or nothing need be surer. */
export function surerWords(check: CheckResult, certainty: MeasurementGain | undefined, t: Catalogue): string {
	const isSaid = check.verdict === 'unsure' && distanceOutsideBand(check, check.value) === 0;
	return certainty?.measure && !isSaid ? t.checks.surer(t.measurable[certainty.measure]) : '';
}

/** All that a gap mark shows, for who can't see it. */
export function checkText(
	check: CheckResult,
	t: Catalogue,
	unit: LengthUnit,
	certainty?: MeasurementGain
): string {
	const length = (mm: number) => formatLength(mm, unit, { locale: t.locale });
	const band = t.checks.band(length(check.low), check.high === null ? null : length(check.high));
	const words = checkWords(check, t, unit, certainty);
	return t.checks.markText(t.checks.names[check.id], words, length(check.value), band);
}
