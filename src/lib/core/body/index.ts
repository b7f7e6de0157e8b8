export {
	bodyOf,
	estimateBodyLength,
	LENGTHS_BY_POSTURE,
	type Body,
	type BodyLength,
	type ToldLengthName
} from './body-length';
export { bodyMethodSd, METHOD_SD, SMALL_PART_SD } from './method-uncertainty';
export { SEGMENT_OF_STATURE, type Distribution, type ReachLengthName } from './proportions';
export { tellFromStature, type ToldLength } from './tell-from-stature';
