export {
	askedItems,
	checklistOf,
	newestChecklist,
	CHECKLIST_VERSIONS,
	type Checklist,
	type ChecklistAnswers
} from './checklist';
export {
	ownChecklistNumber,
	ownChecklistVersion,
	checklistFrom,
	makeOwnChecklist,
	wordsOnlyIn,
	type ChecklistDocument,
	type OwnFinding
} from './own-checklist';
export { isOwnId, OWN_ANSWER_PATTERN, OWN_ID_PATTERN, stationOfOwnId, type OwnId } from './own-ids';
export {
	ownWordsIn,
	type OwnItemWords,
	type OwnFindingWords,
	type OwnParts,
	type OwnWords
} from './own-parts';
export {
	FINDING_IDS,
	findingRule,
	regionsOfFinding,
	type FindingId,
	type FindingRule,
	type ShippedFindingId
} from './findings';
export { CAUSES, likelyCauses, questionsToAsk, type CauseId, type LikelyCause } from './causes';
export {
	fixRule,
	HOUSEHOLD_FIX_IDS,
	HOUSEHOLD_FIXES,
	isPurchaseUseful,
	type ChecklistCaution,
	type HouseholdFix,
	PURCHASE_FIXES,
	type PurchaseFix
} from './fixes';
export { HAZARDS, isHazard, type HazardId } from './hazards';
export { HABIT_IDS, habitsOf, type Habit, type HabitId } from './habits';
export { isSafetyItem, type AnswerOption, type ChecklistItem } from './item';
export type { AnswerId, ItemId } from './item-ids';
export { WINDOW_CLOCK_HOURS } from './items-2';
export { findingOfCheck, measuredFindings, type MeasuredFinding } from './measured-findings';
export { orderFindings, findingsForFacts, findingsFromAnswers, type OrderedFinding } from './order-findings';
export { checklistAnswerIssues } from './read-answers';
export { CHECKLIST_STATIONS, type ChecklistStation } from './stations';
