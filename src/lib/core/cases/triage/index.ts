export {
	actByDay,
	checkInDaysAfter,
	nextReminderDay,
	recheckDay,
	remindersFor,
	type ReminderStep
} from './follow-up-dates';
export { isMoreUrgent, TRIAGE_LEVELS, TRIAGE_POLICIES, type TriageLevel, type TriagePolicy } from './policy';
export { FOLLOW_UP_KINDS, type FollowUpKind } from './follow-up-kinds';
