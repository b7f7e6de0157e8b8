const MONTHS = [
	'January',
	'February',
	'March',
	'April',
	'May',
	'June',
	'July',
	'August',
	'September',
	'October',
	'November',
	'December'
] as const;

const month = (number: number): string => MONTHS[number - 1] ?? '';
const twoDigits = (number: number) => String(number).padStart(2, '0');

/** Dates and times: day first, 24-hour clock. Written here for the same reason as {@link lists}. */
export const dateTexts = {
	/** @param number from 1 for January */
	month,
	/** The day of a moment in UTC: a date without a time is its midnight. */
	day: (moment: Date) =>
		`${moment.getUTCDate()} ${month(moment.getUTCMonth() + 1)} ${moment.getUTCFullYear()}`,
	/** The time of day of a moment, in the reader's time zone. */
	clock: (moment: Date) => `${twoDigits(moment.getHours())}:${twoDigits(moment.getMinutes())}`,
	/** @param minutes from midnight */
	minutes: (minutes: number) => `${twoDigits(Math.floor(minutes / 60))}:${twoDigits(minutes % 60)}`
};
