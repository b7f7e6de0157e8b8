export { CITIES, CITY_IDS, type CityId } from './cities';
export { bearingOf, COMPASS, type Compass } from './compass';
export { degreesOfHour, sunAtSpot, windowAtHour, type SunnySpot } from './sun-at-spot';
export {
	hoursOf,
	sunHours,
	sunMeets,
	SUN_STEP_MIN,
	type MonthOfSun,
	type Spell,
	type SunMeets,
	type SunnyWindow
} from './sun-hours';
export { sunPosition, type Place, type SunPosition } from './sun-position';
export { angleBetween, checkWindowAngle, type WindowAngle } from './window-angle';
