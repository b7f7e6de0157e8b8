export { distanceOutside, guarded, type Band } from './band';
export { bandsFor, DEFAULT_WAY, forearmsOnSurface, type Bands } from './ways';
