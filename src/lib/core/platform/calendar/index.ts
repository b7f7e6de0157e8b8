export {
	addDays,
	parseCivilDate,
	ACCEPTED_DAYS,
	daysBetween,
	acceptedDay,
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
export {
	civilDateIn,
	isTimeZone,
	minuteOfDay,
	zonedTimeToInstant,
	utcOffsetsOf,
	timeZoneFor,
	type PersonTimeZone
} from './time-zone';
