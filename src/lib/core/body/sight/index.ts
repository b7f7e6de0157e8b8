export { checkGaze, GAZE_GOOD_DEG, GAZE_PUBLISHED_DEG, gazeAngle, type GazeCheck } from './gaze';
export {
	checkLegibility,
	LETTER_ARC_MINUTES,
	letterAngle,
	letterHeight,
	type Legibility
} from './legibility';
export {
	checkDistance,
	distanceBand,
	viewingDistanceWith,
	type DistanceBand,
	type DistanceState,
	type ViewingDistance
} from './viewing-distance';
