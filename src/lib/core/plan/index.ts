export {
	planCorner,
	MAX_PLANS_OFFERED,
	reportCorner,
	setUpAfter,
	type CornerReport,
	type Plan,
	type PlannedPiece,
	type PlannedStack,
	type PlanReport
} from './plan-corner';
export { planWithoutChanges } from './plan-corner';
export { EQUAL_COST_TOLERANCE } from './cost-order';
export { costOfDistance, type Cost } from './objective';
export { CHECK_WEIGHTS, checkWeightsFor } from './weights';
export { WORSENING_MM } from './limits';
export { planSteps, type Caution, type PlanStep, type StepPiece, type StepWording } from './plan-steps';
export { plannedDistance, situationAfter, type PlannedDistance } from './situation-after';
export { STEP_PLACES, type StepPlace } from './step-places';
export { cornerCost } from './corner-cost';
export { planOptions, recommendedPlan, itemsOfPlan, checksWorseAfter, type PlanOption } from './plan-options';
export { PLAN_ACTIONS, type PlanAction } from './plan-problem';
export { laptopArrangements, LAPTOP_CHANGE_MINUTES, type LaptopArrangements } from './laptop';
export { cornerWithoutUsedItems, itemsSharedBySpots } from './household-across-spots';
export { shareHousehold } from './share-household';
export { openGaps, type OpenGap } from './open-gaps';
export {
	smallestExtraPiece,
	purchaseOutcomes,
	type CheckChange,
	type ExtraPieceOutcome,
	type ExtraOutcome,
	type PurchaseOutcome
} from './purchase-outcomes';
export { cornerWithKeyboard, PURCHASES, type PurchaseId } from './purchases';
