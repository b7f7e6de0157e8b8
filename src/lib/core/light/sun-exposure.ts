import { compassBearing, type Compass } from './compass';
import { CITIES, type CityId } from './cities';
import { monthlySunHours, type MonthlySun } from './sun-hours';
import { checkWindowAngle, type WindowAngle } from './window-angle';

/** A window of a room as most are, mm above the floor, and how far from the pane one sits. Our assumption. */
const USUAL_WINDOW = { sill: 800, head: 2200, away: 1500 } as const;

/** Hours on a clock's face. */
const HOURS = 12;

/** Degrees from straight ahead, clockwise, of an hour on the face of a clock whose 12 lies straight ahead. */
export function clockHourToDegrees(hour: number): number {
	return ((hour % HOURS) * 360) / HOURS;
}

/** The angle between the line of sight and a window at an hour of that clock. */
export function windowAngleAtHour(hour: number): WindowAngle {
	return checkWindowAngle(0, clockHourToDegrees(hour));
}

/** Who sits where, as far as the sun asks. */
export interface SunExposureSpot {
	/** The window's hour on the face of a clock whose 12 lies straight ahead. */
	readonly hour: number;
	readonly faces: Compass;
	readonly city: CityId;
	/** Height that the sun must reach: about the middle between eye and screen, mm. */
	readonly targetMm: number;
}

/**
 * The hours at which the sun meets face or screen, month by month, through a usual window.
 *
 * @param utcOffsetMin minutes that the local clock is ahead of UTC in each month
 */
export function sunExposureByMonth(
	{ hour, faces, city, targetMm }: SunExposureSpot,
	year: number,
	utcOffsetMin: readonly number[]
): MonthlySun[] {
	const facesDeg = compassBearing(faces);
	// Whoever looks at the window's hour looks out of it.
	const sightDeg = (facesDeg - clockHourToDegrees(hour) + 360) % 360;
	return monthlySunHours(
		CITIES[city],
		{ ...USUAL_WINDOW, facesDeg, sightDeg, target: targetMm },
		year,
		utcOffsetMin
	);
}
