export type { DrawnLevelName } from './drawn-levels';
export { drawnDimension, type DrawnDimension } from './drawn-dimension';
export { sideViewOf, type DrawnGap, type GoodZone, type DrawnLevel, type SideView } from './side-view';
export { itemOfPiece, type DrawnPiece, type DrawnFurniture } from './drawn-furniture';
export { DRAWING_STYLES, type DrawingStyle } from './drawing-style';
export type { FigureOutline } from './figure-outline';
export type { Rectangle, Point } from './geometry';
export {
	REMEASURED_FIELDS,
	remeasuredHeightsOf,
	type RemeasuredHeights,
	type MeasuredHeights,
	type RemeasuredField
} from './remeasured-heights';
export { idealCorner, idealOtherPosture } from './ideal-corner';
