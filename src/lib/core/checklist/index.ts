export {
	askedItems,
	checklistOf,
	factsOf,
	newestOf,
	VERSIONS,
	type Checklist,
	type ChecklistAnswers
} from './checklist';
export { FINDING_IDS, findingRule, regionsOf, type FindingId, type FindingRule } from './findings';
export type { ChecklistCaution, HouseholdFix, ShopFix } from './fixes';
export type { AnswerId, AnswerOption, ChecklistItem, CornerFacts, ItemId } from './items';
export { findingOfCheck, measuredFindings, type MeasuredFinding } from './measured-findings';
export { orderFindings, seenFindings, type OrderedFinding } from './order-findings';
export { issuesOfAnswers } from './read-answers';
export { WALK_STATIONS, type WalkStation } from './stations';
