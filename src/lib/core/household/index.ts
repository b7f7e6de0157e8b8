export { LEFT_UNDER_LOAD, modesOf, type Mode } from './modes';
export { byCodeUnit, pieceTypes, type PieceType } from './piece-types';
export {
	highestStackMm,
	MOUSE_LEVEL_MM,
	STATIONS,
	stationRules,
	type Footprint,
	type Station,
	type StationRule
} from './stations';
