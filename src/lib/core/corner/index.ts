export type {
	BodyLengthName,
	Corner,
	HouseholdItem,
	HouseholdKind,
	Keys,
	Lenses,
	MeasuredBody,
	MeasuredLength,
	MeasuringMethod,
	Person,
	Range,
	Screen,
	Seat,
	Spot,
	Surface,
	Way
} from './corner';
export { CORNER_BOUNDS, LONGEST_LABEL, MOST_HOUSEHOLD_ITEMS, cornerSchema } from './corner-schema';
