export {
	adviseCorner,
	summarizeAdvice,
	type Advice,
	type AdviceSummary,
	type ExtraItemSummary,
	type OutcomeSummary,
	type PurchaseSummary
} from './advise-corner';
export { firstActions, type FirstAction } from './first-actions';
export { planPageActions } from './plan-page-actions';
export { advisedViewingDistance, type AdvisedViewingDistance } from './advised-viewing-distance';
export { readAdvice, readPurchases, type StoredAdvice, type StoredPurchase } from './read-advice';
export {
	adjustmentsOfSteps,
	advisedFindings,
	isCoveredByStep,
	type AdvisedFinding,
	type FindingOutcome,
	type ChecklistContext
} from './advised-findings';
export {
	NON_HEIGHT_CHECK_IDS,
	nonHeightChecks,
	type NonHeightCheck,
	type NonHeightCheckId
} from './non-height-checks';
export { sideViewPointsFor, type SideViewPoint, type SideViewPointId } from './side-view-points';
export { orderEqualPlans, type KeptCounts } from './order-equal-plans';
export { needsNoPlan, planOffers, stepsOfOffer, type PlanOffer } from './plan-offers';
