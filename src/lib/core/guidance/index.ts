export { offeredWays } from './offered-ways';
export { distanceOutside, GUARD_MM, guarded, type Band } from './band';
export { bandsFor, DEFAULT_WAY, ELBOW_TO_HAND, forearmsOnSurface, type Bands } from './ways';
