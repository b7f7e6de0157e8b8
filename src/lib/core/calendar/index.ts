export {
	addDays,
	civilDate,
	DAYS_TAKEN,
	daysBetween,
	plausibleDay,
	weekdayOf,
	type CivilDate
} from './civil-date';
export { weekendOf } from './weekend';
export {
	addWorkingDays,
	isWorkingDay,
	nextWorkingDay,
	workCalendar,
	type WorkCalendar
} from './working-days';
export { dayIn, isTimeZone, minuteOf, momentAt, utcOffsetsOf, zoneFor, type DayZone } from './time-zone';
