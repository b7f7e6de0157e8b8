export { addDays, civilDate, daysBetween, weekdayOf, type CivilDate } from './civil-date';
export { weekendOf } from './weekend';
export {
	addWorkingDays,
	isWorkingDay,
	nextWorkingDay,
	workCalendar,
	type WorkCalendar
} from './working-days';
