import type { Catalogue } from '../../shapes';

const MONTHS = [
	'Januar',
	'Februar',
	'März',
	'April',
	'Mai',
	'Juni',
	'Juli',
	'August',
	'September',
	'Oktober',
	'November',
	'Dezember'
] as const;

const month = (number: number): string => MONTHS[number - 1] ?? '';
const twoDigits = (number: number) => String(number).padStart(2, '0');

/** Dates and times: day first, 24-hour clock. */
export const dateTexts: Catalogue['dates'] = {
	month,
	day: (moment) => `${moment.getUTCDate()}. ${month(moment.getUTCMonth() + 1)} ${moment.getUTCFullYear()}`,
	clock: (moment) => `${twoDigits(moment.getHours())}:${twoDigits(moment.getMinutes())}`,
	minutes: (minutes) => `${twoDigits(Math.floor(minutes / 60))}:${twoDigits(minutes % 60)}`
};
