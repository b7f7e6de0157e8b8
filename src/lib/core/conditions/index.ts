export { ACTS, undoes, type Act } from './acts';
export { factsOf, handsOf, yesNo, type FactName, type Facts, type FactSource } from './facts';
export { holdsFor, type Holds } from './holds';
export {
	ALL_THE_WAY_BACK,
	AT_A_TABLE,
	BACK_IS_USED,
	FEET_DOWN,
	GETS_UP,
	HOLLOW_IS_FILLED,
	IN_A_WHEELCHAIR,
	KEYS_ARE_CLOSE,
	LEANING,
	LOW_LENSES,
	ON_A_SOFT_SEAT,
	OWN_KEYBOARD,
	OWN_MOUSE,
	OWN_MOUSE_TWO_HANDS,
	STANDING,
	TWO_HANDS,
	WITH_ARMRESTS
} from './groups';
