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
export { type Cost, WEIGHT } from './objective';
export { planSteps, type Caution, type PlanStep, type StepPiece, type StepWording } from './plan-steps';
export { plannedDistance, situationAfter, type PlannedDistance } from './situation-after';
export { STEP_PLACES, type StepPlace } from './step-places';
export { misfitOf } from './misfit';
export { ladderOf, thingsOfPlan, type Rung } from './ladder';
export { THINGS_TO_DO, type ThingToDo } from './problem';
export { COMPROMISE_SPELL_MINUTES, compromiseOf, type Compromise } from './compromise';
export { leftForAnother, piecesThatMove } from './left-for-another';
export { shareHousehold } from './share-household';
export { openGaps, type OpenGap } from './open-gaps';
export { purchaseOutcomes, type PurchaseOutcome } from './purchase-outcomes';
export { PURCHASES, type PurchaseId } from './purchases';
