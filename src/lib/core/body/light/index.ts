export { CITIES, CITY_IDS, type CityId } from './cities';
export { compassBearing, COMPASS, type Compass } from './compass';
export {
	clockHourToDegrees,
	sunExposureByMonth,
	windowAngleAtHour,
	type SunExposureSpot
} from './sun-exposure';
export {
	totalHours,
	monthlySunHours,
	sunGlareAt,
	SUN_STEP_MIN,
	type MonthlySun,
	type MinuteRange,
	type SunGlare,
	type SunnyWindow
} from './sun-hours';
export { sunPosition, type GeoPosition, type SunPosition } from './sun-position';
export { angleBetween, checkWindowAngle, type WindowAngle } from './window-angle';
