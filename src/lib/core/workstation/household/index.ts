export { COMPRESSED_FRACTION, placementModes, type PlacementMode } from './placement-modes';
export { isPad, PAD_KINDS, type PadKind } from './pads';
export { compareCodeUnits, pieceTypes, type PieceType } from './piece-types';
export {
	highestStackMm,
	MOUSE_LEVEL_TOLERANCE_MM,
	STATIONS,
	stationRules,
	type Footprint,
	type Station,
	type StationRule
} from './stations';
