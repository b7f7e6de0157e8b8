export { ADJUSTMENTS, conflictsWith, type Adjustment } from './adjustments';
export { factsOf, hasTwoHands, yesNoFact, type FactName, type Facts, type FactSource } from './facts';
export { conditionHolds, type FactCondition } from './fact-condition';
export {
	SITS_FULLY_BACK,
	AT_A_TABLE,
	USES_BACKREST,
	FEET_ON_FLOOR,
	CAN_STAND_UP,
	LUMBAR_IS_SUPPORTED,
	IN_A_WHEELCHAIR,
	KEYBOARD_IS_CLOSE,
	HAS_BACKREST,
	LOW_LENSES,
	ON_A_SOFT_SEAT,
	OWN_KEYBOARD,
	OWN_MOUSE,
	OWN_MOUSE_TWO_HANDS,
	AT_STANDING_SPOT,
	TWO_HANDS,
	WITH_ARMRESTS
} from './fact-groups';
