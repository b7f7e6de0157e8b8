import { addDays, type CivilDate } from '../../platform/calendar/civil-date';
import { addWorkingDays, nextWorkingDay, type WorkCalendar } from '../../platform/calendar/working-days';
import { worstScore } from '../discomfort/discomfort-change';
import type { RegionReport } from '../discomfort/report';
import type { TriageLevel, TriagePolicy } from './policy';

/** The day by which to act on a case of a level; for an emergency the same day, working day or not; null where nothing is to be done. */
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

/** The day of the next self-assessment; sooner if the last report had a high enough score. */
export function recheckDay(
	from: CivilDate,
	last: readonly RegionReport[],
	{ recheckDays, recheckSooner }: TriagePolicy,
	calendar: WorkCalendar
): CivilDate {
	const days = worstScore(last) >= recheckSooner.from ? recheckSooner.days : recheckDays;
	return nextWorkingDay(addDays(from, days), calendar);
}

/** The days of the check-ins after a plan was carried out. */
export function checkInDaysAfter(
	carriedOut: CivilDate,
	policy: TriagePolicy,
	calendar: WorkCalendar
): CivilDate[] {
	return policy.checkInDays.map((days) => nextWorkingDay(addDays(carriedOut, days), calendar));
}

/** What happens to an unanswered invitation, and when. */
export interface ReminderStep {
	readonly on: CivilDate;
	/** An email, or the list of people to call. */
	readonly kind: 'letter' | 'call-list';
}

/**
 * Reminders for an unanswered invitation: emails by the policy, then the call list. Notes: 1. The policy says only "then" for the call
 * list. The last email gets as many working days as the first. Our working assumption.
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
 * The day of the next reminder, or of the call list, for someone just reminded; null where nothing follows. Notes: 1. Never before the next
 * working day: if a policy has since become shorter, two emails would otherwise follow within minutes.
 * @param all steps of the invitation
 * @param sent number of reminders sent, including today's
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
