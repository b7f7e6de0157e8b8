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
export { CORNER_BOUNDS, LONGEST_LABEL, MOST_HOUSEHOLD_ITEMS, cornerSchema } from './corner-schema';
export { pointingHandOf, type Hands } from './pointing-hand';
export {
	footBarOf,
	judgedDepthOf,
	mayHaveFootBar,
	kindOfSeat,
	seatKindOf,
	SEAT_RULES,
	seatRulesOf,
	type SeatRules
} from './seat-kinds';
export {
	ARMS,
	BACKS,
	BODY_LENGTHS,
	CARES,
	HANDS,
	HOUSEHOLD_KINDS,
	KEYS_KINDS,
	LENSES,
	MEASURING_METHODS,
	MOUSE_KINDS,
	POSTURES,
	SCREEN_KINDS,
	SEXES,
	SURFACE_KINDS,
	WAYS,
	WRISTS,
	SEAT_KINDS,
	type Arms,
	type BodyLengthName,
	type Care,
	type Hand,
	type HouseholdKind,
	type Lenses,
	type MeasuringMethod,
	type SeatKind,
	type SurfaceKind,
	type Way
} from './vocabulary';
