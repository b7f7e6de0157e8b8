import type { ExtraAnswers } from '$lib/core/questionnaire/answers/extra-answers';
import { utcOffsetsOf } from '$lib/core/platform/calendar/time-zone';
import { CITIES } from '$lib/core/body/light/cities';
import { sunExposureByMonth, windowAngleAtHour } from '$lib/core/body/light/sun-exposure';
import type { MonthlySun } from '$lib/core/body/light/sun-hours';
import type { WindowAngle } from '$lib/core/body/light/window-angle';

/** A workstation's window, and when the sun shines in. */
export interface SunView {
	readonly angle: WindowAngle;
	/** Month by month; null where the place or the window's direction was not given. */
	readonly months: readonly MonthlySun[] | null;
}

/** The year that the sun is calculated for; it makes little difference. */
const SUN_YEAR = 2026;

/**
 * The window as given; null where there is none.
 * @param targetMm height that the sun must reach
 */
export function sunView({ windowHour, windowFaces, city }: ExtraAnswers, targetMm: number): SunView | null {
	if (windowHour === null) return null;
	const months =
		windowFaces && city
			? sunExposureByMonth(
					{ hour: windowHour, faces: windowFaces, city, targetMm },
					SUN_YEAR,
					utcOffsetsOf(CITIES[city].zone, SUN_YEAR)
				)
			: null;
	return { angle: windowAngleAtHour(windowHour), months };
}
