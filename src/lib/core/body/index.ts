export { bodyOf, estimateBodyLength, LENGTHS_BY_POSTURE, type Body, type BodyLength } from './body-length';
export { bodyMethodSd, METHOD_SD, SMALL_PART_SD } from './method-uncertainty';
export { SEGMENT_OF_STATURE } from './proportions';
