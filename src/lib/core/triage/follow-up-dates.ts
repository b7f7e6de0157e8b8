import { addDays, addWorkingDays, nextWorkingDay, type CivilDate, type WorkCalendar } from '../calendar';
import { worstOf, type RegionReport } from '../discomfort';
import type { Level, Policy } from './policy';

/** The day by which a case of a level is acted on; null where nothing is to be done. */
export function actBy(
	level: Level,
	from: CivilDate,
	policy: Policy,
	calendar: WorkCalendar
): CivilDate | null {
	const days = policy.workingDaysToAct[level];
	return days === null ? null : addWorkingDays(from, days, calendar);
}

/** The day of the next full look at a corner; sooner where the last report had a score worth it. */
export function recheckOn(
	from: CivilDate,
	last: readonly RegionReport[],
	{ recheckDays, recheckSooner }: Policy,
	calendar: WorkCalendar
): CivilDate {
	const days = worstOf(last) >= recheckSooner.from ? recheckSooner.days : recheckDays;
	return nextWorkingDay(addDays(from, days), calendar);
}

/** The days on which a person is asked how it holds, after a plan was carried out. */
export function checkInsAfter(carriedOut: CivilDate, policy: Policy, calendar: WorkCalendar): CivilDate[] {
	return policy.checkInDays.map((days) => nextWorkingDay(addDays(carriedOut, days), calendar));
}

/** What an unanswered invitation leads to, and when. */
export interface Reminder {
	readonly on: CivilDate;
	/** A letter, or the list of people to call. */
	readonly kind: 'letter' | 'call-list';
}

/**
 * Reminders of an unanswered invitation: letters by the policy, then the call list.
 *
 * Notes:
 * 1. The policy names no day for the call list: "then". The last letter gets as many working days as
 *    the first. Working assumption of ours.
 */
export function remindersFor(invited: CivilDate, policy: Policy, calendar: WorkCalendar): Reminder[] {
	const letters = policy.reminderWorkingDays.map((days): Reminder => ({
		on: addWorkingDays(invited, days, calendar),
		kind: 'letter'
	}));
	const [first, last] = [policy.reminderWorkingDays[0], policy.reminderWorkingDays.at(-1)];
	if (first === undefined || last === undefined) return letters;
	return [...letters, { on: addWorkingDays(invited, last + first, calendar), kind: 'call-list' }];
}
