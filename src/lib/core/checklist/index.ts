export {
	askedItems,
	checklistOf,
	newestOf,
	VERSIONS,
	type Checklist,
	type ChecklistAnswers
} from './checklist';
export {
	FINDING_IDS,
	findingRule,
	isHazard,
	regionsOf,
	type HazardId,
	type FindingId,
	type FindingRule
} from './findings';
export { CAUSES, likelyCauses, questionsToAsk, type CauseId, type LikelyCause } from './causes';
export {
	fixRule,
	HOUSEHOLD_FIXES,
	shopHolds,
	type ChecklistCaution,
	type HouseholdFix,
	SHOP_FIXES,
	type ShopFix
} from './fixes';
export { HABIT_IDS, habitsOf, type Habit, type HabitId } from './habits';
export { isOfSafety, type AnswerOption, type ChecklistItem } from './item';
export type { AnswerId, ItemId } from './item-ids';
export { CLOCK_HOURS } from './items-2';
export { findingOfCheck, measuredFindings, type MeasuredFinding } from './measured-findings';
export { orderFindings, seenFindings, type OrderedFinding } from './order-findings';
export { issuesOfAnswers } from './read-answers';
export { WALK_STATIONS, type WalkStation } from './stations';
