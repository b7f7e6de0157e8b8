export {
	planCorner,
	PLANS_OFFERED,
	reportCorner,
	setUpAfter,
	type CornerReport,
	type Plan,
	type PlannedPiece,
	type PlannedStack,
	type PlanReport
} from './plan-corner';
export { asItIs } from './plan-corner';
export { costOfDistance, type Cost } from './objective';
export { WEIGHT, weightsOf } from './weights';
export { WORSE_FROM_MM } from './limits';
export { planSteps, type Caution, type PlanStep, type StepPiece, type StepWording } from './plan-steps';
export { plannedDistance, situationAfter, type PlannedDistance } from './situation-after';
export { STEP_PLACES, type StepPlace } from './step-places';
export { misfitOf } from './misfit';
export { ladderOf, recommendedOf, thingsOfPlan, worseAfter, type Rung } from './ladder';
export { THINGS_TO_DO, type ThingToDo } from './problem';
export { laptopArrangements, SPELL_MINUTES, type LaptopArrangements } from './laptop';
export { leftForAnother, piecesThatMove } from './left-for-another';
export { shareHousehold } from './share-household';
export { openGaps, type OpenGap } from './open-gaps';
export {
	moreFromHome,
	purchaseOutcomes,
	type Change,
	type MoreOutcome,
	type Outcome,
	type PurchaseOutcome
} from './purchase-outcomes';
export { cornerWithKeyboard, PURCHASES, type PurchaseId } from './purchases';
