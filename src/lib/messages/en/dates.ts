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

/** Days and times, for the same reason as {@link lists}: the day first, the clock of 24 hours. */
export const dateTexts = {
	/** @param number from 1 for January */
	month,
	/** The day of a moment in UTC: a date without a time is its midnight. */
	day: (moment: Date) =>
		`${moment.getUTCDate()} ${month(moment.getUTCMonth() + 1)} ${moment.getUTCFullYear()}`,
	/** The time of a moment where the reader is. */
	clock: (moment: Date) => `${twoDigits(moment.getHours())}:${twoDigits(moment.getMinutes())}`,
	/** @param minutes from midnight */
	minutes: (minutes: number) => `${twoDigits(Math.floor(minutes / 60))}:${twoDigits(minutes % 60)}`
};
