export {
	actBy,
	checkInsAfter,
	nextReminderOn,
	recheckOn,
	remindersFor,
	type Reminder
} from './follow-up-dates';
export { isGraver, LEVELS, POLICIES, type Level, type Policy } from './policy';
export { FOLLOW_UP_KINDS, type FollowUpKind } from './follow-up-kinds';
