export { actBy, checkInsAfter, recheckOn, remindersFor, type Reminder } from './follow-up-dates';
export { DEFAULT_POLICY, LEVELS, type Level, type Policy } from './policy';
export { triage, type CaseFacts, type OpenRequest, type Reason, type Triage } from './triage';
