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
	Surface
} from './corner';
export { CORNER_BOUNDS, LONGEST_LABEL, MOST_HOUSEHOLD_ITEMS, cornerSchema } from './corner-schema';
export {
	BACKS,
	BODY_LENGTHS,
	HANDS,
	HOUSEHOLD_KINDS,
	KEYS_KINDS,
	LENSES,
	MEASURING_METHODS,
	MOUSE_KINDS,
	POSTURES,
	SCREEN_KINDS,
	SEXES,
	WAYS,
	WRISTS,
	type BodyLengthName,
	type HouseholdKind,
	type Lenses,
	type MeasuringMethod,
	type Way
} from './vocabulary';
