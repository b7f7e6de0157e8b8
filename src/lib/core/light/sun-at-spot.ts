import { bearingOf, type Compass } from './compass';
import { CITIES, type CityId } from './cities';
import { sunHours, type MonthOfSun } from './sun-hours';
import { checkWindowAngle, type WindowAngle } from './window-angle';

/** A window of a room as most are, mm above the floor, and how far from the pane one sits. Ours. */
const USUAL_WINDOW = { sill: 800, head: 2200, away: 1500 } as const;

/** Hours on a clock's face. */
const HOURS = 12;

/** Degrees from straight ahead, clockwise, of an hour on the face of a clock whose 12 lies straight ahead. */
export function degreesOfHour(hour: number): number {
	return ((hour % HOURS) * 360) / HOURS;
}

/** The angle between the line of sight and a window at an hour of that clock. */
export function windowAtHour(hour: number): WindowAngle {
	return checkWindowAngle(0, degreesOfHour(hour));
}

/** Who sits where, as far as the sun asks. */
export interface SunnySpot {
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
export function sunAtSpot(
	{ hour, faces, city, targetMm }: SunnySpot,
	year: number,
	utcOffsetMin: readonly number[]
): MonthOfSun[] {
	const facesDeg = bearingOf(faces);
	// Whoever looks at the window's hour looks out of it.
	const sightDeg = (facesDeg - degreesOfHour(hour) + 360) % 360;
	return sunHours(
		CITIES[city],
		{ ...USUAL_WINDOW, facesDeg, sightDeg, target: targetMm },
		year,
		utcOffsetMin
	);
}
