import { addDays, addWorkingDays, nextWorkingDay, type CivilDate, type WorkCalendar } from '../calendar';
import { worstScore, type RegionReport } from '../discomfort';
import type { TriageLevel, TriagePolicy } from './policy';

/** The day by which a case of a level is acted on, an emergency on the day itself, worked or not; null where nothing is to be done. */
export function actByDay(
	level: TriageLevel,
	from: CivilDate,
	policy: TriagePolicy,
	calendar: WorkCalendar
): CivilDate | null {
	if (level === 'emergency') return from;
	const days = policy.workingDaysToAct[level];
	return days === null ? null : addWorkingDays(from, days, calendar);
}

/** The day of the next full look at a corner; sooner where the last report had a score worth it. */
export function recheckDay(
	from: CivilDate,
	last: readonly RegionReport[],
	{ recheckDays, recheckSooner }: TriagePolicy,
	calendar: WorkCalendar
): CivilDate {
	const days = worstScore(last) >= recheckSooner.from ? recheckSooner.days : recheckDays;
	return nextWorkingDay(addDays(from, days), calendar);
}

/** The days on which a person is asked how it holds, after a plan was carried out. */
export function checkInDaysAfter(
	carriedOut: CivilDate,
	policy: TriagePolicy,
	calendar: WorkCalendar
): CivilDate[] {
	return policy.checkInDays.map((days) => nextWorkingDay(addDays(carriedOut, days), calendar));
}

/** What an unanswered invitation leads to, and when. */
export interface ReminderStep {
	readonly on: CivilDate;
	/** A letter, or the list of people to call. */
	readonly kind: 'letter' | 'call-list';
}

/**
 * Reminders of an unanswered invitation: letters by the policy, then the call list.
 *
 * Notes:
 * 1. The policy names no day for the call list: "then". The last letter gets as many working days as
 *    the first. Our working assumption.
 */
export function remindersFor(
	invited: CivilDate,
	policy: TriagePolicy,
	calendar: WorkCalendar
): ReminderStep[] {
	const letters = policy.reminderWorkingDays.map((days): ReminderStep => ({
		on: addWorkingDays(invited, days, calendar),
		kind: 'letter'
	}));
	const [first, last] = [policy.reminderWorkingDays[0], policy.reminderWorkingDays.at(-1)];
	if (first === undefined || last === undefined) return letters;
	return [...letters, { on: addWorkingDays(invited, last + first, calendar), kind: 'call-list' }];
}

/**
 * The day on which whoever has just been reminded hears again, or is put on the call list; null where nothing follows.
 *
 * Notes:
 * 1. Never before the next working day: where a policy has become shorter since, two emails would follow each other within minutes.
 *
 * @param all of the invitation
 * @param sent how many reminders are out, the one of today among them
 */
export function nextReminderDay(
	all: readonly ReminderStep[],
	sent: number,
	today: CivilDate,
	calendar: WorkCalendar
): CivilDate | null {
	const next = all[sent];
	if (!next) return null;
	const soonest = addWorkingDays(today, 1, calendar);
	return next.on > soonest ? next.on : soonest;
}
