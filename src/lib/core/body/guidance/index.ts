export { offeredSittingStyles } from './offered-sitting-styles';
export { distanceOutsideBand, PLANNING_MARGIN_MM, narrowBand, type Band } from './band';
export {
	bandsFor,
	DEFAULT_SITTING_STYLE,
	ELBOW_TO_HAND,
	forearmsOnSurface,
	type Bands
} from './sitting-styles';
