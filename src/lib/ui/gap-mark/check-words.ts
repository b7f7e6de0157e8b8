import type { CheckResult } from '$lib/core/checks';
import { distanceOutside } from '$lib/core/guidance';
import { formatLength, type LengthUnit } from '$lib/core/length';
import type { Catalogue } from '$lib/messages';

/** A check's result in words: `fits`, `keys 9.4 cm too high`, `perhaps screen 1.2 cm too low`. */
export function checkWords(check: CheckResult, t: Catalogue, unit: LengthUnit): string {
	const outside = distanceOutside(check, check.value);
	if (outside === 0) return check.verdict === 'fits' ? t.checks.fits : t.checks.unsure;
	const words = t.checks.off[check.id][check.value < check.low ? 'low' : 'high'](
		formatLength(outside, unit, { locale: t.locale })
	);
	return check.verdict === 'off' ? words : t.checks.likely(words);
}

/** All that a gap mark shows, for who can't see it. */
export function checkText(check: CheckResult, t: Catalogue, unit: LengthUnit): string {
	const length = (mm: number) => formatLength(mm, unit, { locale: t.locale });
	const band = t.checks.band(length(check.low), check.high === null ? null : length(check.high));
	return t.checks.markText(t.checks.names[check.id], checkWords(check, t, unit), length(check.value), band);
}
