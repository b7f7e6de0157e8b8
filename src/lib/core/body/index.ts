export {
	bodyOf,
	estimateBodyLength,
	LENGTHS_BY_POSTURE,
	type Body,
	type BodyLength,
	type EstimatedLengthName
} from './body-length';
export { bodyMethodSd, METHOD_SD, SMALL_PART_SD } from './method-uncertainty';
export { SEGMENT_OF_STATURE, type Distribution, type ReachLengthName } from './proportions';
export { estimateFromStature, type EstimatedLength } from './estimate-from-stature';
