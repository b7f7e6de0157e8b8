import { compassBearing, type Compass } from './compass';
import { CITIES, type CityId } from './cities';
import { monthlySunHours, type MonthlySun } from './sun-hours';
import { checkWindowAngle, type WindowAngle } from './window-angle';

/** A typical window, mm above the floor, and the distance of the seat from the pane. Our assumption. */
const USUAL_WINDOW = { sill: 800, head: 2200, away: 1500 } as const;

/** Hours on a clock face. */
const HOURS = 12;

/** Degrees clockwise from straight ahead for an hour on a clock face with 12 straight ahead. */
function clockHourToDegrees(hour: number): number {
	return ((hour % HOURS) * 360) / HOURS;
}

/** The angle between the line of sight and a window at an hour of that clock face. */
export function windowAngleAtHour(hour: number): WindowAngle {
	return checkWindowAngle(0, clockHourToDegrees(hour));
}

/** A person's place, as far as the sun matters. */
export interface SunExposureSpot {
	/** Direction of the window as an hour on a clock face with 12 straight ahead. */
	readonly hour: number;
	readonly faces: Compass;
	readonly city: CityId;
	/** Height that the sun must reach: midway between eye and screen, mm. */
	readonly targetMm: number;
}

/**
 * The hours at which the sun shines on face or screen through a typical window, month by month.
 * @param utcOffsetMin minutes by which local time is ahead of UTC in each month
 */
export function sunExposureByMonth(
	{ hour, faces, city, targetMm }: SunExposureSpot,
	year: number,
	utcOffsetMin: readonly number[]
): MonthlySun[] {
	const facesDeg = compassBearing(faces);
	// Someone who looks in the window's direction looks out of it.
	const sightDeg = (facesDeg - clockHourToDegrees(hour) + 360) % 360;
	return monthlySunHours(
		CITIES[city],
		{ ...USUAL_WINDOW, facesDeg, sightDeg, target: targetMm },
		year,
		utcOffsetMin
	);
}
