export type {
	Corner,
	HouseholdItem,
	Keys,
	MeasuredBody,
	MeasuredLength,
	Person,
	Range,
	Screen,
	Seat,
	Spot,
	Surface,
	Tray
} from './corner';
export { CORNER_FORMATS } from './corner';
// The schema itself isn't among these: a page that checks a length by its bounds would load all of it.
export { CORNER_BOUNDS, MAX_LABEL_CHARS, MAX_HOUSEHOLD_ITEMS } from './corner-bounds';
export { pointingHandOf, type HandUse } from './pointing-hand';
export {
	footBarOf,
	seatDepthToCheck,
	mayHaveFootBar,
	seatKindOrChair,
	seatKindOf,
	SEAT_RULES,
	seatRulesOf,
	type SeatRules
} from './seat-kinds';
export {
	WORKING_ARMS,
	BACK_RELIEF,
	BODY_LENGTHS,
	PRECAUTIONS,
	HANDS,
	HOUSEHOLD_KINDS,
	KEYBOARD_KINDS,
	LENSES,
	BODY_MEASURING_METHODS,
	MEASURING_METHODS,
	MOUSE_KINDS,
	POSTURES,
	SCREEN_KINDS,
	SEXES,
	SURFACE_KINDS,
	SITTING_STYLES,
	WRISTS,
	SEAT_KINDS,
	type WorkingArms,
	type BodyLengthName,
	type Precaution,
	type Hand,
	type HouseholdKind,
	type Lenses,
	type BodyMeasuringMethod,
	type MeasuringMethod,
	type SeatKind,
	type SurfaceKind,
	type SittingStyle
} from './vocabulary';
