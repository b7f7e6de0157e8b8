import { dateTexts } from './dates';

const NOON = 12;

/** A time on the 12-hour clock. @param hours from 0 to 23 */
function clock(hours: number, minutes: number): string {
	const hour = hours % NOON === 0 ? NOON : hours % NOON;
	return `${hour}:${String(minutes).padStart(2, '0')} ${hours < NOON ? 'AM' : 'PM'}`;
}

/** Days and times as they are written in the United States: the month first, the clock of twelve hours. */
export const americanDateTexts: typeof dateTexts = {
	month: dateTexts.month,
	day: (moment) =>
		`${dateTexts.month(moment.getUTCMonth() + 1)} ${moment.getUTCDate()}, ${moment.getUTCFullYear()}`,
	clock: (moment) => clock(moment.getHours(), moment.getMinutes()),
	minutes: (minutes) => clock(Math.floor(minutes / 60) % 24, minutes % 60)
};
